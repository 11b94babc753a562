import { between, type Interval } from '../numeric';
import type { Basis } from './figure-definitions';

/**
 * Share of crank power or torque lost before the rear wheel. Product of primary 0.98–0.99, gearbox 0.98–0.99 twice,
 * chain 0.96–0.98, tyre on roller 0.93–0.97 → 7.8–16.0 %; the middle is common practice, "about a tenth" (no source).
 */
export const DRIVELINE_LOSS = between(0.078, 0.16, 0.11);

/** At the crank: wheel ÷ (1 − loss). Works for power and torque at equal crank speed. */
export function crankFrom<N extends number>(quoted: Interval<N>, basis: Basis): Interval<N> {
  if (basis !== 'wheel') return quoted;
  return between<N>(
    (quoted.low / (1 - DRIVELINE_LOSS.low)) as N,
    (quoted.high / (1 - DRIVELINE_LOSS.high)) as N,
    quoted.mid / (1 - DRIVELINE_LOSS.mid),
  );
}
