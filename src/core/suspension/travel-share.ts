import { GROUNDS, type GroundShares } from '../brief';
import { mapMonotone, type Interval } from '../numeric';
import type { Millimetres } from '../units';
import { TRAVEL_ASKED } from './ground-asks';

/** Share of what the ground asks that one end's travel gives, 0–1: Σ share·min(1, travel ÷ asked). */
export function travelShare(travel: Interval<Millimetres>, shares: GroundShares): Interval {
  return mapMonotone(travel, (t) =>
    GROUNDS.reduce((sum, g) => sum + (shares[g] / 100) * Math.min(1, t / TRAVEL_ASKED[g]), 0),
  );
}
