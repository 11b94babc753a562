import { GROUNDS, type GroundShares } from '../brief';
import type { Millimetres } from '../units';
import { TRAVEL_ASKED } from './ground-asks';

/** Share of what the ground asks that one end's travel gives, 0–1: Σ share·min(1, travel ÷ asked). */
export function travelShare(travel: Millimetres, shares: GroundShares): number {
  const has = Math.max(0, travel);
  let sum = 0;
  for (const g of GROUNDS) {
    if (shares[g] > 0) sum += (shares[g] / 100) * Math.min(1, has / TRAVEL_ASKED[g]);
  }
  return sum;
}
