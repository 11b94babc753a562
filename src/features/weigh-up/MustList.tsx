'use client';
import { Button, Text } from '@chakra-ui/react';
import { settledBy, type MustResult } from '@/core/assessment';
import type { MustKey } from '@/core/brief';
import { shortName } from '@/core/donor';
import { useDossierStore } from '@/store/react';
import { MustLine } from '@/ui/marks/MustSign';
import { closerWords, MUST_WORDS, settleWords, type Reader } from '@/ui/messages';
import type { WeighRow } from './use-weigh-up';

/** Whether the rider may take it as kept: nobody has given what it is judged by, and the class does not break it. */
const isUntold = (m: MustResult): boolean =>
  m.verdict === 'not-known' || (m.verdict === 'unsure' && m.typical !== undefined);

/** Every must of a candidate: how it stands, what would settle or turn it, and the rider's own word where nobody has given the figure. */
export function MustList({ row, reader }: { readonly row: WeighRow; readonly reader: Reader }) {
  const store = useDossierStore();
  const { assessment, entry, closers } = row;
  const { candidate, donor } = entry;
  const taken = candidate.takenAsKept ?? [];
  const take = (key: MustKey, on: boolean) => {
    const after = on ? [...taken, key] : taken.filter((k) => k !== key);
    store.execute({
      label: { code: 'take-as-kept', facts: { name: shortName(donor), must: key } },
      changes: [
        {
          table: 'candidates',
          key: candidate.id,
          path: ['takenAsKept'],
          before: candidate.takenAsKept,
          after: after.length > 0 ? after : undefined,
        },
      ],
    });
  };
  return (
    <>
      {assessment.musts.map((m) => {
        const closer =
          m.verdict === 'fail' || m.verdict === 'unsure' ? closers.get(m.key) : undefined;
        const settles = settledBy(m, assessment.figures);
        return (
          <MustLine key={m.key} must={m} reader={reader}>
            <Text as="span" color="fg.muted">
              {settles && `. ${settleWords(settles)}`}
              {closer && `. ${closerWords(closer, reader)}`}
            </Text>
            {(isUntold(m) || m.taken) && (
              <Button
                size="2xs"
                variant="outline"
                ml="2"
                aria-label={`${MUST_WORDS[m.key]}: ${m.taken ? 'do not take it as kept' : 'take it as kept'}`}
                onClick={() => take(m.key, !m.taken)}
              >
                {m.taken ? 'Do not take it as kept' : 'Take it as kept'}
              </Button>
            )}
          </MustLine>
        );
      })}
    </>
  );
}
