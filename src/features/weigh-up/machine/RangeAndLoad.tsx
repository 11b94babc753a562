'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { axleLoads, stoppingOf, type Metric } from '@/core/assessment';
import { fuelShort, QUOTED_RIDER_KG } from '@/core/fuel';
import type { Estimate, Interval, Known } from '@/core/numeric';
import { looseFuel } from '@/core/part';
import {
  fromBase,
  preferredUnit,
  toBase,
  unitEntry,
  type Kilometres,
  type LitresPer100Km,
} from '@/core/units';
import { NeedTrack } from '@/ui/marks/NeedTrack';
import {
  estimateText,
  formatNumber,
  formatWithUnit,
  stoppingWords,
  unitSign,
  type Reader,
  inSentence,
} from '@/ui/messages';
import type { MachineModel } from './use-machine';

/** Range against the longest gap, what more fuel would do, and what stands on each axle. */
export function RangeAndLoad({ model }: { readonly model: MachineModel }) {
  const {
    entry,
    view,
    standing: { brief },
    reader,
  } = model;
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const range = assessment.metrics.range.estimate;
  const gap = brief.trip.fuelGap_km;
  const cans_L = looseFuel(assessment.fitted);
  const loads = axleLoads(brief, assessment.figures, cans_L);
  return (
    <Box>
      {range.kind === 'known' ? (
        <Box py="1">
          <Text>
            Range with reserve <b>{estimateText(range, 'distance', reader)}</b>; the longest gap is{' '}
            {formatWithUnit(gap, 'distance', reader)}.
          </Text>
          <NeedTrack
            scale={{ low: 0, high: Math.max(range.interval.high, gap) * 1.08 }}
            need={gap}
            better="more"
            interval={range.interval}
          />
          <Text fontSize="sm" color={range.interval.low >= gap ? 'pass' : 'unsure'}>
            {range.interval.low >= gap
              ? 'Enough even on a thirsty day.'
              : `On a thirsty day ${formatWithUnit(gap - range.interval.low, 'distance', reader)} short.`}
          </Text>
          <Costs metric={assessment.metrics.consumption} reader={reader} />
          <FuelExtra
            range={range.interval}
            consumption={assessment.metrics.consumption.estimate}
            gap={gap}
            reader={reader}
          />
        </Box>
      ) : (
        <Text color="unsure">
          Range is not known, for want of {range.missing.map((m) => inSentence(m)).join(', ')}.
        </Text>
      )}
      <Box borderTopWidth="1px" borderColor="border.muted" mt="2" pt="2">
        {loads.front.kind === 'known' && loads.rear.kind === 'known' ? (
          <Axles
            front={loads.front}
            rear={loads.rear}
            reader={reader}
            limits={[
              assessment.figures.axleLimitFront.estimate,
              assessment.figures.axleLimitRear.estimate,
            ].map((e) => (e.kind === 'known' ? e.interval.mid : undefined))}
          />
        ) : (
          <Text color="unsure">Axle loads need the mass.</Text>
        )}
      </Box>
      <Balance words={stoppingWords(stoppingOf(brief, assessment.figures, cans_L), reader)} />
    </Box>
  );
}

/** What the load does to lifting wheels and to stopping. */
function Balance({ words }: { readonly words: readonly string[] }) {
  if (words.length === 0) return null;
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" mt="2" pt="2">
      {words.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
      <Text fontSize="xs" color="fg.muted" mt="1">
        By the balance of the load and the usual grip of dry ground: own assumptions, to compare by.
        Brakes, tyres and ABS decide. Practise stopping loaded, where there is room.
      </Text>
    </Box>
  );
}

/** What load and headwind cost of the consumption, in litres and in distance. */
function Costs({ metric, reader }: { readonly metric: Metric; readonly reader: Reader }) {
  const { formula } = metric.working;
  if (formula.code !== 'consumption' || metric.estimate.kind === 'unknown') return null;
  const { load_L, wind_L } = formula.facts;
  const all = metric.estimate.mid;
  const unit = preferredUnit('consumption', reader.units, reader.currency);
  // Litres add up, miles for a gallon do not: there it is said by how much they fall.
  const shown = (litres: number) => Number(fromBase(litres, unit).toFixed(2));
  const inReaders = (more: number) =>
    formatNumber(Math.abs(shown(all) - shown(all - more)), unit === 'L/100km' ? 2 : 1);
  const said = [
    ...(load_L !== undefined ? [{ what: 'Rider, load and luggage', more: load_L }] : []),
    ...(wind_L !== undefined && wind_L > 0 ? [{ what: 'the headwind', more: wind_L }] : []),
  ].map(({ what, more }) => `${what} ${more < 0 ? 'save' : 'cost'} ${inReaders(more)}`);
  if (said.length === 0) return null;
  return (
    <Text fontSize="sm" color="fg.muted">
      {said.join(', ')} {unit === 'L/100km' ? 'of the' : `${unitEntry(unit).symbol}, at`}{' '}
      {formatWithUnit(all, 'consumption', reader)}, against the quote’s{' '}
      {formatWithUnit(QUOTED_RIDER_KG, 'mass', reader)} in the saddle, nothing carried and no wind.
    </Text>
  );
}

interface AxlesProps {
  readonly front: Known;
  readonly rear: Known;
  readonly reader: Reader;
  readonly limits: readonly (number | undefined)[];
}

function Axles({ front, rear, reader, limits }: AxlesProps) {
  const mass = (kg: number) => formatWithUnit(kg, 'mass', reader);
  const spread = (load: Known) => estimateText(load, 'mass', reader);
  const share = front.mid / (front.mid + rear.mid);
  return (
    <>
      <Text>
        On the axles: front <b>{spread(front)}</b>, rear <b>{spread(rear)}</b>;{' '}
        {formatNumber(share * 100)} % in front.
      </Text>
      <Flex
        height="20px"
        mt="1"
        borderRadius="plate"
        overflow="hidden"
        role="img"
        aria-label={`Front ${mass(front.mid)}, rear ${mass(rear.mid)}`}
      >
        <Box style={{ width: `${share * 100}%` }} bg="fg" />
        <Box flex="1" bg="fg.subtle" />
      </Flex>
      <Text fontSize="xs" color="fg.muted" mt="1">
        Machine balanced at half the wheelbase, each piece of luggage where the brief puts it: own
        assumptions.{' '}
        {limits.some((l) => l === undefined)
          ? 'The axle limits are not known here: check'
          : `Limits: ${limits.map((l) => mass(l ?? 0)).join(' and ')}; check`}{' '}
        axle, rack and tyre limits in the manual.
      </Text>
    </>
  );
}

/** Distance that one more litre or a can of five adds, and how much is short of the gap. */
function FuelExtra({
  range,
  consumption,
  gap,
  reader,
}: {
  readonly range: Interval;
  readonly consumption: Estimate;
  readonly gap: number;
  readonly reader: Reader;
}) {
  if (consumption.kind === 'unknown') return null;
  const per100 = consumption.interval as Interval<LitresPer100Km>;
  const { usual_L, worst_L } = fuelShort(range as Interval<Kilometres>, per100, gap);
  const volume = (litres: number) => formatWithUnit(litres, 'volume', reader);
  const unit = preferredUnit('volume', reader.units, reader.currency);
  const adds = (litres: number) => formatWithUnit((litres * 100) / per100.mid, 'distance', reader);
  return (
    <Text fontSize="sm" color="fg.muted">
      {worst_L > 0 && (
        <>
          To cover the gap: {usual_L > 0 ? `${volume(usual_L)} more as a rule, ` : ''}
          {volume(worst_L)} more on a thirsty day.{' '}
        </>
      )}
      Each {unitSign('volume', reader)} more on board adds {adds(toBase(1, unit))}; a can has to be
      carried, too.
    </Text>
  );
}
