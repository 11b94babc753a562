'use client';
import { Text } from '@chakra-ui/react';
import type { Metric, MetricKey } from '@/core/assessment';
import { figureMore } from '@/core/stakes';
import { listWords, METRIC_WORDS, inSentence } from '@/ui/messages';

/** How many metrics a sentence names before it counts the rest. */
const NAMED = 4;

const namesOf = (keys: readonly MetricKey[]): string => {
  const names = keys.slice(0, NAMED).map((k) => METRIC_WORDS[k].short.toLowerCase());
  return keys.length > NAMED
    ? `${names.join(', ')} and ${keys.length - NAMED} more`
    : listWords(names);
};

/** The one reading that would bring most to what is shown below; nothing where every figure is read. */
export function FigureMore({ metrics }: { readonly metrics: readonly Metric[] }) {
  const found = figureMore(metrics);
  const opens = found.find((f) => f.opens.length > 0);
  const firms = found
    .filter((f) => f.firms.length > 0)
    .toSorted((a, b) => b.firms.length - a.firms.length)[0];
  if (!opens && !firms) return null;
  const name = (of: { readonly name: string }) => inSentence(of.name);
  return (
    <Text mb="2" maxW="90ch">
      {opens && (
        <>
          One figure more: <b>{name(opens)}</b> alone would tell {namesOf(opens.opens)}, not known
          without it.{' '}
        </>
      )}
      {firms && (
        <>
          {opens ? 'And ' : 'One figure more: '}
          <b>{name(firms)}</b> is only typical of the class; read, it would firm{' '}
          {namesOf(firms.firms)}.
        </>
      )}
    </Text>
  );
}
