'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { memo, useState } from 'react';
import { briefForPurpose, GROUNDS } from '@/core/brief';
import { swingPoints, WANT_KEYS, wantDefinition, type WantKey } from '@/core/preference';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { purposeChange } from '@/store/purpose-change';
import { RangeInput } from '@/ui/fields';
import { formatNumber, GROUND_WORDS, METRIC_WORDS, SCHOOL_WORDS } from '@/ui/messages';
import type { WeighUpModel } from './use-weigh-up';

/** What counts and how much: from the ground, tilted by what the rider believes, then by the rider's own hand. */
export const WhatCounts = memo(function WhatCounts({ model }: { readonly model: WeighUpModel }) {
  const [table, setTable] = useState(false);
  const { brief, weights } = model.standing;
  const said = Object.entries(brief.schools ?? {}).flatMap(([key, school]) =>
    school
      ? [
          `${SCHOOL_WORDS[key as keyof typeof SCHOOL_WORDS].name.toLowerCase()}: ${SCHOOL_WORDS[key as keyof typeof SCHOOL_WORDS].options[school]}`,
        ]
      : [],
  );
  return (
    <Box>
      <Text fontSize="xs" color="fg.muted" mb="1">
        Points for the step from worst to best of each want. The ground of this purpose sets them
        {said.length > 0 ? `, tilted by ${said.join(', ')}` : ''}; move one and it is yours. Their
        shares make the weights.
      </Text>
      {table ? (
        <MattersTable model={model} />
      ) : (
        WANT_KEYS.map((want) => (
          <SwingRow key={want} want={want} model={model} weight={weights[want]} />
        ))
      )}
      <Button size="xs" variant="ghost" mt="1" onClick={() => setTable(!table)}>
        {table ? 'Show the points' : 'Show how much each want matters where'}
      </Button>
    </Box>
  );
});

function SwingRow({
  want,
  model,
  weight,
}: {
  readonly want: WantKey;
  readonly model: WeighUpModel;
  readonly weight: number;
}) {
  const store = useDossierStore();
  const whole = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  const { purpose } = model.standing;
  if (!whole) return null;
  const brief = briefForPurpose(whole, purpose);
  const own = brief.swings?.[want];
  const points = own ?? swingPoints(brief)[want];
  const set = (value: number | undefined) => {
    const { [want]: _old, ...others } = brief.swings ?? {};
    const swings = value === undefined ? others : { ...others, [want]: value };
    store.execute({
      label: { code: 'edit-swing', facts: { want } },
      coalesce: `swing/${purpose}/${want}`,
      changes: [purposeChange(whole, purpose, 'swings', swings)],
    });
  };
  const id = `swing-${want}`;
  return (
    <Flex align="center" gap="2" minH="30px">
      <label htmlFor={id} style={{ width: 96, flexShrink: 0 }}>
        {METRIC_WORDS[want].short}
      </label>
      <RangeInput id={id} min={0} max={100} value={Math.round(points)} onValue={set} />
      <Text width="30px" textAlign="right" fontWeight={own === undefined ? '400' : '700'}>
        {formatNumber(points)}
      </Text>
      <Text width="44px" textAlign="right" color="fg.muted" fontSize="xs">
        {formatNumber(weight * 100, 1)} %
      </Text>
      <Button
        size="xs"
        variant="ghost"
        px="1"
        visibility={own === undefined ? 'hidden' : 'visible'}
        aria-label={`${METRIC_WORDS[want].short}: back to what the ground says`}
        onClick={() => set(undefined)}
      >
        reset
      </Button>
    </Flex>
  );
}

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
