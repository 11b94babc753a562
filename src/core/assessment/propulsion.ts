import type { Brief } from '../brief';
import type { Donor } from '../donor';
import { torqueCurve, type TorqueCurve } from '../engine';
import { factInUse } from '../facts';
import { rollingCircumference, type Drivetrain } from '../gearing';
import { certain, unknown, type Estimate } from '../numeric';
import type { FigureKey, NormalFigures } from '../readings';
import { dragArea, type Propulsion, type WindClass } from '../road-load';
import { parseTyre } from '../tyre';

/** Share of crank power that reaches the road: the middle of the losses in `core/readings`. */
const EFFICIENCY = 0.89;
/** Idle where the sheet does not say, rpm. Own assumption. */
export const USUAL_IDLE = 1400;
/** Section height of a rear tyre where only its rim is known, mm. Own assumption. */
const USUAL_SECTION = 100;

const RATIOS = [
  'ratio1',
  'ratio2',
  'ratio3',
  'ratio4',
  'ratio5',
  'ratio6',
] as const satisfies readonly FigureKey[];

type Curve = Extract<TorqueCurve, { kind: 'curve' }>;
export type Found<T> =
  | { readonly kind: 'known'; readonly value: T }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

const mids = (figures: NormalFigures, keys: readonly FigureKey[]): Found<readonly number[]> => {
  const missing = keys.filter((key) => figures[key].estimate.kind === 'unknown');
  if (missing.length > 0) return { kind: 'unknown', missing };
  return {
    kind: 'known',
    value: keys.flatMap((key) => {
      const { estimate } = figures[key];
      return estimate.kind === 'known' ? [estimate.interval.mid] : [];
    }),
  };
};

/** The full-throttle curve of a machine from its quoted peaks, or what is missing; contradictory peaks count as missing. */
export function engineCurve(figures: NormalFigures): Found<Curve> {
  const found = mids(figures, ['power', 'powerRpm', 'torque', 'torqueRpm', 'redline']);
  if (found.kind === 'unknown') return found;
  const [power_kW = 0, power_rpm = 0, torque_Nm = 0, torque_rpm = 0, limiter_rpm = 0] = found.value;
  const idle = figures.idleSpeed.estimate;
  const curve = torqueCurve({
    power_kW,
    power_rpm,
    torque_Nm,
    torque_rpm,
    limiter_rpm: Math.max(limiter_rpm, power_rpm),
    idle_rpm: idle.kind === 'known' ? idle.interval.mid : USUAL_IDLE,
  });
  return curve.kind === 'curve'
    ? { kind: 'known', value: curve }
    : { kind: 'unknown', missing: ['agreeingPeaks'] };
}

/** Ratios, sprockets and rear tyre, or what is missing. Without a tyre size the rim and a usual section are taken. */
export function drivetrain(donor: Donor, figures: NormalFigures): Found<Drivetrain> {
  // Every gear up to the last, or none: a ratio left out in the middle would move the others down.
  const count =
    figures.gears.estimate.kind === 'known'
      ? figures.gears.estimate.interval.mid
      : RATIOS.findLastIndex((key) => figures[key].estimate.kind === 'known') + 1;
  const first = mids(figures, [
    'gears',
    'primaryRatio',
    'sprocketFront',
    'sprocketRear',
    ...RATIOS.slice(0, Math.max(1, count)),
  ]);
  const tyre = parseTyre(factInUse(donor.facts?.tyreRear)?.value ?? '');
  const rim = figures.wheelRear.estimate;
  const diameter =
    tyre?.diameter_mm ?? (rim.kind === 'known' ? rim.interval.mid + 2 * USUAL_SECTION : undefined);
  const missing = [
    ...(first.kind === 'unknown' ? first.missing : []),
    ...(diameter === undefined ? ['wheelRear'] : []),
  ];
  if (first.kind === 'unknown' || diameter === undefined) return { kind: 'unknown', missing };
  const [, primary = 0, frontTeeth = 0, rearTeeth = 0, ...gears] = first.value;
  return {
    kind: 'known',
    value: {
      primary,
      gears,
      frontTeeth,
      rearTeeth,
      circumference_m: rollingCircumference(diameter),
    },
  };
}

/** Engine and gears together, or everything that is missing of them. */
export function propulsionOf(donor: Donor, figures: NormalFigures): Found<Propulsion> {
  const [curve, train] = [engineCurve(figures), drivetrain(donor, figures)];
  if (curve.kind === 'unknown' || train.kind === 'unknown')
    return {
      kind: 'unknown',
      missing: [
        ...(curve.kind === 'unknown' ? curve.missing : []),
        ...(train.kind === 'unknown' ? train.missing : []),
      ],
    };
  return {
    kind: 'known',
    value: { curve: curve.value, train: train.value, efficiency: EFFICIENCY },
  };
}

/** How a machine stands in the wind, from its screen and fairing; naked where neither is known. */
export function windClass(donor: Donor): WindClass {
  const [screen, fairing] = [
    factInUse(donor.facts?.screen)?.value,
    factInUse(donor.facts?.fairing)?.value,
  ];
  if (fairing === 'half' || fairing === 'full') return 'faired';
  return screen !== undefined && screen !== 'none' ? 'screen' : 'naked';
}

/** Drag area with this brief's luggage, m². */
export const dragAreaOf = (donor: Donor, brief: Brief): number =>
  dragArea(windClass(donor), brief.trip.luggage_kg);

export const DRIVELINE_EFFICIENCY = EFFICIENCY;

/** A figure of something found, or the names of what is missing. */
export const estimateOf = <T>(found: Found<T>, f: (value: T) => number): Estimate =>
  found.kind === 'unknown' ? unknown(...found.missing) : certain(f(found.value));
