'use client';
import { Box, Text } from '@chakra-ui/react';
import { shiftsUp } from '@/core/gearing';
import { formatNumber } from '@/ui/messages';
import type { Bench, GearingModel } from './use-gearing';

/** Below so much of its best torque after a change up an engine feels as if it fell into a hole. Own assumption. */
const HOLE = 0.8;

/** The gaps between gears against what this engine pulls: sprockets change none of them. */
export function ShiftTable({
  model,
  bench,
}: {
  readonly model: GearingModel;
  readonly bench: Bench;
}) {
  const { train, curve } = bench.propulsion;
  const shifts = shiftsUp(train, curve);
  if (shifts.length === 0) return <Text>One gear: nothing to change up to.</Text>;
  const [worst] = shifts.toSorted((a, b) => a.torqueShare - b.torqueShare);
  const typical = model.entry.stock.figures.speedFirst.typical !== undefined;
  return (
    <Box>
      <Text fontSize="sm" color="fg.muted">
        At the revs of most power, {formatNumber(curve.peaks.power_rpm)}. Sprockets move all gears
        alike: a gap stays.
        {typical && ' The steps are only typical of the class.'}
        {worst && worst.torqueShare < HOLE
          ? ` From ${worst.from} to ${worst.from + 1} the engine falls to ${formatNumber(worst.torqueShare * 100)} % of its best pull: change later there.`
          : ' It pulls on in every gear.'}
      </Text>
      <Box
        as="table"
        width="100%"
        fontSize="sm"
        css={{ '& td, & th': { padding: '3px 8px 3px 0', textAlign: 'right', fontWeight: 400 } }}
      >
        <thead>
          <tr>
            <th>gears</th>
            <th>revs fall by</th>
            <th>to, rpm</th>
            <th>pull there</th>
          </tr>
        </thead>
        <tbody>
          {shifts.map((s) => (
            <tr key={s.from}>
              <td>
                {s.from} to {s.from + 1}
              </td>
              <td>{formatNumber(s.gap * 100)} %</td>
              <td>{formatNumber(s.lands_rpm)}</td>
              <td>{formatNumber(s.torqueShare * 100)} %</td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
