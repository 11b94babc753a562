import { between, derive, source, type Known } from '../numeric';
import type { Basis } from './figure-definitions';
import { SHARED_BY_BASIS } from './shared-by-basis';

/**
 * Share of crank power or torque lost before the rear wheel. Product of primary 0.98–0.99, gearbox 0.98–0.99 twice,
 * chain 0.96–0.98, tyre on roller 0.93–0.97 → 7.8–16.0 %; the middle is common practice, "about a tenth" (no source).
 */
export const DRIVELINE_LOSS = between(0.078, 0.16, 0.11);

/**
 * At the crank: wheel ÷ (1 − loss). Works for power and torque at equal crank speed.
 *
 * @param machine whose driveline it is: readings of one machine share its loss
 */
export function crankFrom<N extends number>(
  quoted: Known<N>,
  basis: Basis,
  machine: string,
): Known<N> {
  if (basis !== 'wheel') return quoted;
  const loss = source(`driveline/${machine}`, DRIVELINE_LOSS, SHARED_BY_BASIS('driveline'));
  return derive([quoted, loss], (wheel, share) => (wheel / (1 - share)) as N);
}
