'use client';
import { Box, Button, Text } from '@chakra-ui/react';
import { memo, useCallback, useState, type CSSProperties } from 'react';
import { briefForPurpose, GROUNDS } from '@/core/brief';
import { shortName } from '@/core/donor';
import { swingPoints, WANT_KEYS, wantDefinition, type WantKey } from '@/core/preference';
import { BRIEF_KEY } from '@/store/records';
import { useDossierStore } from '@/store/react';
import { purposeChange } from '@/store/purpose-change';
import { RangeInput } from '@/ui/fields';
import { Link } from '@/ui/Link';
import { formatNumber, GROUND_WORDS, listWords, METRIC_WORDS, SCHOOL_WORDS } from '@/ui/messages';
import type { WeighUpModel } from './use-weigh-up';

const ROWS_CSS = {
  '& .share': { width: '44px', textAlign: 'right', color: 'fg.muted', fontSize: 'xs' },
  '& .reset': {
    paddingInline: '4px',
    height: '32px',
    fontSize: 'xs',
    fontWeight: 600,
    cursor: 'pointer',
    borderRadius: 'plate',
    _hover: { bg: 'bg.subtle' },
  },
} as const;

/** What counts and how much: from the ground, tilted by what the rider believes, then by the rider's own hand. */
export const WhatCounts = memo(function WhatCounts({ model }: { readonly model: WeighUpModel }) {
  const [table, setTable] = useState(false);
  const { brief, weights, purpose } = model.standing;
  const usual = swingPoints(brief);
  const moved = WANT_KEYS.filter((want) => brief.ownNeeds?.[want] !== undefined).map((want) =>
    METRIC_WORDS[want].short.toLowerCase(),
  );
  const unasked =
    weights.heart > 0
      ? model.standing.candidates.flatMap(({ stock, donor }) =>
          stock.metrics.heart.estimate.kind === 'unknown' ? [shortName(donor)] : [],
        )
      : [];
  const store = useDossierStore();
  const set = useCallback(
    (want: WantKey, value: number | undefined) => {
      const whole = store.getState().dossier.briefs[BRIEF_KEY];
      if (!whole) return;
      const { [want]: _old, ...others } = briefForPurpose(whole, purpose).swings ?? {};
      const swings = value === undefined ? others : { ...others, [want]: value };
      store.execute({
        label: { code: 'edit-swing', facts: { want } },
        coalesce: `swing/${purpose}/${want}`,
        changes: [purposeChange(whole, purpose, 'swings', swings)],
      });
    },
    [store, purpose],
  );
  const said = Object.entries(brief.schools ?? {}).flatMap(([key, school]) =>
    school
      ? [
          `${SCHOOL_WORDS[key as keyof typeof SCHOOL_WORDS].name.toLowerCase()}: ${SCHOOL_WORDS[key as keyof typeof SCHOOL_WORDS].options[school]}`,
        ]
      : [],
  );
  return (
    <Box css={ROWS_CSS}>
      <Text fontSize="xs" color="fg.muted" mb="1">
        Points for the step from worst to best of each want. The ground of this purpose sets them
        {said.length > 0 ? `, tilted by ${said.join(', ')}` : ''}; move one and it is yours. Their
        shares make the weights.
      </Text>
      {moved.length > 0 && (
        <Text fontSize="xs" mb="1">
          Needs moved by what you felt: {moved.join(', ')}.{' '}
          <Link href="/trials" style={{ textDecoration: 'underline' }}>
            See trials
          </Link>
        </Text>
      )}
      {unasked.length > 0 && (
        <Text fontSize="xs" color="unsure" mb="1">
          The heart was not asked of {listWords(unasked)}: nothing is counted for it there until it
          is.{' '}
          <Link href="/trials" style={{ textDecoration: 'underline' }}>
            Note a ride
          </Link>
        </Text>
      )}
      {table ? (
        <MattersTable model={model} />
      ) : (
        WANT_KEYS.map((want) => (
          <SwingRow
            key={want}
            want={want}
            points={brief.swings?.[want] ?? usual[want]}
            own={brief.swings?.[want] !== undefined}
            weight={weights[want]}
            set={set}
          />
        ))
      )}
      <Button size="xs" variant="ghost" mt="1" onClick={() => setTable(!table)}>
        {table ? 'Show the points' : 'Show how much each want matters where'}
      </Button>
    </Box>
  );
});

const ROW: CSSProperties = { display: 'flex', alignItems: 'center', gap: 8, minHeight: 30 };

interface SwingRowProps {
  readonly want: WantKey;
  readonly points: number;
  /** Whether the rider has set it. */
  readonly own: boolean;
  /** 0–1 */
  readonly weight: number;
  readonly set: (want: WantKey, value: number | undefined) => void;
}

const SwingRow = memo(function SwingRow({ want, points, own, weight, set }: SwingRowProps) {
  const id = `swing-${want}`;
  return (
    <div style={ROW}>
      <label htmlFor={id} style={{ width: 96, flexShrink: 0 }}>
        {METRIC_WORDS[want].short}
      </label>
      <RangeInput
        id={id}
        min={0}
        max={100}
        value={Math.round(points)}
        onValue={(value) => set(want, value)}
      />
      <span style={{ width: 30, textAlign: 'right', fontWeight: own ? 700 : 400 }}>
        {formatNumber(points)}
      </span>
      <span className="share">{formatNumber(weight * 100, 1)} %</span>
      <button
        type="button"
        className="reset"
        style={{ visibility: own ? 'visible' : 'hidden' }}
        aria-label={`${METRIC_WORDS[want].short}: back to what the ground says`}
        onClick={() => set(want, undefined)}
      >
        reset
      </button>
    </div>
  );
});

function MattersTable({ model }: { readonly model: WeighUpModel }) {
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="How much each want matters where">
      <Box
        as="table"
        fontSize="xs"
        width="100%"
        css={{
          '& td, & th': { padding: '3px 6px', textAlign: 'right' },
          '& td:first-of-type, & th:first-of-type': { textAlign: 'left', paddingLeft: 0 },
        }}
      >
        <thead>
          <tr>
            <th>Want</th>
            {GROUNDS.map((g) => (
              <th key={g}>
                {GROUND_WORDS[g]}
                <br />
                <Text as="span" color="fg.muted" fontWeight="400">
                  {model.standing.brief.ground[g]} %
                </Text>
              </th>
            ))}
            <th>weight</th>
          </tr>
        </thead>
        <tbody>
          {WANT_KEYS.map((want) => (
            <tr key={want}>
              <td>{METRIC_WORDS[want].short}</td>
              {GROUNDS.map((g) => (
                <td key={g}>{wantDefinition(want).matters[g]}</td>
              ))}
              <td>
                <b>{formatNumber(model.standing.weights[want] * 100, 1)}</b>
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="2">
        0: not at all, 4: decides the day. Our own judgement of what riders miss where. Each column
        counts by its share of your distance.
      </Text>
    </Box>
  );
}
