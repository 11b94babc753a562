import { STANDARD_GRAVITY } from '../units';
import type { Ground } from '../brief';

/**
 * Rolling coefficient of each ground. Asphalt 0.011–0.015 for cars, 0.015–0.025 for motorcycles; rolled gravel 0.02; unpaved 0.05;
 * field 0.1–0.35 (Bosch Automotive Handbook, from memory); sand 0.15–0.40 (low confidence). The values between are our own.
 */
export const ROLLING_COEFFICIENT: Readonly<Record<Ground, number>> = {
  motorway: 0.02,
  openRoad: 0.02,
  town: 0.02,
  gravel: 0.03,
  twoTrack: 0.06,
  singleTrack: 0.09,
  sandMud: 0.2,
};

/** A machine with its load on one ground in one air. */
export interface RoadLoad {
  readonly mass_kg: number;
  readonly rollingCoefficient: number;
  /** Drag area Cd·A, m². */
  readonly dragArea_m2: number;
  readonly airDensity_kgm3: number;
  /** Rise ÷ run; 0 on the level. */
  readonly grade?: number;
  /** Against the rider, m/s. */
  readonly headwind_ms?: number;
}

/** Resistance, N: m·g·Crr·cosθ + m·g·sinθ + ½ρ·CdA·(v + w)|v + w|, θ = atan(grade). Speed in m/s. */
export function resistance(load: RoadLoad, v_ms: number): number {
  const air = v_ms + (load.headwind_ms ?? 0);
  // cos and sin of atan(grade) without trigonometry.
  const grade = load.grade ?? 0;
  const run = grade === 0 ? 1 : 1 / Math.hypot(1, grade);
  return (
    load.mass_kg * STANDARD_GRAVITY * run * (load.rollingCoefficient + grade) +
    0.5 * load.airDensity_kgm3 * load.dragArea_m2 * air * Math.abs(air)
  );
}

/** Crank power that holds a speed, kW: F·v/η. */
export const powerToHold = (load: RoadLoad, speed_kmh: number, efficiency: number): number =>
  (resistance(load, speed_kmh / 3.6) * (speed_kmh / 3.6)) / efficiency / 1000;
