'use client';
import { Flex, IconButton, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import type { Trial } from '@/core/evidence';
import { isFactKey, type FactKey } from '@/core/facts';
import type { FigureKey } from '@/core/readings';
import { withoutObserved } from '@/store/trial-changes';
import { useDossierState, useDossierStore } from '@/store/react';
import { OriginMark } from '@/ui/marks/OriginMark';
import { formatQuoted, optionWords, ORIGIN_WORDS, inSentence } from '@/ui/messages';

/** What was read of one line of the sheet when the machine was tried; it counts beside what stands above and is changed on the card. */
export function SeenRows({
  donorId,
  name,
  line,
}: {
  readonly donorId: string;
  readonly name: string;
  readonly line: FigureKey | FactKey;
}) {
  const store = useDossierStore();
  const trials = useDossierState((s) => s.dossier.trials);
  const seen = Object.values(trials).flatMap((trial) => {
    const words = trial.donorId === donorId ? wordsOf(trial, line) : undefined;
    return words ? [{ trial, ...words }] : [];
  });
  if (seen.length === 0) return null;
  const drop = (trial: Trial) =>
    store.execute({
      label: { code: 'visit', facts: { name, what: inSentence(line) } },
      changes: [withoutObserved(trial, line)],
    });
  return (
    <>
      {seen.map(({ trial, words, origin }) => (
        <Flex key={trial.id} fontSize="sm" pl={{ xl: '126px' }} gap="1.5" align="center">
          <OriginMark known={origin} />
          <Text flex="1">
            <b>{words}</b>{' '}
            <Text as="span" color="fg.muted">
              {ORIGIN_WORDS[origin]}, seen when you tried it{trial.on ? `, ${trial.on}` : ''}
            </Text>
          </Text>
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`Take back what was seen: ${inSentence(line)}`}
            onClick={() => drop(trial)}
          >
            <X size={14} />
          </IconButton>
        </Flex>
      ))}
    </>
  );
}

function wordsOf({ observed }: Trial, line: FigureKey | FactKey) {
  if (isFactKey(line)) {
    const reading = observed.facts?.[line];
    return reading && { words: optionWords(line, reading.value), origin: reading.origin };
  }
  const reading = observed.figures?.[line];
  return reading && { words: formatQuoted(reading.amount, reading.unit), origin: reading.origin };
}
