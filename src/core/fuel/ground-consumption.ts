import { GROUNDS, type Ground, type GroundShares } from '../brief';
import {
  certain,
  combine,
  plusMinus,
  source,
  weightedSum,
  type Estimate,
  type Known,
} from '../numeric';
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

/**
 * Fuel use on one ground ÷ fuel use in mixed riding. Motorway at the cruise wanted, open road at the cruise or 90 km/h. What slow ground
 * costs is one source for each ground, the same for every machine.
 */
export function groundFactor(ground: Ground, cruise: KilometresPerHour): Known {
  if (ground === 'motorway') return certain(paceFactor(cruise));
  if (ground === 'openRoad') return certain(paceFactor(Math.min(cruise, MIXED_PACE)));
  const factor = SLOW_GROUND[ground];
  return source(`fuel-on/${ground}`, plusMinus(factor, (factor - 1) * SLOW_GROUND_SPREAD));
}

const mixed = new WeakMap<GroundShares, { readonly cruise: number; readonly factor: Known }>();

/** Fuel use over a ground mix ÷ fuel use in mixed riding; the same for every machine, and kept for each mix. */
export function mixFactor(shares: GroundShares, cruise: KilometresPerHour): Known {
  const kept = mixed.get(shares);
  if (kept?.cruise === cruise) return kept.factor;
  const factor = weightedSum(
    GROUNDS.map((g) => ({ figure: groundFactor(g, cruise), weight: shares[g] / 100 })),
  );
  mixed.set(shares, { cruise, factor });
  return factor;
}

/**
 * Consumption over the ground mix, L/100 km: shares are shares of distance, so L/100 km average arithmetically
 * (km/L and mpg would need the harmonic mean).
 */
export const mixConsumption = (
  use: Estimate<LitresPer100Km>,
  shares: GroundShares,
  cruise: KilometresPerHour,
): Estimate<LitresPer100Km> =>
  combine([use, mixFactor(shares, cruise)] as const, (u, factor) => (u * factor) as LitresPer100Km);
