'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { FIRST_COUNTS, TRIAL_TIMES, type Impression } from '@/core/evidence';
import { Panel } from '@/ui/fields';
import {
  FELT_LOOK,
  FELT_WORDS,
  formatNumber,
  likeWords,
  METRIC_WORDS,
  TRIAL_TIME_WORDS,
} from '@/ui/messages';
import type { TrialsModel } from './use-trials';

/** What was felt, first and later beside each other, and what it comes to as likes and dislikes. */
export function FeltSoFar({ model }: { readonly model: TrialsModel }) {
  const { impressions, likes, notes, otherwise } = model;
  const { felt, heart, heartMean } = impressions;
  if (felt.length === 0 && heartMean === undefined) return null;
  const times = TRIAL_TIMES.filter(
    (t) => heart[t] !== undefined || felt.some((f) => f.marks[t] !== undefined),
  );
  const offered = likes
    .map(({ felt: key, side }) => ({ side, words: likeWords(key, side) }))
    .filter(({ side, words }) => !notes[side].includes(words));
  const fallen = felt.filter((f) => (f.moved ?? 0) <= -1);
  return (
    <Panel title={`${model.name}, as felt`}>
      {fallen.length > 0 && (
        <Text mb="1">
          The first time flattered:{' '}
          {fallen.map((f) => FELT_WORDS[f.felt].name.toLowerCase()).join(', ')}.
        </Text>
      )}
      <Box
        as="table"
        fontSize="sm"
        width="100%"
        css={{ '& td, & th': { padding: '2px 10px 2px 0', textAlign: 'left', fontWeight: 400 } }}
      >
        <thead>
          <tr>
            <th>0 rules it out, 4 could not be better</th>
            {times.map((t) => (
              <th key={t}>{TRIAL_TIME_WORDS[t]}</th>
            ))}
            <th>together</th>
          </tr>
        </thead>
        <tbody>
          {felt.map((f) => (
            <Row
              key={f.felt}
              name={FELT_WORDS[f.felt].name}
              times={times}
              marks={f.marks}
              mean={f.mean}
            />
          ))}
          {heartMean !== undefined && (
            <Row name="The heart, of 10" times={times} marks={heart} mean={heartMean} />
          )}
        </tbody>
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1">
        A first impression counts {formatNumber(FIRST_COUNTS.first * 100)} %, after a week{' '}
        {formatNumber(FIRST_COUNTS.week * 100)}, after a month{' '}
        {formatNumber(FIRST_COUNTS.month * 100)}: own assumption.
      </Text>
      {otherwise.map((o) => (
        <Text key={o.felt} mt="1">
          {FELT_WORDS[o.felt].name} was felt {o.asFelt < o.asReckoned ? 'worse' : 'better'} than the
          sheet foretells: {formatNumber(o.asFelt * 100)} of 100 as felt,{' '}
          {METRIC_WORDS[o.want].short.toLowerCase()} {formatNumber(o.asReckoned * 100)} by the
          figures. {FELT_LOOK[o.felt] ?? ''} What you felt stands; the fit goes by the figures until
          one of them is put right.
        </Text>
      ))}
      {offered.length > 0 && (
        <Flex gap="2" wrap="wrap" mt="2">
          {offered.map(({ side, words }) => (
            <Button
              key={words}
              size="xs"
              variant="outline"
              borderColor="border.emphasized"
              onClick={() => model.addNote(side, words)}
            >
              {side === 'likes' ? 'Note as liked' : 'Note as disliked'}: {words}
            </Button>
          ))}
        </Flex>
      )}
    </Panel>
  );
}

function Row({
  name,
  times,
  marks,
  mean,
}: {
  readonly name: string;
  readonly times: readonly (typeof TRIAL_TIMES)[number][];
  readonly marks: Impression['marks'];
  readonly mean: number;
}) {
  return (
    <tr style={{ borderTop: '1px solid var(--chakra-colors-border-muted)' }}>
      <th scope="row">{name}</th>
      {times.map((t) => (
        <td key={t}>{marks[t] ?? 'not asked'}</td>
      ))}
      <td>
        <b>{formatNumber(mean, 1)}</b>
      </td>
    </tr>
  );
}
