'use client';
import { Box, Button, Flex, IconButton, Text } from '@chakra-ui/react';
import { Ban, Check, Pencil, Pin, Plus } from 'lucide-react';
import { Link } from '@/ui/Link';
import { partPrice } from '@/core/money';
import type { Part } from '@/core/part';
import { formatNumber, formatQuoted, partFacts } from '@/ui/messages';
import type { BuildModel } from './use-build';

/** Larger where it is tapped. */
const SIZE = { base: 'sm', md: 'xs' } as const;

/** One part of the catalogue: what it costs, weighs and does, and the reason when it cannot be fitted. */
export function PartRow({ part, model }: { readonly part: Part; readonly model: BuildModel }) {
  const { reader, standing, refusal } = model;
  const on = model.chosen.has(part.id);
  const own = partPrice(part, standing.brief.money);
  const wish = model.wish(part.id);
  const facts = partFacts(part, reader);
  return (
    <Box
      borderTopWidth="1px"
      borderColor="border.muted"
      py="1.5"
      bg={on ? 'accent.soft' : undefined}
      px="2"
      mx="-2"
    >
      <Flex align="center" columnGap="3" rowGap="1.5" wrap={{ base: 'wrap', md: 'nowrap' }}>
        <Button
          size={SIZE}
          minW="84px"
          variant={on ? 'solid' : 'outline'}
          bg={on ? 'accent' : 'bg.panel'}
          color={on ? 'accent.ink' : 'fg'}
          borderColor="border.emphasized"
          aria-pressed={on}
          aria-label={`${on ? 'Take off' : 'Fit'} ${part.name}`}
          onClick={() => model.toggle(part)}
        >
          {on ? (
            <>
              <Check size={14} /> Fitted
            </>
          ) : (
            <>
              <Plus size={14} /> Fit
            </>
          )}
        </Button>
        <Box
          flex={{ base: '1 0 100%', md: '1' }}
          order={{ base: -1, md: 0 }}
          minW="0"
          lineHeight="1.3"
        >
          <Text fontWeight={on ? '700' : '500'}>{part.name}</Text>
          <Text fontSize="xs" color="fg.muted">
            {facts.join(' · ')}
            {part.note ? `. ${part.note}` : ''}
          </Text>
        </Box>
        <Flex gap={{ base: '1', md: '0' }} flexShrink={0}>
          <IconButton
            size={SIZE}
            variant={wish === 'pinned' ? 'solid' : 'ghost'}
            aria-pressed={wish === 'pinned'}
            aria-label={`Always plan ${part.name}`}
            title="every plan must hold it"
            onClick={() => model.setWish(part, wish === 'pinned' ? 'free' : 'pinned')}
          >
            <Pin size={14} />
          </IconButton>
          <IconButton
            size={SIZE}
            variant={wish === 'banned' ? 'solid' : 'ghost'}
            aria-pressed={wish === 'banned'}
            aria-label={`Never plan ${part.name}`}
            title="no plan may hold it"
            onClick={() => model.setWish(part, wish === 'banned' ? 'free' : 'banned')}
          >
            <Ban size={14} />
          </IconButton>
          <IconButton
            asChild
            size={SIZE}
            variant="ghost"
            aria-label={`Edit ${part.name}`}
            title="edit it in the catalogue"
          >
            <Link href={`/build/catalogue?part=${encodeURIComponent(part.id)}`}>
              <Pencil size={14} />
            </Link>
          </IconButton>
        </Flex>
        <Box textAlign="right" whiteSpace="nowrap" ml="auto" minW={{ md: '84px' }}>
          <Text fontWeight="700">
            {own.kind === 'nominal' ? 'about ' : ''}
            {own.kind === 'no-rate' ? '?' : formatNumber(own.amount)}{' '}
            <Text as="span" fontSize="xs" fontWeight="400">
              {reader.currency}
            </Text>
          </Text>
          {part.price.currency !== reader.currency && (
            <Text fontSize="xs" color="fg.muted">
              {formatQuoted(part.price.amount, part.price.currency)}
            </Text>
          )}
        </Box>
      </Flex>
      {refusal?.partId === part.id && (
        <Flex
          role="alert"
          mt="1.5"
          gap="2"
          direction="column"
          align="flex-start"
          borderLeftWidth="4px"
          borderColor="fail"
          pl="3"
          bg="bg.panel"
          py="1"
        >
          <Text color="fail" fontWeight="600">
            {on ? 'Stays fitted: ' : 'Not fitted: '}
            {refusal.reasons.join(' ')}
          </Text>
          {refusal.together && (
            <Button
              size="xs"
              variant="outline"
              borderColor="border.emphasized"
              whiteSpace="normal"
              height="auto"
              py="1"
              onClick={refusal.together.run}
            >
              {refusal.together.words}
            </Button>
          )}
        </Flex>
      )}
    </Box>
  );
}
