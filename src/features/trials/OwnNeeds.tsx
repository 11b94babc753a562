'use client';
import { Box, Button, Text } from '@chakra-ui/react';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import { REVS_NEEDS, type LearnedWant, type OwnNeedKey } from '@/core/preference';
import { Panel } from '@/ui/fields';
import { formatBase, formatWithUnit, METRIC_WORDS, optionWords, type Reader } from '@/ui/messages';
import type { OwnNeed } from './own-needs';
import type { TrialsModel } from './use-trials';

/** What the rides of all machines say of this rider's needs: as is usual, as learned, how sure; taken into the weighing by a press. */
export function OwnNeeds({ model }: { readonly model: TrialsModel }) {
  const { ownNeeds, reader } = model;
  if (ownNeeds.length === 0) return null;
  return (
    <Panel title="What you need, as felt">
      <Text fontSize="sm" color="fg.muted">
        A mark says how much a figure was worth to you there. Together the marks of all machines
        move what is usually needed, as far as they are sure; the fit goes by it once you take it.
      </Text>
      <Box
        as="table"
        fontSize="sm"
        width="100%"
        mt="1"
        css={{
          '& td, & th': { padding: '4px 10px 4px 0', textAlign: 'left', fontWeight: 400 },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
        }}
      >
        <thead>
          <tr>
            <th>Need</th>
            <th>usual</th>
            <th>as felt, nine in ten</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {ownNeeds.map((own) => (
            <Row key={own.want} own={own} reader={reader} take={model.takeNeed} />
          ))}
        </tbody>
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1">
        Own assumption: nine riders in ten need within a quarter of the span from worst to best of
        what is usual, and a mark lies within one mark. A first impression counts half. A ride with
        parts on counts while they are the parts of its build.
      </Text>
    </Panel>
  );
}

/** The metric a need is one of, and its words: revs are called fine engine by engine. */
function ofNeed(key: OwnNeedKey) {
  const layout = REVS_NEEDS.some((r) => r === key) ? key.slice('revs/'.length) : undefined;
  const metric = layout === undefined ? (key as LearnedWant) : 'cruiseRevs';
  const { short } = METRIC_WORDS[metric];
  return {
    metric,
    words: layout === undefined ? short : `${short}, ${optionWords('layout', layout)}`,
  } as const;
}

function Row({
  own: { want, usual, need, sureAfter, machines, taken },
  reader,
  take,
}: {
  readonly own: OwnNeed;
  readonly reader: Reader;
  readonly take: TrialsModel['takeNeed'];
}) {
  const { metric, words } = ofNeed(want);
  const { dimension, better } = METRIC_DEFINITIONS[metric];
  const sign = better === 'less' ? '≤' : '≥';
  const asShown = (x: number) => formatBase(x, dimension, reader);
  const same = taken !== undefined && asShown(usual + taken) === asShown(need);
  return (
    <tr>
      <th scope="row">
        <b>{words}</b>
        <Text fontSize="xs" color="fg.muted">
          {machines === 0
            ? 'no ride says so any more'
            : machines === 1
              ? 'one machine'
              : `${machines} machines`}
        </Text>
      </th>
      <td>
        {sign} {formatWithUnit(usual, dimension, reader)}
      </td>
      <td>
        <b>
          {sign} {formatWithUnit(need, dimension, reader)}
        </b>
        {sureAfter !== undefined && (
          <Text fontSize="xs" color="fg.muted">
            {asShown(need - sureAfter)} to {asShown(need + sureAfter)}
          </Text>
        )}
      </td>
      <td>
        {taken !== undefined && (
          <Text fontSize="xs">{same ? 'Taken' : `Taken as ${asShown(usual + taken)}`}</Text>
        )}
        {!same && machines > 0 && (
          <Button
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            aria-label={`${words}: take the need as felt`}
            onClick={() => take(want, need - usual)}
          >
            Take it
          </Button>
        )}
        {taken !== undefined && (
          <Button
            size="xs"
            variant="ghost"
            aria-label={`${words}: back to what is usual`}
            onClick={() => take(want, undefined)}
          >
            Back to usual
          </Button>
        )}
      </td>
    </tr>
  );
}
