import { STANDARD_GRAVITY } from '../units';
import { rpmAt, speedPerThousand } from '../gearing';
import { resistance, type RoadLoad } from './resistance';
import { thrustIn, type Propulsion } from './thrust';

/** Rotating parts as a share of mass, first to sixth gear. Own, low confidence. */
export const ROTATING_MASS = [1.2, 1.11, 1.08, 1.06, 1.05, 1.04] as const;

/** Wheelbase p, centre of mass b ahead of the rear contact and h high, m; tyre grip μ. */
export interface Stance {
  readonly wheelbase_m: number;
  readonly ahead_m: number;
  readonly height_m: number;
  readonly grip: number;
}

export interface LaunchSetting {
  readonly stance: Stance;
  /** Engine speed held by the clutch from a standstill. */
  readonly launch_rpm: number;
  readonly shift_rpm: number;
  readonly shift_s: number;
}

/** Highest acceleration before the front lifts, m/s²: g·b/h. */
export const wheelieLimit = ({ ahead_m, height_m }: Stance): number =>
  (STANDARD_GRAVITY * ahead_m) / height_m;
/** Highest acceleration the rear tyre can hold, m/s²: μ·g·(p − b)/(p − μ·h). */
export const gripLimit = ({ wheelbase_m, ahead_m, height_m, grip }: Stance): number =>
  (grip * STANDARD_GRAVITY * (wheelbase_m - ahead_m)) / (wheelbase_m - grip * height_m);

/** Longest that is simulated, s; what takes longer is not reached. */
const LONGEST = 120;
const STEP = 0.02;

/**
 * Time and distance from a standstill to a speed, changing up at `shift_rpm`, by the midpoint rule:
 * dv/dt = min(grip, wheelie, (thrust − resistance)/(m·λ)). ±0.5–0.8 s honest. `undefined`: not reached.
 */
export function launch(
  propulsion: Propulsion,
  load: RoadLoad,
  setting: LaunchSetting,
  to_kmh: number,
): { readonly time_s: number; readonly distance_m: number } | undefined {
  const most = Math.min(gripLimit(setting.stance), wheelieLimit(setting.stance));
  const { train, curve } = propulsion;
  const target = to_kmh / 3.6;
  let [v, t, x, gear, shifting] = [0, 0, 0, 1, 0];
  const inGear = train.gears.map((_ratio, i) => ({
    push: thrustIn(propulsion, i + 1),
    slowest:
      (speedPerThousand(train, i + 1) * (i === 0 ? setting.launch_rpm : curve.peaks.idle_rpm)) /
      1000,
    inertia: load.mass_kg * (ROTATING_MASS[i] ?? 1.04),
  }));
  const acceleration = (speed: number): number => {
    if (shifting > 0) return -resistance(load, speed) / load.mass_kg;
    const now = inGear[gear - 1];
    if (!now) return 0;
    return Math.min(
      most,
      (now.push(Math.max(speed * 3.6, now.slowest)) - resistance(load, speed)) / now.inertia,
    );
  };
  while (v < target) {
    if (t > LONGEST) return undefined;
    const half = v + (acceleration(v) * STEP) / 2;
    const a = acceleration(half);
    x += half * STEP;
    v += a * STEP;
    t += STEP;
    shifting = Math.max(0, shifting - STEP);
    if (
      shifting === 0 &&
      gear < train.gears.length &&
      rpmAt(train, gear, v * 3.6) >= setting.shift_rpm
    ) {
      gear += 1;
      shifting = setting.shift_s;
    }
    if (v < -0.01) return undefined;
  }
  return { time_s: t, distance_m: x };
}

/** Time from one speed to another in one gear at full throttle, s; `undefined` when it is not reached. */
export function rollOn(
  propulsion: Propulsion,
  load: RoadLoad,
  gear: number,
  from_kmh: number,
  to_kmh: number,
): number | undefined {
  const inertia = load.mass_kg * (ROTATING_MASS[gear - 1] ?? 1.04);
  const push = thrustIn(propulsion, gear);
  return timeBetween(
    (v) => (push(v * 3.6) - resistance(load, v)) / inertia,
    from_kmh / 3.6,
    to_kmh / 3.6,
  );
}

/** ∫ dv/a(v) by Simpson's rule; `undefined` where the acceleration does not stay above zero. Speeds in m/s. */
export function timeBetween(
  acceleration: (v_ms: number) => number,
  from_ms: number,
  to_ms: number,
): number | undefined {
  const n = 80;
  const h = (to_ms - from_ms) / n;
  let sum = 0;
  for (let i = 0; i <= n; i += 1) {
    const a = acceleration(from_ms + i * h);
    if (!(a > 0)) return undefined;
    sum += (i === 0 || i === n ? 1 : i % 2 === 1 ? 4 : 2) / a;
  }
  return (sum * h) / 3;
}
