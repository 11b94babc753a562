import { GROUNDS, type GroundShares } from '../brief';
import type { Millimetres } from '../units';
import { TRAVEL_ASKED } from './ground-asks';

/** Share of what the ground asks that one end's travel gives, 0–1, as a function of the travel: Σ share·min(1, travel ÷ asked). */
export function travelShareOn(shares: GroundShares): (travel: Millimetres) => number {
  const ridden = GROUNDS.filter((g) => shares[g] > 0);
  const parts = ridden.map((g) => shares[g] / 100);
  const asked = ridden.map((g) => TRAVEL_ASKED[g]);
  return (travel) => {
    const has = Math.max(0, travel);
    let sum = 0;
    for (let i = 0; i < parts.length; i += 1)
      sum += (parts[i] as number) * Math.min(1, has / (asked[i] as number));
    return sum;
  };
}

/** {@link travelShareOn} of one travel. */
export const travelShare = (travel: Millimetres, shares: GroundShares): number =>
  travelShareOn(shares)(travel);
