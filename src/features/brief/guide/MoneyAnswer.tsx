'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { AnswerProps } from './answer-props';
import { CurrencyField } from '../CurrencyField';
import { BriefFigureField } from '../BriefFields';
import { formatWithUnit } from '@/ui/messages';
import { spendable } from '@/core/brief';

/** Parts of a whole in one bar, named under it. */
export function Bar({
  parts,
  words,
  whole,
}: {
  readonly parts: readonly { readonly name: string; readonly of: number }[];
  readonly words: (n: number) => string;
  readonly whole: string;
}) {
  const there = parts.filter((p) => p.of > 0);
  const sum = there.reduce((s, p) => s + p.of, 0);
  return (
    <Box my="2" maxW="460px">
      <Flex height="30px" borderWidth="1px" borderColor="border.emphasized" aria-hidden>
        {there.map((p, i) => (
          <Box
            key={p.name}
            style={{ flexGrow: p.of, opacity: 1 - i * 0.3 }}
            flexBasis="0"
            bg="accent"
            borderRightWidth="2px"
            borderColor="bg"
          />
        ))}
      </Flex>
      <Text fontSize="sm" mt="1">
        {there.map((p) => `${p.name} ${words(p.of)}`).join(' + ')} = <b>{words(sum)}</b> {whole}
      </Text>
    </Box>
  );
}

export function MoneyAnswer({ model }: AnswerProps) {
  const { brief, reader } = model;
  const rest = spendable(brief.money);
  return (
    <>
      <CurrencyField model={model} />
      <BriefFigureField model={model} path="money.budget" hint="everything" />
      <BriefFigureField
        model={model}
        path="money.tripFund"
        hint="what must stay for travelling; not to be touched"
      />
      {rest > 0 ? (
        <Bar
          parts={[
            { name: 'machine, parts and fitting', of: rest },
            { name: 'gear', of: brief.money.gear },
            { name: 'stays', of: brief.money.tripFund },
          ]}
          words={(n) => formatWithUnit(n, 'money', reader)}
          whole="in all"
        />
      ) : (
        <Text color="fail" fontWeight="600" role="alert">
          Nothing is left for a machine: what must stay and the gear take{' '}
          {formatWithUnit(brief.money.tripFund + brief.money.gear, 'money', reader)}.
        </Text>
      )}
    </>
  );
}
