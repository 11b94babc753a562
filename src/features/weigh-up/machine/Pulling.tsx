'use client';
import { Box, Button, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { dragAreaOf, isTypicalPull, propulsionOf } from '@/core/assessment';
import { EChart } from '@/ui/charts';
import { Panel } from '@/ui/fields';
import { useIsDark } from '@/ui/marks/Plate';
import { formatNumber, formatWithUnit, inSentence } from '@/ui/messages';
import { gearRows, GRADES, revOption, speedOnClimb, thrustOption } from './curves';
import type { MachineModel } from './use-machine';

/** Thrust and revs in every gear, what the climbs ask, and what other sprockets would do. */
export function Pulling({ model }: { readonly model: MachineModel }) {
  const {
    entry,
    view,
    standing: { brief },
    reader,
  } = model;
  const dark = useIsDark();
  const [table, setTable] = useState(false);
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const propulsion = propulsionOf(assessment);
  const loaded = assessment.metrics.loadedMass.estimate;
  if (propulsion.kind === 'unknown' || loaded.kind === 'unknown') {
    const missing = [
      ...new Set([
        ...(propulsion.kind === 'unknown' ? propulsion.missing : []),
        ...(loaded.kind === 'unknown' ? loaded.missing : []),
      ]),
    ];
    return (
      <Panel title="Pull and revs">
        <Text py="2" color="unsure">
          Not known, for want of: {missing.map((m) => inSentence(m)).join(', ')}. Power left at the
          cruise is still computed.
        </Text>
      </Panel>
    );
  }
  const setting = {
    propulsion: propulsion.value,
    mass_kg: loaded.interval.mid,
    dragArea_m2: dragAreaOf(assessment.donor, brief),
    cruise_kmh: brief.trip.cruise_kmh,
    reader,
    dark,
  };
  const climbs = GRADES.map((grade) => ({ grade, speed: speedOnClimb(setting, grade) }));
  const speed = (kmh: number) => formatWithUnit(kmh, 'speed', reader);
  const words = climbs
    .map(
      (c) =>
        `${c.grade === 0 ? 'level' : `${Math.round(c.grade * 100)} %`}: ${c.speed === undefined ? 'no gear holds it' : speed(c.speed)}`,
    )
    .join('; ');
  return (
    <Panel
      title="Pull and revs"
      aside={
        <Button size="xs" variant="ghost" onClick={() => setTable(!table)}>
          {table ? 'Show as pictures' : 'Show as a table'}
        </Button>
      }
    >
      <Text fontSize="sm" color="fg.muted">
        Loaded, on gravel: {words}.
        {isTypicalPull(assessment) &&
          ' Engine or gears are in part only typical of its class: the picture is of one like it.'}
      </Text>
      {table ? (
        <Box
          as="table"
          width="100%"
          css={{ '& td, & th': { padding: '4px 8px 4px 0', textAlign: 'right' } }}
        >
          <thead>
            <tr>
              <th>Gear</th>
              <th>for 1000 rpm</th>
              <th>at the cruise</th>
              <th>at the limiter</th>
              <th>gap to the next</th>
            </tr>
          </thead>
          <tbody>
            {gearRows(setting).map((g) => (
              <tr key={g.gear}>
                <td>{g.gear}</td>
                <td>{speed(g.perThousand_kmh)}</td>
                <td>
                  {g.cruise_rpm > propulsion.value.curve.peaks.limiter_rpm
                    ? 'cannot'
                    : `${formatNumber(g.cruise_rpm)} rpm`}
                </td>
                <td>{speed(g.most_kmh)}</td>
                <td>{g.gap === undefined ? '–' : `${formatNumber(g.gap * 100)} %`}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      ) : (
        <>
          <EChart
            option={thrustOption(setting)}
            height="270px"
            label={`Thrust in each gear over speed against resistance on gravel. Fastest it holds: ${words}`}
          />
          <EChart
            option={revOption(setting)}
            height="230px"
            label={`Engine speed over road speed in each gear; at the cruise ${gearRows(setting)
              .map((g) => `gear ${g.gear} ${formatNumber(g.cruise_rpm)} rpm`)
              .join(', ')}`}
          />
        </>
      )}
    </Panel>
  );
}
