'use client';
import { Button, Flex, Text } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';
import { MOST_HEART, type Felt, type Trial } from '@/core/evidence';
import { SELLER_QUESTIONS } from '@/core/inspection';
import { useState } from 'react';
import { Panel } from '@/ui/fields';
import {
  FELT_WORDS,
  FIGURE_WORDS,
  formatBase,
  formatQuoted,
  formatWithUnit,
  SELLER_WORDS,
  STANCE_WORDS,
  TRIAL_KIND_WORDS,
  TRIAL_TIME_WORDS,
  type Reader,
} from '@/ui/messages';
import { Ride } from './Ride';
import type { TrialsModel } from './use-trials';

/** One trial: what it was, and for a ride what was felt, part by part. */
export function TrialCard({
  trial,
  model,
  startsOpen,
}: {
  readonly trial: Trial;
  readonly model: TrialsModel;
  readonly startsOpen: boolean;
}) {
  const [open, setOpen] = useState(startsOpen);
  const title = `${TRIAL_KIND_WORDS[trial.kind].charAt(0).toUpperCase()}${TRIAL_KIND_WORDS[trial.kind].slice(1)}${trial.on ? `, ${trial.on}` : ''}`;
  return (
    <Panel
      title={title}
      aside={
        <Flex gap="1">
          {trial.kind === 'ride' && (
            <Button
              size="xs"
              variant="ghost"
              aria-expanded={open}
              aria-label={`${open ? 'Fold' : 'Open'}: ${title}`}
              onClick={() => setOpen(!open)}
            >
              {open ? 'Fold' : 'Open'}
            </Button>
          )}
          <Button
            size="xs"
            variant="ghost"
            aria-label={`Delete: ${title}`}
            onClick={() => model.remove(trial)}
          >
            <Trash2 size={14} />
          </Button>
        </Flex>
      }
    >
      <Seen trial={trial} />
      {trial.kind === 'ride' &&
        (open ? (
          <Ride trial={trial} model={model} />
        ) : (
          <Folded trial={trial} reader={model.reader} />
        ))}
    </Panel>
  );
}

/** A ride in a line: when, how long, and its marks. */
function Folded({
  trial: { when, conditions, observed },
  reader,
}: {
  readonly trial: Trial;
  readonly reader: Reader;
}) {
  const marks = Object.entries(observed.felt ?? {}) as [Felt, number][];
  const said = [
    when && TRIAL_TIME_WORDS[when],
    conditions?.minutes !== undefined && `${conditions.minutes} min`,
    conditions?.words,
    ...marks.map(([felt, mark]) => `${FELT_WORDS[felt].name.toLowerCase()} ${mark}`),
    observed.buzz &&
      `buzzes from ${formatBase(observed.buzz.from_kmh, 'speed', reader)} to ${formatWithUnit(observed.buzz.to_kmh, 'speed', reader)}`,
    observed.heart !== undefined && `heart ${observed.heart} of ${MOST_HEART}`,
  ].filter(Boolean);
  return (
    <Text fontSize="sm" color="fg.muted">
      {said.length > 0 ? said.join(', ') : 'nothing noted yet'}
    </Text>
  );
}

/** What was ticked and read, in a line. */
function Seen({ trial: { observed, note } }: { readonly trial: Trial }) {
  const said = [
    ...(observed.feet ? [`feet: ${STANCE_WORDS[observed.feet].toLowerCase()}`] : []),
    ...Object.entries(observed.figures ?? {}).map(
      ([key, r]) =>
        `${FIGURE_WORDS[key as keyof typeof FIGURE_WORDS].toLowerCase()} ${r ? formatQuoted(r.amount, r.unit) : ''}${r?.note ? ` (${r.note})` : ''}`,
    ),
    ...(observed.ticks ? [`${Object.keys(observed.ticks).length} points looked at`] : []),
    ...(observed.findings ?? []).map((f) => f.what),
    ...SELLER_QUESTIONS.flatMap((q) =>
      observed.answers?.[q] ? [`${SELLER_WORDS[q].ask} “${observed.answers[q]}”`] : [],
    ),
  ];
  return (
    <>
      {said.length > 0 && <Text>{said.join('; ')}.</Text>}
      {note && <Text color="fg.muted">{note}</Text>}
    </>
  );
}
