import type { Brief } from '../brief';
import type { Donor } from '../donor';
import { torqueCurve, type EnginePeaks } from '../engine';
import { factInUse } from '../facts';
import { type Drivetrain } from '../gearing';
import { type NormalFigures } from '../readings';
import { dragArea, type Propulsion, type WindClass } from '../road-load';
import { Curve, ENGINE_KEYS, EngineKey, Found, mids, PullOf, Tried } from './found';
import { gearing } from './gearing-of';

/** Share of crank power that reaches the road: the middle of the losses in `core/readings`. */
const EFFICIENCY = 0.89;
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
