import { STANDARD_GRAVITY } from '../units';
import type { Stance } from './accelerate';

/** From seeing to braking, s. Common practice for an attentive rider (from memory). */
export const REACTION_S = 1;

/** Hardest braking before the rear lifts, m/s²: g·(p − b)/h (statics). */
export const stoppieLimit = ({ wheelbase_m, ahead_m, height_m }: Omit<Stance, 'grip'>): number =>
  (STANDARD_GRAVITY * (wheelbase_m - ahead_m)) / height_m;

/**
 * Distance from seeing to standing, m: v·t + v²/(2a), with both wheels braked as hard as the ground's grip lets them, and no harder than
 * the rear stays down.
 *
 * @param speed_kmh at the beginning
 */
export function stoppingDistance(
  speed_kmh: number,
  stance: Stance,
  reaction_s = REACTION_S,
): number {
  const v = speed_kmh / 3.6;
  const a = Math.min(stance.grip * STANDARD_GRAVITY, stoppieLimit(stance));
  return v * reaction_s + v ** 2 / (2 * a);
}
