'use client';
import { Text } from '@chakra-ui/react';
import { shortName } from '@/core/donor';
import { leading } from '@/core/preference';
import type { Standing } from '@/store/queries';
import type { DoubtViewModel } from '@/store/running';
import { drawnWords, Reader } from '@/ui/messages';
import { headline } from '../headline';
import { inKind } from '../pairs/why';
import { rowsOf, State, type View } from '../use-weigh-up';
import { mustsNotKnown } from './not-known';

interface AnswerProps {
  readonly doubt: DoubtViewModel;
  readonly standing: Standing;
  readonly state: State;
  readonly name: (id: string) => string;
  readonly reader: Reader;
}

/** What speaks for each of two that are level, in figures. */
function kinds(
  standing: Standing,
  view: View,
  first: string,
  second: string,
  reader: Reader,
): readonly string[] {
  const [a, b] = [first, second].map((id) =>
    standing.candidates.find((c) => c.candidate.id === id),
  );
  return a && b
    ? inKind(
        {
          name: shortName(a.donor),
          assessment: view === 'stock' ? a.stock : a.built,
          score: view === 'stock' ? a.stockScore : a.builtScore,
        },
        {
          name: shortName(b.donor),
          assessment: view === 'stock' ? b.stock : b.built,
          score: view === 'stock' ? b.stockScore : b.builtScore,
        },
        reader,
      )
    : [];
}

/** The weigh-up's answer, then how often it comes out so. */
export function Answer({ doubt: { result, order }, standing, state, name, reader }: AnswerProps) {
  const view = state === 'stock' ? 'stock' : 'built';
  const { answer } = headline(rowsOf(standing, view), state);
  const ranking = view === 'stock' ? standing.stockRanking : standing.builtRanking;
  const [first, second] = order;
  const { kind, first: level } = leading(ranking);
  return (
    <>
      <Text fontSize="lg" fontWeight="600">
        {answer}
      </Text>
      {result && first !== undefined && second !== undefined ? (
        drawnWords(result, [first, second], name, mustsNotKnown(standing, view)).map((words) => (
          <Text key={words}>{words}</Text>
        ))
      ) : (
        <Text color="fg.muted">Drawing …</Text>
      )}
      {kind !== 'broken' && level.length > 1 && first !== undefined && second !== undefined && (
        <>
          <Text>No arithmetic parts them; choose by what differs in kind:</Text>
          {kinds(standing, view, first, second, reader).map((words) => (
            <Text key={words}>{words}</Text>
          ))}
        </>
      )}
    </>
  );
}
