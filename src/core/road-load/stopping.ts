import { STANDARD_GRAVITY } from '../units';
import type { Stance } from './accelerate';

/** Time to react and to press, s (reference, from memory: common practice). */
export const REACTION_S = 1;

/** Hardest braking before the rear lifts, m/s²: g·(p − b)/h. */
export const stoppieLimit = ({ wheelbase_m, ahead_m, height_m }: Stance): number =>
  (STANDARD_GRAVITY * (wheelbase_m - ahead_m)) / height_m;

/** Distance to stand still, m: v·t + v²/(2a), a the lesser of the tyres' grip and of what lifts the rear. A comparison, for a practised rider. */
export function stoppingDistance(speed_kmh: number, stance: Stance): number {
  const v = speed_kmh / 3.6;
  const most = Math.min(stance.grip * STANDARD_GRAVITY, stoppieLimit(stance));
  return v * REACTION_S + v ** 2 / (2 * most);
}
