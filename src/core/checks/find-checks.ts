import type { Donor } from '../donor';
import { FACT_KEYS, factInUse, rivalFacts } from '../facts';
import { rollingCircumference } from '../gearing';
import { licenceCheck } from '../licence';
import { runningOrderMass } from '../mass';
import { combine, type Estimate, type Interval } from '../numeric';
import {
  GEAR_RATIOS,
  FIGURE_KEYS,
  FUEL_DENSITY,
  fuelDensity,
  quotedInterval,
  rivalReadings,
  type FigureKey,
  type NormalFigure,
  type NormalFigures,
} from '../readings';
import { riderSprungFor, sagPerKgTold } from '../suspension';
import { parseTyre } from '../tyre';
import type { Kilograms, Kilowatts, Litres, Millimetres } from '../units';
import type { Check } from './check';
import { MOST_TRAVEL } from './class-travel';

export interface CheckSetting {
  /** The donor with all it inherits, and its figures on one basis. */
  readonly donor: Donor;
  readonly figures: NormalFigures;
  /** Median price per kW of the donors it stands among; absent where there are too few. */
  readonly usualPricePerKw?: number | undefined;
}

/** Rounding that quoted peaks are allowed: half a percent. */
const ROUNDING = 1.005;
/** A saddle lower than this above the lowest point leaves no room for engine and frame, mm. Own assumption. */
const SEAT_OVER_CLEARANCE = 400;
/** Clearance below this share of the travel: the machine would ground before it bottoms. Own assumption. */
const CLEARANCE_PER_TRAVEL = 0.72;
/** A rider in kit, the least that must be left of the permitted mass, kg: Regulation (EU) 168/2013 counts 75 kg (from memory). */
const LEAST_RIDER = 75;
/** Stated and computed payload may differ by so much, kg. Own assumption: liquids, rounding. */
const PAYLOAD_SLACK = 12;
/** Price per kW further than this factor from the usual one is odd. Own assumption. */
const ODD_PRICE = 2.5;
/** Engine speed in rad/s of one rpm. */
const RAD_PER_S = Math.PI / 30;

/** Everything in a sheet that contradicts itself or is out of the ordinary, in the order of the sheet. Figures count with their spread: only what no reading within it could explain is named. */
export function findChecks(setting: CheckSetting): readonly Check[] {
  const { donor, figures } = setting;
  const of = (key: FigureKey): Interval | undefined => known(figures[key].estimate);
  return [
    ...FIGURE_KEYS.filter((key) => rivalReadings(key, donor.figures[key]).length > 0).map(
      (key): Check => ({ code: 'readings-disagree', key }),
    ),
    ...FACT_KEYS.filter((key) => rivalFacts(donor.facts?.[key]).length > 0).map(
      (key): Check => ({ code: 'facts-disagree', key }),
    ),
    ...engineChecks(of),
    ...massChecks(donor, of),
    ...groundChecks(donor, of),
    ...springChecks(figures),
    ...rangeChecks(of),
    ...gearChecks(of),
    ...watchedGears(setting, of),
    ...priceAndLaw(setting, of),
  ];
}

const known = (estimate: Estimate): Interval | undefined =>
  estimate.kind === 'known' ? estimate.interval : undefined;

type Of = (key: FigureKey) => Interval | undefined;

function* engineChecks(of: Of): Generator<Check> {
  const [power, powerRpm, torque, torqueRpm, redline] = (
    ['power', 'powerRpm', 'torque', 'torqueRpm', 'redline'] as const
  ).map(of);
  if (power && powerRpm && torque) {
    const needed = (power.low * 1000) / (powerRpm.high * RAD_PER_S);
    if (needed > torque.high * ROUNDING)
      yield {
        code: 'torque-at-power-peak-too-high',
        needed_Nm: (power.mid * 1000) / (powerRpm.mid * RAD_PER_S),
        peak_Nm: torque.mid,
      };
  }
  if (power && torque && torqueRpm) {
    const there = (torque.low * torqueRpm.low * RAD_PER_S) / 1000;
    if (there > power.high * ROUNDING)
      yield {
        code: 'power-at-torque-peak-too-high',
        there_kW: (torque.mid * torqueRpm.mid * RAD_PER_S) / 1000,
        peak_kW: power.mid,
      };
  }
  if (powerRpm && torqueRpm && torqueRpm.low >= powerRpm.high)
    yield {
      code: 'torque-peak-above-power-peak',
      torque_rpm: torqueRpm.mid,
      power_rpm: powerRpm.mid,
    };
  if (powerRpm && redline && powerRpm.low > redline.high)
    yield { code: 'peak-above-redline', power_rpm: powerRpm.mid, redline_rpm: redline.mid };
}

function* massChecks(donor: Donor, of: Of): Generator<Check> {
  const [tank, mass, max, payload, front, rear] = (
    ['tank', 'mass', 'maxMass', 'payload', 'axleLimitFront', 'axleLimitRear'] as const
  ).map(of);
  const masses = donor.figures.mass?.readings ?? [];
  const dry = masses.filter((r) => r.basis === 'dry').map((r) => quotedInterval('mass', r));
  const ready = masses.filter((r) => r.basis === 'ready').map((r) => quotedInterval('mass', r));
  for (const d of dry) {
    const least = d.low + (tank?.low ?? 0) * FUEL_DENSITY.low;
    const short = ready.find((r) => r.high < least);
    if (short)
      yield {
        code: 'ready-below-dry-and-fuel',
        ready_kg: short.mid,
        least_kg: d.mid + (tank?.mid ?? 0) * FUEL_DENSITY.mid,
      };
  }
  if (max && mass) {
    const left = max.high - mass.low;
    if (left <= 0) yield { code: 'max-below-ready', max_kg: max.mid, ready_kg: mass.mid };
    else if (left < LEAST_RIDER) yield { code: 'no-room-for-a-rider', left_kg: max.mid - mass.mid };
    if (
      payload &&
      (payload.low > max.high - mass.low + PAYLOAD_SLACK ||
        payload.high < max.low - mass.high - PAYLOAD_SLACK)
    )
      yield { code: 'payload-disagrees', stated_kg: payload.mid, computed_kg: max.mid - mass.mid };
  }
  if (max && front && rear && front.high + rear.high < max.low)
    yield { code: 'axles-below-max', axles_kg: front.mid + rear.mid, max_kg: max.mid };
  const tyres = (['tyreFront', 'tyreRear'] as const).map((key) => tyreOf(donor, key)?.load_kg);
  const [a, b] = tyres;
  if (max && a !== undefined && b !== undefined && a + b < max.low)
    yield { code: 'tyres-below-max', tyres_kg: a + b, max_kg: max.mid };
}

const tyreOf = (donor: Donor, key: 'tyreFront' | 'tyreRear') =>
  parseTyre(factInUse(donor.facts?.[key])?.value ?? '');

function* groundChecks(donor: Donor, of: Of): Generator<Check> {
  const [seat, clearance, front, rear] = (
    ['seatHeight', 'clearance', 'travelFront', 'travelRear'] as const
  ).map(of);
  if (seat && clearance && seat.high - clearance.low < SEAT_OVER_CLEARANCE)
    yield { code: 'seat-too-near-the-ground', seat_mm: seat.mid, clearance_mm: clearance.mid };
  if (clearance && front && rear) {
    const travel = Math.min(front.mid, rear.mid);
    if (clearance.high < travel * CLEARANCE_PER_TRAVEL)
      yield { code: 'grounds-within-its-travel', clearance_mm: clearance.mid, travel_mm: travel };
  }
  const most = MOST_TRAVEL[donor.donorClass];
  if (front && front.low > most)
    yield { code: 'travel-beyond-class', end: 'front', travel_mm: front.mid, most_mm: most };
  if (rear && rear.low > most)
    yield { code: 'travel-beyond-class', end: 'rear', travel_mm: rear.mid, most_mm: most };
  for (const [end, wheelKey, tyreKey] of [
    ['front', 'wheelFront', 'tyreFront'],
    ['rear', 'wheelRear', 'tyreRear'],
  ] as const) {
    const wheel = of(wheelKey);
    const tyre = tyreOf(donor, tyreKey);
    if (wheel && tyre && Math.abs(wheel.mid / 25.4 - tyre.rim_in) > 0.5)
      yield { code: 'rim-disagrees', end, wheel_in: wheel.mid / 25.4, tyre_in: tyre.rim_in };
  }
}

/** What springs of a rate suit, beside the rider whom the sheet names. */
function* springChecks(figures: NormalFigures): Generator<Check> {
  const named = figures.springRiderMass;
  if (!named.reading || named.estimate.kind === 'unknown') return;
  const estimate = <N extends number>(key: FigureKey) => figures[key].estimate as Estimate<N>;
  for (const end of ['front', 'rear'] as const) {
    const travel = estimate<Millimetres>(end === 'front' ? 'travelFront' : 'travelRear');
    const suits = known(riderSprungFor(end, sagPerKgTold(figures, end), travel));
    const says = known(named.estimate);
    if (suits && says && (suits.high < says.low || suits.low > says.high))
      yield { code: 'springs-disagree', end, named_kg: says.mid, byRate_kg: suits.mid };
  }
}

function* rangeChecks(of: Of): Generator<Check> {
  const [range, tank, consumption] = (['statedRange', 'tank', 'consumption'] as const).map(of);
  if (!range || !tank || !consumption) return;
  const most = (tank.high / consumption.low) * 100;
  const least = (tank.low / consumption.high) * 100;
  if (range.low > most) yield { code: 'range-beyond-tank', stated_km: range.mid, most_km: most };
  // Ranges are often quoted to the reserve: a fifth less is ordinary.
  else if (range.high < least * 0.8)
    yield { code: 'range-below-tank', stated_km: range.mid, least_km: least };
}

function* gearChecks(of: Of): Generator<Check> {
  const ratios = GEAR_RATIOS.map(of);
  for (const [i, key] of GEAR_RATIOS.entries()) {
    const [lower, own] = [ratios[i - 1], ratios[i]];
    if (lower && own && own.mid >= lower.mid) yield { code: 'ratios-not-falling', key };
  }
  const gears = of('gears')?.mid;
  const count = ratios.findLastIndex((r) => r !== undefined) + 1;
  if (
    gears !== undefined &&
    count > 0 &&
    (count > gears || (ratios.every((r, i) => i >= count || r) && count < Math.min(gears, 6)))
  )
    yield { code: 'gears-and-ratios-differ', gears, ratios: count };
  const [draw, alternator] = [of('stockDraw'), of('alternator')];
  if (draw && alternator && draw.low > alternator.high)
    yield { code: 'draw-over-alternator', draw_W: draw.mid, alternator_W: alternator.mid };
}

/** What was watched may differ from what ratios and teeth give by the slip and wear of a tyre. Own assumption. */
const WATCHED_SLACK = 0.04;

/** Speed for each 1000 rpm as read on the road against ratios and teeth, where all of both are told. */
function* watchedGears({ donor, figures }: CheckSetting, of: Of): Generator<Check> {
  const tyre = parseTyre(factInUse(donor.facts?.tyreRear)?.value ?? '');
  const read = (key: FigureKey): Interval | undefined =>
    figures[key].reading ? of(key) : undefined;
  const [primary, front, rear] = [
    read('primaryRatio'),
    read('sprocketFront'),
    read('sprocketRear'),
  ];
  const last = GEAR_RATIOS.findLastIndex((key) => read(key) !== undefined);
  const isWhole = read('gears') === undefined || read('gears')?.mid === last + 1;
  if (!tyre || !primary || !front || !rear || last < 0) return;
  for (const [gear, key, ratio] of [
    ['first', 'speedFirst', read('ratio1')],
    ['top', 'speedTop', isWhole ? read(GEAR_RATIOS[last] ?? 'ratio1') : undefined],
  ] as const) {
    const watched = read(key);
    if (!watched || !ratio) continue;
    const computed_kmh =
      (60 * rollingCircumference(tyre.diameter_mm)) /
      (primary.mid * ratio.mid * (rear.mid / front.mid));
    if (
      computed_kmh > watched.high * (1 + WATCHED_SLACK) ||
      computed_kmh < watched.low * (1 - WATCHED_SLACK)
    )
      yield { code: 'watched-gears-disagree', gear, watched_kmh: watched.mid, computed_kmh };
  }
}

/** Prices of new machines are alike for their power; what is asked for a used one is not. */
export const isPriceNew = ({ reading }: Pick<NormalFigure, 'reading'>): boolean =>
  reading?.basis === 'list' || reading?.basis === 'on-the-road';

function* priceAndLaw({ donor, figures, usualPricePerKw }: CheckSetting, of: Of): Generator<Check> {
  const [price, power] = [of('price'), of('power')];
  if (price && power && usualPricePerKw !== undefined && isPriceNew(figures.price)) {
    const perKw = price.mid / power.mid;
    if (perKw > usualPricePerKw * ODD_PRICE || perKw < usualPricePerKw / ODD_PRICE)
      yield { code: 'price-per-power-odd', perKw, usual: usualPricePerKw };
  }
  const restricted =
    (donor.kind !== 'model' && donor.variant?.tune === 'restricted') ||
    figures.unrestrictedPower.estimate.kind === 'known';
  if (!restricted) return;
  const running = combine(
    [
      figures.mass.estimate as Estimate<Kilograms>,
      figures.tank.estimate as Estimate<Litres>,
      fuelDensity(),
    ] as const,
    runningOrderMass,
  );
  const licence = licenceCheck(
    'A2',
    figures.power.estimate as Estimate<Kilowatts>,
    running,
    figures.unrestrictedPower.estimate.kind === 'known'
      ? (figures.unrestrictedPower.estimate as Estimate<Kilowatts>)
      : undefined,
  );
  if (licence.kind === 'not-legal') yield { code: 'not-a2', rules: licence.rules };
  if (donor.figures.unlockPrice === undefined) yield { code: 'unlock-price-missing' };
}
