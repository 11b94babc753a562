import { STANDARD_GRAVITY } from '../units';
import type { TorqueCurve } from '../engine';
import { speedPerThousand, totalRatio, type Drivetrain } from '../gearing';
import { resistance, type RoadLoad } from './resistance';

type Curve = Extract<TorqueCurve, { kind: 'curve' }>;

/** Engine, gears and losses; `power` scales the whole curve (altitude, heat). */
export interface Propulsion {
  readonly curve: Curve;
  readonly train: Drivetrain;
  /** Crank to road, 0–1. */
  readonly efficiency: number;
  readonly powerFactor?: number;
}

/** Full-throttle thrust at the rear wheel in one gear, N, as a function of speed in km/h; 0 where the engine speed is below idle or beyond the limiter. */
export function thrustIn(
  { curve, train, efficiency, powerFactor = 1 }: Propulsion,
  gear: number,
): (speed_kmh: number) => number {
  const perKmh = 1000 / speedPerThousand(train, gear);
  const lever =
    (powerFactor * efficiency * totalRatio(train, gear) * 2 * Math.PI) / train.circumference_m;
  return (speed_kmh) => curve.torqueAt(speed_kmh * perKmh) * lever;
}

/** The same at one speed. */
export const thrust = (propulsion: Propulsion, gear: number, speed_kmh: number): number =>
  thrustIn(propulsion, gear)(speed_kmh);

/** The gear that pushes hardest at a speed, and how hard; `undefined` when none can be used. */
export function bestGear(
  propulsion: Propulsion,
  speed_kmh: number,
): { readonly gear: number; readonly thrust_N: number } | undefined {
  return propulsion.train.gears.reduce<{ gear: number; thrust_N: number } | undefined>(
    (best, _ratio, i) => {
      const force = thrust(propulsion, i + 1, speed_kmh);
      return force > 0 && (!best || force > best.thrust_N)
        ? { gear: i + 1, thrust_N: force }
        : best;
    },
    undefined,
  );
}

/**
 * Steepest climb that a thrust holds at a speed, as rise ÷ run: θ = asin(Fn/(m·g·√(1+Crr²))) − atan(Crr), Fn = thrust − air drag.
 * Negative: it cannot hold the level. Grip and wheelies are not in it. Beyond vertical: `Infinity`.
 */
export function steepestGrade(thrust_N: number, load: RoadLoad, speed_kmh: number): number {
  const drag = resistance({ ...load, rollingCoefficient: 0, grade: 0 }, speed_kmh / 3.6);
  const sine =
    (thrust_N - drag) / (load.mass_kg * STANDARD_GRAVITY * Math.hypot(1, load.rollingCoefficient));
  if (sine >= 1) return Number.POSITIVE_INFINITY;
  return Math.tan(Math.asin(Math.max(-1, sine)) - Math.atan(load.rollingCoefficient));
}
