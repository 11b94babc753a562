'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { claimInFuel } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { differences, type WantKey } from '@/core/preference';
import { Choice, Panel } from '@/ui/fields';
import { OriginMark } from '@/ui/marks/OriginMark';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, formatWithUnit, METRIC_WORDS, inSentence } from '@/ui/messages';
import type { OnWorking } from '../table/Figure';
import type { WeighRow, WeighUpModel } from '../use-weigh-up';
import { figureWords, whyNot, whySentences } from './why';

/** The look of the points, want by want, set once. */
const TABLE_CSS = {
  '& td, & th': { padding: '3px 6px' },
  '& tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
  '& .n': { whiteSpace: 'nowrap' },
  '& .figure': { cursor: 'pointer', textDecoration: 'underline', textUnderlineOffset: '3px' },
  '& .want': { textAlign: 'center', fontSize: 'xs', lineHeight: 1.2 },
  '& .bars': { display: 'flex', height: '7px', bg: 'bg.subtle' },
  '& .half': { display: 'flex', flex: 1, justifyContent: 'flex-end' },
  '& .half + .half': {
    justifyContent: 'flex-start',
    borderLeftWidth: '2px',
    borderColor: 'border.emphasized',
  },
  '& .ours': { bg: 'fg' },
  '& .theirs': { bg: 'fg.subtle' },
} as const;

/** Two candidates against each other: the sentence, the points want by want, and whether the dearer one earns its price in fuel. */
export function HeadToHead({
  model,
  onWorking,
}: {
  readonly model: WeighUpModel;
  readonly onWorking: OnWorking;
}) {
  const { rows, reader } = model;
  const [picked, setPicked] = useState<readonly [string | undefined, string | undefined]>([
    undefined,
    undefined,
  ]);
  const of = (i: 0 | 1) => rows.find((r) => r.ranked.id === picked[i]) ?? rows[i];
  const [first, second] = [of(0), of(1)];
  if (!first || !second) return null;
  const options = rows.map((r) => ({ value: r.ranked.id, words: shortName(r.entry.donor) }));
  const pick = (i: 0 | 1, id: string) =>
    setPicked(
      i === 0
        ? [id, second.ranked.id === id ? first.ranked.id : second.ranked.id]
        : [first.ranked.id === id ? second.ranked.id : first.ranked.id, id],
    );
  const parts = differences(first.score, second.score);
  const most = Math.max(1, ...parts.map((d) => Math.abs(d.points)));
  const figure = (row: WeighRow, want: WantKey) => (
    <>
      {row.assessment.metrics[want].typical && (
        <>
          <OriginMark known="typical" small />{' '}
        </>
      )}
      <button
        type="button"
        className="figure"
        onClick={(e) =>
          onWorking(row, row.assessment.metrics[want], e.currentTarget.getBoundingClientRect())
        }
      >
        {figureWords(row, want, reader)}
      </button>
    </>
  );
  return (
    <Panel title="Head to head" below={900}>
      <Flex gap="2" align="center" wrap="wrap" mb="2">
        <Plate index={first.entry.candidate.plate} />
        <Choice
          aria-label="First of the pair"
          wide="200px"
          value={first.ranked.id}
          options={options}
          onChange={(e) => pick(0, e.target.value)}
        />
        <Text color="fg.muted">against</Text>
        <Plate index={second.entry.candidate.plate} />
        <Choice
          aria-label="Second of the pair"
          wide="200px"
          value={second.ranked.id}
          options={options}
          onChange={(e) => pick(1, e.target.value)}
        />
      </Flex>
      <Box aria-live="polite">
        {whySentences(first, second, reader).map((s, i) => (
          <Text key={s} fontWeight={i === 0 ? '700' : '400'}>
            {s}
          </Text>
        ))}
        {[first, second]
          .flatMap((r) => whyNot(r, reader))
          .map((s) => (
            <Text key={s} color="fail">
              {s}
            </Text>
          ))}
      </Box>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label="Points want by want" mt="2">
        <Box as="table" width="100%" css={TABLE_CSS}>
          <thead>
            <tr>
              <th style={{ textAlign: 'right' }}>{shortName(first.entry.donor)}</th>
              <th style={{ textAlign: 'center' }}>points ahead</th>
              <th style={{ textAlign: 'left' }}>{shortName(second.entry.donor)}</th>
            </tr>
          </thead>
          <tbody>
            {parts.map(({ want, points }) => (
              <tr key={want}>
                <td className="n" style={{ textAlign: 'right' }}>
                  {figure(first, want)}
                </td>
                <td style={{ width: '44%', minWidth: 150 }}>
                  <div className="want">
                    {METRIC_WORDS[want].short}{' '}
                    <b>
                      {points === 0
                        ? '0'
                        : `${points > 0 ? '◂ ' : ''}${formatNumber(Math.abs(points), 1)}${points < 0 ? ' ▸' : ''}`}
                    </b>
                  </div>
                  <div className="bars" aria-hidden>
                    <div className="half">
                      <div
                        className="ours"
                        style={{ width: `${(Math.max(0, points) / most) * 100}%` }}
                      />
                    </div>
                    <div className="half">
                      <div
                        className="theirs"
                        style={{ width: `${(Math.max(0, -points) / most) * 100}%` }}
                      />
                    </div>
                  </div>
                </td>
                <td className="n">{figure(second, want)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <FuelClaim first={first} second={second} model={model} />
    </Panel>
  );
}

/** “It pays for itself in fuel”: the arithmetic of the claim. */
function FuelClaim({
  first,
  second,
  model,
}: {
  readonly first: WeighRow;
  readonly second: WeighRow;
  readonly model: WeighUpModel;
}) {
  const {
    reader,
    standing: {
      brief: { money },
    },
  } = model;
  const dear = (row: WeighRow) => {
    const { estimate } = row.assessment.metrics.outlay;
    return estimate.kind === 'known' ? estimate.interval.mid : 0;
  };
  const [dearer, cheaper] = dear(first) >= dear(second) ? [first, second] : [second, first];
  const claim = claimInFuel(dearer.assessment.metrics, cheaper.assessment.metrics, money);
  const name = shortName(dearer.entry.donor);
  const words = () => {
    switch (claim.kind) {
      case 'unknown':
        return `cannot be said, for want of ${claim.missing.map((m) => inSentence(m)).join(', ')}.`;
      case 'never':
        return `${name} costs ${formatWithUnit(claim.extra, 'money', reader)} more and saves no fuel: never.`;
      case 'years':
        return `${name} costs ${formatWithUnit(claim.extra, 'money', reader)} more and saves ${formatWithUnit(claim.saved_perYear, 'money', reader)} of fuel a year: after ${formatNumber(claim.years, 1)} years.`;
    }
  };
  return (
    <Text fontSize="sm" mt="2">
      <b>Does the dearer one earn its price in fuel?</b> {words()}
    </Text>
  );
}
