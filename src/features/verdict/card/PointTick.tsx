'use client';
import { Box, Flex, Input, Text } from '@chakra-ui/react';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import type { InspectionPoint, PaperPoint } from '@/core/inspection';
import { MENDING_LIMITS } from '@/core/donor';
import { PressRow } from '@/ui/fields';
import { pointWords } from '@/ui/messages';
import { amountText, readAmount } from '@/ui/stored';
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
  const currency = cost?.currency ?? model.reader.currency;
  const rules = {
    quantity: { kind: 'sum', currency },
    limits: MENDING_LIMITS,
    required: false,
  } as const;
  const text = typed ?? amountText(rules.quantity, cost?.amount);
  const read = readAmount(text, rules);
  const wrong = read.kind === 'fault';
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
          const next = readAmount(e.target.value, rules);
          if (next.kind === 'value') model.setCost(point, next.value);
        }}
        onBlur={() => !wrong && setTyped(undefined)}
      />
      <Text>{currency}</Text>
      <Text fontSize="sm" color={wrong ? 'fail' : 'fg.muted'}>
        {wrong && read.words}
        {!wrong && (cost ? 'counts in the outlay' : 'not known, so not in the outlay yet')}
      </Text>
    </Flex>
  );
}
