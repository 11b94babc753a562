'use client';
import { Box, Text } from '@chakra-ui/react';
import { propulsionOf } from '@/core/assessment';
import { factInUse } from '@/core/facts';
import { CHAIN_PITCH_MM, rpmAt, sprocketOptions } from '@/core/gearing';
import { formatBase, formatNumber, formatWithUnit, unitSign, inSentence } from '@/ui/messages';
import type { MachineModel } from './use-machine';

const signed = (x: number, digits = 0): string =>
  `${x > 0 ? '+' : x < 0 ? '−' : ''}${formatNumber(Math.abs(x), digits)}`;

/** What a tooth more or less does to crawl, revs at the cruise, the axle and the speedometer. */
export function Sprockets({
  model: { entry, view, standing, reader },
}: {
  readonly model: MachineModel;
}) {
  const { donor, figures } = view === 'stock' ? entry.stock : entry.built;
  const propulsion = propulsionOf({ donor, figures });
  if (propulsion.kind === 'unknown')
    return (
      <Text py="1" color="unsure">
        Not known, for want of: {propulsion.missing.map((m) => inSentence(m)).join(', ')}.
      </Text>
    );
  const drive = factInUse(donor.facts?.finalDrive)?.value;
  if (drive === 'shaft' || drive === 'belt')
    return (
      <Text py="1" color="fg.muted">
        Driven by a {drive}: there are no sprockets to change
        {figures.finalRatio.estimate.kind === 'unknown'
          ? '; its final ratio is not known, so gears are typical of the class'
          : ''}
        .
      </Text>
    );
  const teeth = (['sprocketFront', 'sprocketRear'] as const).filter(
    (key) => figures[key].estimate.kind === 'unknown',
  );
  if (teeth.length > 0)
    return (
      <Text py="1" color="unsure">
        Nobody has counted the teeth, front and rear: count them, and every other sprocket is
        reckoned here.
      </Text>
    );
  const { train, curve } = propulsion.value;
  const { cruise_kmh } = standing.brief.trip;
  const pitch = factInUse(donor.facts?.chainPitch)?.value;
  const links = figures.chainLinks.estimate;
  const options = sprocketOptions(train, curve.peaks.idle_rpm, {
    pitch_mm: pitch === undefined ? undefined : CHAIN_PITCH_MM[pitch],
    links: links.kind === 'known' ? links.interval.mid : undefined,
  });
  const revs = (frontTeeth: number, rearTeeth: number) =>
    rpmAt({ ...train, frontTeeth, rearTeeth }, train.gears.length, cruise_kmh);
  const row = (
    o: Pick<(typeof options)[number], 'frontTeeth' | 'rearTeeth'>,
    crawl: string,
    axle: string,
    meter: string,
    change: string,
  ) => (
    <tr key={`${o.frontTeeth}/${o.rearTeeth}`}>
      <th scope="row">
        {o.frontTeeth}/{o.rearTeeth}
      </th>
      <td>{change}</td>
      <td>{crawl}</td>
      <td>{formatNumber(revs(o.frontTeeth, o.rearTeeth))}</td>
      <td>{axle}</td>
      <td>{meter}</td>
    </tr>
  );
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Other sprockets">
      <Text color="fg.muted" fontSize="sm">
        Now {train.frontTeeth}/{train.rearTeeth}:{' '}
        {formatNumber(revs(train.frontTeeth, train.rearTeeth))} rpm at the cruise.
      </Text>
      <Box
        as="table"
        width="100%"
        fontSize="sm"
        css={{
          '& td, & th': { padding: '3px 0 3px 8px', textAlign: 'right', fontWeight: 400 },
          '& th:first-of-type': { paddingLeft: 0, textAlign: 'left', fontWeight: 700 },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
          '& thead th': { color: 'fg.muted', fontSize: 'xs' },
        }}
      >
        <thead>
          <tr>
            <th>teeth</th>
            <th>speed, same revs</th>
            <th>crawl, {unitSign('speed', reader)}</th>
            <th>rpm at cruise</th>
            <th>axle</th>
            <th>meter on the gearbox</th>
          </tr>
        </thead>
        <tbody>
          {options.map((o) =>
            row(
              o,
              formatBase(o.crawl_kmh, 'speed', reader),
              o.axleForward_mm === undefined
                ? 'not known'
                : `${formatWithUnit(Math.abs(o.axleForward_mm), 'length', reader)} ${o.axleForward_mm > 0 ? 'forward' : 'back'}`,
              `${signed((o.change.speedometer - 1) * 100, 1)} %`,
              `${signed(o.change.speed * 100, 1)} %`,
            ),
          )}
        </tbody>
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1">
        On the same chain; look that the adjuster has that much left, else change its length. A
        meter that reads a wheel shows the same as before. It may never show less than the true
        speed: check it after a change, and the local rules.
      </Text>
    </Box>
  );
}
