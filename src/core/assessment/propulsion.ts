import type { Brief } from '../brief';
import type { Donor } from '../donor';
import { torqueCurve, type EnginePeaks, type TorqueCurve } from '../engine';
import { factInUse } from '../facts';
import { rollingCircumference, speedPerThousand, type Drivetrain } from '../gearing';
import { certain, combine, type Known } from '../numeric';
import { readingInUse, type FigureKey, type NormalFigures } from '../readings';
import { dragArea, type Propulsion, type WindClass } from '../road-load';
import { typicalGears } from '../typical';
import { parseTyre } from '../tyre';

/** Share of crank power that reaches the road: the middle of the losses in `core/readings`. */
const EFFICIENCY = 0.89;
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

const ENGINE_KEYS = [
  'power',
  'powerRpm',
  'torque',
  'torqueRpm',
  'redline',
  'idleSpeed',
] as const satisfies readonly FigureKey[];
type EngineKey = (typeof ENGINE_KEYS)[number];
/** What engine and gears are computed from, and may be tried at other values than their middles. */
export type PullKey = EngineKey | 'speedFirst' | 'speedTop';
/** Whose engine and gears, with the figures as its parts leave them. */
export interface PullOf {
  readonly donor: Donor;
  readonly figures: NormalFigures;
}
/** Values to be tried, by what they stand for; the middle where none is named. */
export type Tried = { readonly [K in PullKey]?: number | undefined };

const mids = (
  figures: NormalFigures,
  keys: readonly FigureKey[],
  tried: Tried = {},
): Found<readonly number[]> => {
  const missing = keys.filter((key) => figures[key].estimate.kind === 'unknown');
  if (missing.length > 0) return { kind: 'unknown', missing };
  return {
    kind: 'known',
    value: keys.flatMap((key) => {
      const { estimate } = figures[key];
      return estimate.kind === 'known'
        ? [(tried as Record<string, number>)[key] ?? estimate.mid]
        : [];
    }),
  };
};

/** Peaks of torque and power lie at least so far apart, and are at least so much more than the other end of the curve asks. Own assumption. */
const APART = { speed: 0.9, torque: 1.02 };
const W_PER_KW = 1000;
const radPerS = (rpm: number): number => (rpm * Math.PI) / 30;

/**
 * Peaks that fit each other, where what is only typical of the class would contradict what was read: P = T·ω between them, and idle
 * below both. What was read is never moved.
 */
function agreeing(peaks: EnginePeaks, typical: (key: EngineKey) => boolean): EnginePeaks {
  const next: { -readonly [K in keyof EnginePeaks]: EnginePeaks[K] } = { ...peaks };
  if (typical('torqueRpm'))
    next.torque_rpm = Math.min(next.torque_rpm, next.power_rpm * APART.speed);
  else if (typical('powerRpm'))
    next.power_rpm = Math.max(next.power_rpm, next.torque_rpm / APART.speed);
  if (typical('redline')) next.limiter_rpm = Math.max(next.limiter_rpm, next.power_rpm);
  else if (typical('powerRpm')) next.power_rpm = Math.min(next.power_rpm, next.limiter_rpm);
  if (typical('idleSpeed')) next.idle_rpm = Math.min(next.idle_rpm, next.torque_rpm / 2);
  const [wT, wP] = [radPerS(next.torque_rpm), radPerS(next.power_rpm)];
  if (typical('torque')) {
    const [least, most] = [
      (next.power_kW * W_PER_KW * APART.torque) / wP,
      (next.power_kW * W_PER_KW) / APART.torque / wT,
    ];
    next.torque_Nm = Math.max(least, Math.min(most, next.torque_Nm));
  } else if (typical('power')) {
    const [least, most] = [
      (next.torque_Nm * wT * APART.torque) / W_PER_KW,
      (next.torque_Nm * wP) / APART.torque / W_PER_KW,
    ];
    next.power_kW = Math.max(least, Math.min(most, next.power_kW));
  }
  return next;
}

/** The full-throttle curve of a machine from its peaks, or what is missing; quoted peaks that contradict each other count as missing. */
export function engineCurve(figures: NormalFigures, tried: Tried = {}): Found<Curve> {
  const found = mids(figures, ENGINE_KEYS, tried);
  if (found.kind === 'unknown') return found;
  const [power_kW = 0, power_rpm = 0, torque_Nm = 0, torque_rpm = 0, redline = 0, idle_rpm = 0] =
    found.value;
  const limiter_rpm = Math.max(redline, power_rpm);
  const isTypical = (key: EngineKey): boolean => figures[key].typical !== undefined;
  const curve = torqueCurve(
    agreeing({ power_kW, power_rpm, torque_Nm, torque_rpm, limiter_rpm, idle_rpm }, isTypical),
  );
  return curve.kind === 'curve'
    ? { kind: 'known', value: curve }
    : { kind: 'unknown', missing: ['agreeingPeaks'] };
}

/** Ratios and sprockets as quoted, or what is missing of them. */
function quotedGears(figures: NormalFigures): Found<readonly number[]> {
  // Every gear up to the last, or none: a ratio left out in the middle would move the others down.
  const count =
    figures.gears.estimate.kind === 'known'
      ? figures.gears.estimate.mid
      : RATIOS.findLastIndex((key) => figures[key].estimate.kind === 'known') + 1;
  return mids(figures, [
    'gears',
    'primaryRatio',
    ...(hasFinalRatio(figures) ? (['finalRatio'] as const) : SPROCKETS),
    ...RATIOS.slice(0, Math.max(1, count)),
  ]);
}

const SPROCKETS = ['sprocketFront', 'sprocketRear'] as const;
/** A shaft or belt has a ratio of its own; sprockets that are counted come first. */
const hasFinalRatio = (figures: NormalFigures): boolean =>
  figures.finalRatio.estimate.kind === 'known' &&
  SPROCKETS.some((key) => figures[key].estimate.kind === 'unknown');

/** First gear and the highest. */
export type GearEnd = 'first' | 'top';

/** What lies between a machine's gears and the road. */
interface Gearing {
  /** Speed for each 1000 rpm in first and in the highest gear, km/h. */
  readonly first: Known;
  readonly top: Known;
  /** Figures that nobody has given, so that an end is only typical of the class. Empty: as quoted or watched. */
  readonly typical: Readonly<Record<GearEnd, readonly FigureKey[]>>;
  readonly train: (first: number, top: number) => Drivetrain;
}

/**
 * Gears as quoted, else by the speed for each 1000 rpm that was watched on the road or is typical of the class. Sprockets that parts change change those too; then
 * the stock ones have to be known. Between first and highest gear the speeds lie half way between equal steps and equal ratios (own
 * assumption). Without a tyre size the rim and a usual section are taken.
 */
export function gearing({ donor, figures }: PullOf): Found<Gearing> {
  const tyre = parseTyre(factInUse(donor.facts?.tyreRear)?.value ?? '');
  const rim = figures.wheelRear.estimate;
  const diameter =
    tyre?.diameter_mm ?? (rim.kind === 'known' ? rim.mid + 2 * USUAL_SECTION : undefined);
  if (diameter === undefined) return { kind: 'unknown', missing: ['wheelRear'] };
  const circumference_m = rollingCircumference(diameter);
  const quoted = quotedGears(figures);
  if (quoted.kind === 'known') {
    const final = hasFinalRatio(figures) ? [1] : [];
    const [, primary = 0, ...rest] = quoted.value;
    const [frontTeeth = 0, rearTeeth = 0, ...gears] = [...final, ...rest];
    const train = { primary, gears, frontTeeth, rearTeeth, circumference_m };
    return {
      kind: 'known',
      value: {
        first: certain(speedPerThousand(train, 1)),
        top: certain(speedPerThousand(train, gears.length)),
        typical: { first: [], top: [] },
        train: () => train,
      },
    };
  }
  const [first, top] = [figures.speedFirst.estimate, figures.speedTop.estimate];
  const final = finalChange(donor, figures);
  if (first.kind === 'unknown' || top.kind === 'unknown' || final.kind === 'unknown')
    return { kind: 'unknown', missing: final.kind === 'unknown' ? final.missing : quoted.missing };
  const count =
    figures.gears.estimate.kind === 'known' ? figures.gears.estimate.mid : typicalGears(donor);
  const scaled = (speed: Known): Known =>
    combine([speed] as const, (kmh) => kmh * final.value.speed) as Known;
  const { frontTeeth, rearTeeth } = final.value;
  return {
    kind: 'known',
    value: {
      first: scaled(first),
      top: scaled(top),
      typical: {
        first: figures.speedFirst.typical ? (quoted.missing as readonly FigureKey[]) : [],
        top: figures.speedTop.typical ? (quoted.missing as readonly FigureKey[]) : [],
      },
      train: (low, high) => ({
        primary: 1,
        gears: speedsBetween(low, high, count).map(
          (kmh) => ((60 * circumference_m) / kmh) * (frontTeeth / rearTeeth),
        ),
        frontTeeth,
        rearTeeth,
        circumference_m,
      }),
    },
  };
}

/** Speeds of all gears between first and highest. */
function speedsBetween(first: number, top: number, count: number): readonly number[] {
  if (count < 2) return [top];
  return Array.from({ length: count }, (_, i) => {
    const share = i / (count - 1);
    const [even, geometric] = [first + (top - first) * share, first * (top / first) ** share];
    return (even + geometric) / 2;
  });
}

/** Teeth now, and how much faster than on the stock ones the same revs go; one to one where nobody has counted them and no part changes them. */
function finalChange(
  donor: Donor,
  figures: NormalFigures,
): Found<{ readonly frontTeeth: number; readonly rearTeeth: number; readonly speed: number }> {
  const keys = ['sprocketFront', 'sprocketRear'] as const;
  const changes = keys.map((key) => {
    const { estimate } = figures[key];
    const stock = readingInUse(donor.figures[key])?.amount;
    const now = estimate.kind === 'known' ? estimate.mid : undefined;
    return { key, stock, now, open: now !== undefined && stock === undefined };
  });
  const open = changes.filter((c) => c.open).map((c) => c.key);
  if (open.length > 0) return { kind: 'unknown', missing: open };
  const [front, rear] = changes;
  const by = (c: (typeof changes)[number] | undefined): number =>
    c?.now === undefined || c.stock === undefined ? 1 : c.now / c.stock;
  const counted = front?.now !== undefined && rear?.now !== undefined;
  return {
    kind: 'known',
    value: {
      frontTeeth: counted ? (front.now ?? 1) : 1,
      rearTeeth: counted ? (rear.now ?? 1) : 1,
      speed: by(front) / by(rear),
    },
  };
}

/** The drive train at the middles, or what is missing. */
export function drivetrain(of: PullOf): Found<Drivetrain> {
  const found = gearing(of);
  if (found.kind === 'unknown') return found;
  const { first, top, train } = found.value;
  return { kind: 'known', value: train(first.mid, top.mid) };
}

/** Engine and gears together at the middles or at what is tried, or everything that is missing of them. */
export function propulsionOf(of: PullOf, tried: Tried = {}): Found<Propulsion> {
  const [curve, gears] = [engineCurve(of.figures, tried), gearing(of)];
  if (curve.kind === 'unknown' || gears.kind === 'unknown')
    return {
      kind: 'unknown',
      missing: [
        ...(curve.kind === 'unknown' ? curve.missing : []),
        ...(gears.kind === 'unknown' ? gears.missing : []),
      ],
    };
  const { first, top, train } = gears.value;
  return {
    kind: 'known',
    value: {
      curve: curve.value,
      train: train(tried.speedFirst ?? first.mid, tried.speedTop ?? top.mid),
      efficiency: EFFICIENCY,
    },
  };
}

/** Whether engine or gears rest on what is only typical of the class. */
export const isTypicalPull = (of: PullOf): boolean => {
  const gears = gearing(of);
  return (
    (gears.kind === 'known' &&
      gears.value.typical.first.length + gears.value.typical.top.length > 0) ||
    ENGINE_KEYS.some((key) => of.figures[key].typical !== undefined)
  );
};

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
