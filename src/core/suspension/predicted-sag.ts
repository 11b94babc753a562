import { combine, plusMinus, source, type Estimate } from '../numeric';
import { forkSag, wheelSag } from './sag';

/** Unsprung mass of one end, kg, and preload as delivered, mm on the spring. Own assumption; measure. */
const UNSPRUNG_KG = 17;
const FORK_PRELOAD = { low: 2, mid: 10, high: 20 };
const SHOCK_PRELOAD = { low: 6, mid: 12, high: 18 };
/** Seals and bushes hold this much, mm (reference, from memory). */
const FRICTION = 8;
const STICTION = () => source('stiction', plusMinus(0, FRICTION));
/** The two of them that the words of a sag name. */
export const SAG_FACTS = { friction_mm: FRICTION, unsprung_kg: UNSPRUNG_KG } as const;

/** Rider sag of the fork along its legs under an axle load, mm. `legRate` N/mm of one leg, rake in degrees. */
export const predictedForkSag = (axle: Estimate, legRate: Estimate, rake_deg: number): Estimate =>
  combine(
    [axle, legRate, source('fork-preload', FORK_PRELOAD), STICTION()] as const,
    (kg, k, p, f) => Math.max(0, forkSag(k, rake_deg, p, Math.max(0, kg - UNSPRUNG_KG)) + f),
  );

/** Rider sag of the rear wheel under an axle load, mm. */
export const predictedShockSag = (
  axle: Estimate,
  rate: Estimate,
  motionRatio: Estimate,
): Estimate =>
  combine(
    [axle, rate, motionRatio, source('shock-preload', SHOCK_PRELOAD), STICTION()] as const,
    (kg, rate_Npmm, mr, preload_mm, f) =>
      Math.max(
        0,
        wheelSag({ rate_Npmm, motionRatio: mr, preload_mm }, Math.max(0, kg - UNSPRUNG_KG)) + f,
      ),
  );
