import { GROUNDS, type Ground, type GroundShares } from '../brief';
import { multiply, plusMinus, scale, type Interval } from '../numeric';
import { kilometresPerHour, type KilometresPerHour, type LitresPer100Km } from '../units';
import { REFERENCE_MACHINE, steadyConsumption } from './steady-consumption';

/** Pace that "mixed riding" stands for, km/h. */
export const MIXED_PACE = kilometresPerHour(90);
/** What slow ground costs against mixed riding: low gears, slip, standing starts. Our own assumption, ±10 %. */
const SLOW_GROUND: Readonly<Record<Exclude<Ground, 'motorway' | 'openRoad'>, number>> = {
  town: 1.1,
  gravel: 1.1,
  twoTrack: 1.3,
  singleTrack: 1.45,
  sandMud: 1.7,
};
const SLOW_GROUND_SPREAD = 0.1;

const paceFactor = (speed: number): number =>
  steadyConsumption(REFERENCE_MACHINE, kilometresPerHour(speed)) /
  steadyConsumption(REFERENCE_MACHINE, MIXED_PACE);

/** Fuel use on one ground ÷ fuel use in mixed riding. Motorway at the cruise wanted, open road at the cruise or 90 km/h. */
export function groundFactor(ground: Ground, cruise: KilometresPerHour): Interval {
  if (ground === 'motorway') return plusMinus(paceFactor(cruise), 0);
  if (ground === 'openRoad') return plusMinus(paceFactor(Math.min(cruise, MIXED_PACE)), 0);
  const factor = SLOW_GROUND[ground];
  return plusMinus(factor, (factor - 1) * SLOW_GROUND_SPREAD);
}

/**
 * Consumption over the ground mix, L/100 km: shares are shares of distance, so L/100 km average arithmetically
 * (km/L and mpg would need the harmonic mean).
 */
export function mixConsumption(
  mixed: Interval<LitresPer100Km>,
  shares: GroundShares,
  cruise: KilometresPerHour,
): Interval<LitresPer100Km> {
  const total = GROUNDS.reduce(
    (sum, g) => {
      const f = scale(groundFactor(g, cruise), shares[g] / 100);
      return { low: sum.low + f.low, mid: sum.mid + f.mid, high: sum.high + f.high };
    },
    { low: 0, mid: 0, high: 0 },
  );
  return multiply<LitresPer100Km>(mixed, total);
}
