'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { metricDefinition, type MetricKey } from '@/core/assessment';
import type { Teeth } from '@/core/gearing';
import { estimateText, formatNumber, formatTo, formatWithUnit, METRIC_WORDS } from '@/ui/messages';
import { pairWords } from './PairPicture';
import type { Bench, GearingModel } from './use-gearing';

const signed = (x: number, digits = 0): string =>
  `${x > 0 ? '+' : x < 0 ? '−' : ''}${formatNumber(Math.abs(x), digits)}`;

/** What a pair moves, computed anew with the pair on. */
const MOVED: readonly MetricKey[] = ['climb', 'rollOn', 'topSpeed', 'range'];

/** The pair in hand: what it does beside the one fitted, what it asks for, and what can be done with it. */
export function PairDetail({
  model,
  bench,
}: {
  readonly model: GearingModel;
  readonly bench: Bench;
}) {
  const { reader, record } = model;
  const { chosen, now, before, after } = bench;
  const isNow = chosen.front === now.front && chosen.rear === now.rear;
  const speed = (kmh: number) => formatTo(kmh, 'speed', 1, reader);
  const revs = (p: typeof now) =>
    `${formatNumber(p.cruise_rpm)} rpm, ${formatNumber(p.revsShare * 100)} % of the redline`;
  const metricRow = (key: MetricKey) => {
    const of = (a: typeof before) => ({ ...a.metrics, ...a.underLoad() })[key].estimate;
    const say = (a: typeof before) => estimateText(of(a), metricDefinition(key).dimension, reader);
    return { name: METRIC_WORDS[key].name, now: say(before), then: say(after) };
  };
  const rows = [
    {
      name: 'Crawl in first at idle',
      now: speed(now.crawl_kmh),
      then: speed(chosen.crawl_kmh),
      keeps: chosen.keeps.crawl,
    },
    { name: 'Revs at the cruise', now: revs(now), then: revs(chosen), keeps: chosen.keeps.revs },
    ...MOVED.map(metricRow),
  ];
  return (
    <Box>
      <Text>
        <b>{pairWords(chosen)}</b>
        {isNow
          ? ': fitted now.'
          : `: ${signed(chosen.change.speed * 100, 1)} % speed at the same revs, ${signed(chosen.change.engine * 100, 1)} % revs at the same speed.`}
      </Text>
      <Box
        as="table"
        width="100%"
        mt="2"
        fontSize="sm"
        css={{
          '& td, & th': {
            padding: '4px 8px 4px 0',
            textAlign: 'left',
            fontWeight: 400,
            verticalAlign: 'baseline',
          },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
          '& thead th': { color: 'fg.muted', fontSize: 'xs' },
        }}
      >
        <thead>
          <tr>
            <th />
            <th>{pairWords(now)} now</th>
            {!isNow && <th>{pairWords(chosen)}</th>}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name}>
              <th scope="row">{row.name}</th>
              <td>{row.now}</td>
              {!isNow && (
                <td>
                  <b>{row.then}</b>
                  {'keeps' in row && (
                    <Text as="span" color={row.keeps ? 'pass' : 'unsure'}>
                      {' '}
                      {row.keeps ? '✓ as asked' : '✕ not as asked'}
                    </Text>
                  )}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </Box>
      <ChainLine bench={bench} model={model} />
      <Flex gap="2" wrap="wrap" mt="3">
        {!bench.isTaken && (
          <Button size="sm" bg="accent" color="accent.ink" onClick={model.take}>
            {isNow ? 'Take sprockets out of the build' : 'Take into the build'}
          </Button>
        )}
        <Keep model={model} bench={bench} which="trail" kept={record.trail} />
        <Keep model={model} bench={bench} which="road" kept={record.road} />
      </Flex>
      {bench.isTaken && !isNow && (
        <Text mt="2" fontSize="sm" color="pass" fontWeight="600">
          In the build of {model.name}.
        </Text>
      )}
      <Text fontSize="xs" color="fg.muted" mt="2">
        A worn chain on new sprockets wears both: change them together. After a change set the slack
        by the handbook, line up the wheel, and check the speedometer: one that counts at the
        gearbox may not show less than the true speed; local rules and the workshop have the last
        word.
      </Text>
    </Box>
  );
}

function Keep({
  model,
  bench,
  which,
  kept,
}: {
  readonly model: GearingModel;
  readonly bench: Bench;
  readonly which: 'trail' | 'road';
  readonly kept: Teeth | undefined;
}) {
  const { front, rear } = bench.chosen;
  const isIt = kept?.front === front && kept.rear === rear;
  return (
    <Button
      size="sm"
      variant="outline"
      borderColor="border.emphasized"
      aria-pressed={isIt}
      onClick={() => model.set({ [which]: isIt ? undefined : { front, rear } }, which)}
    >
      {isIt ? `Kept for the ${which}: let go` : `Keep for the ${which}`}
    </Button>
  );
}

/** Chain, axle, meter and money of the pair in hand. */
function ChainLine({ bench, model }: { readonly bench: Bench; readonly model: GearingModel }) {
  const { chosen, now, cost, shed_h, shop_h, parts } = bench;
  const { reader } = model;
  if (chosen.front === now.front && chosen.rear === now.rear) return null;
  const { chain } = chosen;
  const axle =
    chain &&
    `axle ${formatWithUnit(Math.abs(chain.axleForward_mm), 'length', reader)} ${chain.axleForward_mm > 0 ? 'forward' : 'back'}`;
  const meter = (chosen.change.speedometer - 1) * 100;
  return (
    <Text fontSize="sm" mt="2">
      {chain === undefined
        ? 'Chain: its pitch is not known, so neither length nor axle is reckoned. '
        : chain.links === 0
          ? `On the same chain, ${axle}; look that the adjuster has it left. `
          : `The chain has to be ${Math.abs(chain.links)} links ${chain.links > 0 ? 'longer: a new one' : 'shorter'}, ${axle}. `}
      A meter at the gearbox shows {signed(meter, 1)} %, one at a wheel the same as before.{' '}
      {parts.length > 0 &&
        (cost === undefined ? (
          'What it costs is not known for want of an exchange rate.'
        ) : (
          <>
            About{' '}
            <b>
              {formatNumber(cost)} {reader.currency}
            </b>{' '}
            by the catalogue
            {shop_h > 0
              ? `, workshop ${formatNumber(shop_h, 1)} h included`
              : `, ${formatNumber(shed_h, 1)} h of your own`}
            .
          </>
        ))}
    </Text>
  );
}
