'use client';
import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import type { InspectionPoint, PaperPoint } from '@/core/inspection';
import { parseNumber } from '@/core/units';
import { PressRow } from '@/ui/fields';
import { pointWords, trimmed } from '@/ui/messages';
import type { CardModel } from './use-card';

interface PointTickProps {
  readonly point: InspectionPoint | PaperPoint;
  readonly grave: boolean;
  readonly papers?: boolean;
  readonly model: CardModel;
}

/** One point of the walk: good or bad, and what a bad one costs to put right. */
export function PointTick({ point, grave, papers = false, model }: PointTickProps) {
  const { name, good, bad } = pointWords(point);
  const tick = model.seen.ticks?.[point];
  return (
    <Flex
      gap="3"
      py="2.5"
      align="center"
      wrap="wrap"
      borderTopWidth="1px"
      borderColor="border.muted"
      _first={{ borderTopWidth: 0 }}
    >
      <Box flex="1 1 220px" minW="0">
        <Text fontWeight="700" fontSize="md">
          {name}
        </Text>
        <Text fontSize="sm" color="fg.muted">
          {good}
        </Text>
      </Box>
      <Box flex="0 0 230px">
        <PressRow
          large
          label={name}
          value={tick}
          onPress={(t) => model.tick(point, t)}
          options={[
            { value: 'good', words: 'good', mark: <Check size={20} /> },
            { value: 'bad', words: 'bad', mark: <X size={20} /> },
          ]}
        />
      </Box>
      {tick === 'bad' && (
        <Box width="100%">
          {papers ? (
            <Text color="fail" fontWeight="600">
              {bad.charAt(0).toUpperCase() + bad.slice(1)}: clear it up before you pay; the
              registry, the maker and your insurer can tell.
            </Text>
          ) : (
            <>
              <Cost point={point} name={name} model={model} />
              {grave && (
                <Text color="fail" fontWeight="600" mt="1">
                  A qualified workshop looks at this before it is ridden.
                </Text>
              )}
            </>
          )}
        </Box>
      )}
    </Flex>
  );
}

function Cost({
  point,
  name,
  model,
}: {
  readonly point: InspectionPoint | PaperPoint;
  readonly name: string;
  readonly model: CardModel;
}) {
  const cost = model.costOf(point);
  const [typed, setTyped] = useState<string>();
  const text = typed ?? (cost ? trimmed(cost.amount) : '');
  const amount = parseNumber(text);
  const wrong = text.trim() !== '' && !(amount !== undefined && amount >= 0 && amount <= 100_000);
  return (
    <Flex gap="2" align="center" wrap="wrap">
      <Text>Putting it right costs about</Text>
      <Input
        aria-label={`Cost of putting right: ${name}`}
        inputMode="decimal"
        width="110px"
        height="44px"
        textAlign="right"
        bg="bg.panel"
        borderWidth="2px"
        borderColor={wrong ? 'fail' : 'border.emphasized'}
        aria-invalid={wrong || undefined}
        value={text}
        onChange={(e) => {
          setTyped(e.target.value);
          const n = parseNumber(e.target.value);
          if (e.target.value.trim() === '') model.setCost(point, undefined);
          else if (n !== undefined && n >= 0 && n <= 100_000) model.setCost(point, n);
        }}
        onBlur={() => !wrong && setTyped(undefined)}
      />
      <Text>{cost?.currency ?? model.reader.currency}</Text>
      <Text fontSize="sm" color={wrong ? 'fail' : 'fg.muted'}>
        {wrong
          ? 'A sum from 0 to 100 000.'
          : cost
            ? 'counts in the outlay'
            : 'not known, so not in the outlay yet'}
      </Text>
    </Flex>
  );
}
