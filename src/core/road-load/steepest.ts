import type { Ground } from '../brief';
import type { Stance } from './accelerate';

/**
 * Grip of a tyre that suits the ground, μ of the load on it. Dry asphalt 0.8–0.9, gravel and dry earth 0.5–0.6 (common practice, from
 * memory); loose single track and sand are our own, with low confidence.
 */
export const GRIP: Readonly<Record<Ground, number>> = {
  motorway: 0.9,
  openRoad: 0.9,
  town: 0.8,
  gravel: 0.6,
  twoTrack: 0.6,
  singleTrack: 0.55,
  sandMud: 0.55,
};
/** How far the grip of a ground may lie off, either way. Own assumption. */
export const GRIP_SPREAD = 0.1;

/** Grade at which the front lifts at a steady climb, rise ÷ run: b/h (statics). */
export const tippingGrade = ({ ahead_m, height_m }: Pick<Stance, 'ahead_m' | 'height_m'>): number =>
  ahead_m / height_m;

/**
 * Steepest grade that the rear wheel's grip holds at a steady climb, rise ÷ run: the load on it grows with the slope,
 * μ·((p − b) + h·tanθ)/p = tanθ + Crr → tanθ = (μ·(p − b)/p − Crr)/(1 − μ·h/p) (statics; nothing pulls at the front).
 * `Infinity` where the slope loads the rear wheel faster than it asks.
 */
export function gripGrade(
  { wheelbase_m, ahead_m, height_m, grip }: Stance,
  rollingCoefficient: number,
): number {
  const holds = (grip * (wheelbase_m - ahead_m)) / wheelbase_m - rollingCoefficient;
  const asks = 1 - (grip * height_m) / wheelbase_m;
  return asks > 0 ? holds / asks : Number.POSITIVE_INFINITY;
}
