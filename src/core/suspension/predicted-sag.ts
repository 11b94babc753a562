import { between, type Interval } from '../numeric';
import { forkSag, wheelSag } from './sag';

/** Unsprung mass of one end, kg, and preload as delivered, mm on the spring. Own assumption; measure. */
const UNSPRUNG_KG = 17;
const FORK_PRELOAD = { low: 2, mid: 10, high: 20 };
const SHOCK_PRELOAD = { low: 6, mid: 12, high: 18 };
/** Seals and bushes hold this much, mm (reference, from memory). */
const FRICTION = 8;
/** The two of them that the words of a sag name. */
export const SAG_FACTS = { friction_mm: FRICTION, unsprung_kg: UNSPRUNG_KG } as const;

/** Rider sag of the fork along its legs under an axle load, mm. `legRate` N/mm of one leg, rake in degrees. */
export function predictedForkSag(axle_kg: number, legRate: Interval, rake_deg: number): Interval {
  const at = (rate: number, preload: number) =>
    forkSag(rate, rake_deg, preload, Math.max(0, axle_kg - UNSPRUNG_KG));
  return between(
    Math.max(0, at(legRate.high, FORK_PRELOAD.high) - FRICTION),
    at(legRate.low, FORK_PRELOAD.low) + FRICTION,
    Math.max(0, at(legRate.mid, FORK_PRELOAD.mid)),
  );
}

/** Rider sag of the rear wheel under an axle load, mm. */
export function predictedShockSag(
  axle_kg: number,
  rate: Interval,
  motionRatio: Interval,
): Interval {
  const at = (rate_Npmm: number, preload_mm: number, mr: number) =>
    wheelSag({ rate_Npmm, motionRatio: mr, preload_mm }, Math.max(0, axle_kg - UNSPRUNG_KG));
  return between(
    Math.max(0, at(rate.high, SHOCK_PRELOAD.high, motionRatio.high) - FRICTION),
    at(rate.low, SHOCK_PRELOAD.low, motionRatio.low) + FRICTION,
    Math.max(0, at(rate.mid, SHOCK_PRELOAD.mid, motionRatio.mid)),
  );
}
