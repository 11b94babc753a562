import type { StanceBand } from '../brief';
import { shareWithin, type Known } from '../numeric';

/**
 * Largest heel gap of each band, mm: ≤ 10 both feet flat, ≤ 65 balls, ≤ 120 tiptoes, above that one foot or none.
 * Ground: foot as a lever 122 mm ankle to ball, 195 mm to toe tip, ankle at 75 mm → heel rise at most 68 and 134 mm.
 */
export const STANCE_LIMITS: Readonly<Record<Exclude<StanceBand, 'none'>, number>> = {
  flat: 10,
  balls: 65,
  tiptoes: 120,
};

/** Scatter of real sits about the model, mm (one standard deviation). Our own assumption. */
export const STANCE_SIGMA = 20;

/** The band a heel gap falls in. */
export function stanceBand(gap_mm: number): StanceBand {
  if (Number.isNaN(gap_mm)) throw new RangeError('stanceBand: not a number');
  if (gap_mm <= STANCE_LIMITS.flat) return 'flat';
  if (gap_mm <= STANCE_LIMITS.balls) return 'balls';
  return gap_mm <= STANCE_LIMITS.tiptoes ? 'tiptoes' : 'none';
}

/** Share of the rows of the table of draws in which a heel gap falls into each band. The four add to 1. */
export function stanceProbabilities(gap: Known): Readonly<Record<StanceBand, number>> {
  const limits = [STANCE_LIMITS.flat, STANCE_LIMITS.balls, STANCE_LIMITS.tiptoes];
  const [flat = 0, balls = 0, tiptoes = 0] = limits.map((limit) => shareWithin(gap, limit));
  return { flat, balls: balls - flat, tiptoes: tiptoes - balls, none: 1 - tiptoes };
}
