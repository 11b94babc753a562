'use client';
import { Box, Button, Flex, Grid, Text } from '@chakra-ui/react';
import { ArrowLeft } from 'lucide-react';
import Link from 'next/link';
import { Suspense, useState } from 'react';
import { BASE_METRIC_KEYS, dragAreaOf, frontShare, LIGHT_FRONT, LOAD_METRIC_KEYS, metricDefinition, propulsionOf, type Metric } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { measuredInseam, inseamFromHeight, SEAT_SHAPES } from '@/core/fit';
import { millimetres } from '@/core/units';
import { EChart } from '@/ui/charts';
import { Choice, Panel } from '@/ui/fields';
import { NeedTrack } from '@/ui/marks/NeedTrack';
import { OriginMark } from '@/ui/marks/OriginMark';
import { Plate, useIsDark } from '@/ui/marks/Plate';
import { formatNumber, formatWithUnit, knownBy, METRIC_WORDS, nameWords } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { estimateText, WorkingPopover, type OpenWorking } from '../Working';
import { gearRows, GRADES, revOption, speedOnClimb, thrustOption } from './curves';
import { GapLadder } from './GapLadder';
import { StanceFigure } from './StanceFigure';
import { useMachine, type MachineModel } from './use-machine';

/** One candidate under this rider, with this luggage, on this ground. */
export function MachineScreen() {
  return <Suspense><Machine /></Suspense>;
}

function Machine() {
  const model = useMachine();
  const [open, setOpen] = useState<OpenWorking>();
  if (!model) return <ScreenHeading title="Under load">A brief and a candidate are needed. <Link href="/donors">To the donors</Link></ScreenHeading>;
  const { entry, view, reader, standing } = model;
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const name = shortName(entry.donor);
  const show = (metric: Metric) => (event: React.MouseEvent<HTMLElement>) => setOpen({ metric, title: `${METRIC_WORDS[metric.key].name}: ${name}`, anchor: event.currentTarget.getBoundingClientRect() });
  return (
    <Box>
      <ScreenHeading title="Under load">What {name} does with you, your kit and your luggage.</ScreenHeading>
      <Flex gap="3" align="center" wrap="wrap" mb="4">
        <Button asChild size="sm" variant="ghost"><Link href="/weigh-up"><ArrowLeft size={16} /> Weigh-up</Link></Button>
        <Plate index={entry.candidate.plate} size={30} />
        <Choice aria-label="Candidate" wide="270px" value={entry.candidate.id} options={standing.candidates.map((c) => ({ value: c.candidate.id, words: shortName(c.donor) }))} onChange={(e) => model.select(e.target.value)} />
        {entry.parts.length > 0 && <Choice aria-label="Which state" wide="180px" value={view} options={[{ value: 'stock', words: 'as it stands' }, { value: 'built', words: `with its ${entry.parts.length} parts` }]} onChange={(e) => model.setView(e.target.value as 'stock' | 'built')} />}
      </Flex>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} gap="4" alignItems="start">
        <Flex direction="column" gap="4" minW="0">
          <Panel title="Astride"><Astride model={model} /></Panel>
          <Pulling model={model} />
        </Flex>
        <Flex direction="column" gap="4" minW="0">
        <Panel title="Gaps, largest first"><GapLadder model={model} /></Panel>
        <Panel title="Range and load"><RangeAndLoad model={model} /></Panel>
        <Panel title="Every figure">
          <Box as="table" width="100%" css={{ '& td, & th': { padding: '4px 8px 4px 0', textAlign: 'left', verticalAlign: 'baseline' }, '& tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' } }}>
            <tbody>
              {[...BASE_METRIC_KEYS.map((k) => assessment.metrics[k]), ...LOAD_METRIC_KEYS.map((k) => assessment.underLoad()[k])].map((metric) => (
                <tr key={metric.key}>
                  <th scope="row" style={{ fontWeight: 400 }}>{METRIC_WORDS[metric.key].name}</th>
                  <td style={{ textAlign: 'right' }}><OriginMark known={knownBy(metric)} size={10} /> <button type="button" style={{ textDecoration: 'underline', textUnderlineOffset: 3, cursor: 'pointer', textAlign: 'right' }} aria-label={`${METRIC_WORDS[metric.key].name}: ${estimateText(metric.estimate, metricDefinition(metric.key).dimension, reader)}. Show the working.`} onClick={show(metric)}>{estimateText(metric.estimate, metricDefinition(metric.key).dimension, reader)}</button></td>
                </tr>
              ))}
            </tbody>
          </Box>
        </Panel>
        </Flex>
      </Grid>
      <WorkingPopover open={open} reader={reader} onClose={() => setOpen(undefined)} />
    </Box>
  );
}

function Astride({ model }: { readonly model: MachineModel }) {
  const { entry, view, standing: { brief }, reader } = model;
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const seat = assessment.figures.seatHeight.estimate;
  const gap = assessment.metrics.heelGap.estimate;
  if (seat.kind === 'unknown' || gap.kind === 'unknown') return <Text py="2" color="unsure">Seat height is not known, so reach cannot be drawn.</Text>;
  const inseam = brief.rider.inseam_mm === undefined ? inseamFromHeight(millimetres(brief.rider.height_mm)) : measuredInseam(millimetres(brief.rider.inseam_mm));
  return (
    <>
      <StanceFigure stance={assessment.stance} gap={gap.interval} seatHeight_mm={seat.interval.mid} shape={SEAT_SHAPES[entry.donor.donorClass]} inseam_mm={inseam.mid} sole_mm={brief.rider.sole_mm} reader={reader} />
      <Text fontSize="xs" color="fg.muted" mt="1">Model of a usual seat of this class; your own sit decides.</Text>
    </>
  );
}

function Pulling({ model }: { readonly model: MachineModel }) {
  const { entry, view, standing: { brief }, reader } = model;
  const dark = useIsDark();
  const [table, setTable] = useState(false);
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const propulsion = propulsionOf(entry.donor, assessment.figures);
  const loaded = assessment.metrics.loadedMass.estimate;
  if (propulsion.kind === 'unknown' || loaded.kind === 'unknown') {
    const missing = [...new Set([...(propulsion.kind === 'unknown' ? propulsion.missing : []), ...(loaded.kind === 'unknown' ? loaded.missing : [])])];
    return <Panel title="Pull and revs"><Text py="2" color="unsure">Not known, for want of: {missing.map((m) => nameWords(m).toLowerCase()).join(', ')}. Power left at the cruise is still computed.</Text></Panel>;
  }
  const setting = { propulsion: propulsion.value, mass_kg: loaded.interval.mid, dragArea_m2: dragAreaOf(entry.donor, brief), cruise_kmh: brief.trip.cruise_kmh, reader, dark };
  const climbs = GRADES.map((grade) => ({ grade, speed: speedOnClimb(setting, grade) }));
  const speed = (kmh: number) => formatWithUnit(kmh, 'speed', reader);
  const words = climbs.map((c) => `${c.grade === 0 ? 'level' : `${Math.round(c.grade * 100)} %`}: ${c.speed === undefined ? 'no gear holds it' : speed(c.speed)}`).join('; ');
  return (
    <Panel title="Pull and revs" aside={<Button size="xs" variant="ghost" onClick={() => setTable(!table)}>{table ? 'Show as pictures' : 'Show as a table'}</Button>}>
      <Text fontSize="sm" color="fg.muted">Loaded, on gravel: {words}.</Text>
      {table ? (
        <Box as="table" width="100%" css={{ '& td, & th': { padding: '4px 8px 4px 0', textAlign: 'right' } }}>
          <thead><tr><th>Gear</th><th>for 1000 rpm</th><th>at the cruise</th><th>at the limiter</th><th>gap to the next</th></tr></thead>
          <tbody>{gearRows(setting).map((g) => <tr key={g.gear}><td>{g.gear}</td><td>{speed(g.perThousand_kmh)}</td><td>{g.cruise_rpm > propulsion.value.curve.peaks.limiter_rpm ? 'cannot' : `${formatNumber(g.cruise_rpm)} rpm`}</td><td>{speed(g.most_kmh)}</td><td>{g.gap === undefined ? '–' : `${formatNumber(g.gap * 100)} %`}</td></tr>)}</tbody>
        </Box>
      ) : (
        <>
          <EChart option={thrustOption(setting)} height="270px" label={`Thrust in each gear over speed against resistance on gravel. Fastest it holds: ${words}`} />
          <EChart option={revOption(setting)} height="230px" label={`Engine speed over road speed in each gear; at the cruise ${gearRows(setting).map((g) => `gear ${g.gear} ${formatNumber(g.cruise_rpm)} rpm`).join(', ')}`} />
        </>
      )}
    </Panel>
  );
}

function RangeAndLoad({ model }: { readonly model: MachineModel }) {
  const { entry, view, standing: { brief }, reader } = model;
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const range = assessment.metrics.range.estimate;
  const gap = brief.trip.fuelGap_km;
  const { estimate, split } = frontShare(brief, assessment.figures);
  const mass = (kg: number) => formatWithUnit(kg, 'mass', reader);
  return (
    <Box>
      {range.kind === 'known' ? (
        <Box py="1">
          <Text>Range with reserve <b>{estimateText(range, 'distance', reader)}</b>; the longest gap is {formatWithUnit(gap, 'distance', reader)}.</Text>
          <NeedTrack scale={{ low: 0, high: Math.max(range.interval.high, gap) * 1.08 }} need={gap} better="more" interval={range.interval} />
          <Text fontSize="sm" color={range.interval.low >= gap ? 'pass' : 'unsure'}>{range.interval.low >= gap ? 'Enough even on a thirsty day.' : `On a thirsty day ${formatWithUnit(gap - range.interval.low, 'distance', reader)} short.`}</Text>
        </Box>
      ) : <Text color="unsure">Range is not known, for want of {range.missing.map((m) => nameWords(m).toLowerCase()).join(', ')}.</Text>}
      <Box borderTopWidth="1px" borderColor="border.muted" mt="2" pt="2">
        {split && estimate.kind === 'known' ? <Axles front={split.front_kg} rear={split.rear_kg} share={estimate.interval.mid} mass={mass} limits={[assessment.figures.axleLimitFront.estimate, assessment.figures.axleLimitRear.estimate].map((e) => (e.kind === 'known' ? e.interval.mid : undefined))} /> : <Text color="unsure">Axle loads need mass and wheelbase.</Text>}
      </Box>
    </Box>
  );
}

interface AxlesProps {
  readonly front: number;
  readonly rear: number;
  readonly share: number;
  readonly mass: (kg: number) => string;
  readonly limits: readonly (number | undefined)[];
}

function Axles({ front, rear, share, mass, limits }: AxlesProps) {
  const over = [front, rear].map((kg, i) => { const limit = limits[i]; return limit !== undefined && kg > limit; });
  return (
    <>
      <Text>On the axles: front <b>{mass(front)}</b>, rear <b>{mass(rear)}</b>; {formatNumber(share * 100)} % in front.</Text>
      <Flex height="20px" mt="1" borderRadius="plate" overflow="hidden" role="img" aria-label={`Front ${mass(front)}, rear ${mass(rear)}`}>
        <Box width={`${share * 100}%`} bg="fg" /><Box flex="1" bg="fg.subtle" />
      </Flex>
      {share < LIGHT_FRONT && <Text color="fail" fontWeight="600" mt="1">Light front end: wobble, poor braking, easy wheelies. Move weight low and forward.</Text>}
      {over.includes(true) && <Text color="fail" fontWeight="600" mt="1">Over the {over[0] ? 'front' : 'rear'} axle limit: remove load; the plate on the frame decides.</Text>}
      <Text fontSize="xs" color="fg.muted" mt="1">Machine balanced at half the wheelbase, rider at 60 %, luggage as panniers and tail at 95 % of it: own assumptions. Check axle, rack and tyre limits in the manual.</Text>
    </>
  );
}
