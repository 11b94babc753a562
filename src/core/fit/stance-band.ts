import type { StanceBand } from '../brief';
import { normalCdf } from '../numeric';

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

/** Probability of each band when the gap is normally scattered about `gap_mm`. The four add to 1. */
export function stanceProbabilities(
  gap_mm: number,
  sigma_mm: number = STANCE_SIGMA,
): Readonly<Record<StanceBand, number>> {
  const below = (limit: number) => normalCdf((limit - gap_mm) / sigma_mm);
  const [flat, balls, tiptoes] = [
    below(STANCE_LIMITS.flat),
    below(STANCE_LIMITS.balls),
    below(STANCE_LIMITS.tiptoes),
  ];
  return { flat, balls: balls - flat, tiptoes: tiptoes - balls, none: 1 - tiptoes };
}
