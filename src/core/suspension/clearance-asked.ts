import { GROUNDS, type Ground, type GroundShares } from '../brief';
import { CLEARANCE_ASKED } from './ground-asks';

/** A ground counts for clearance from this share of the distance up, %. */
export const CLEARANCE_SHARE_FROM = 10;

/** The ground that asks most clearance among those with at least a tenth of the distance, and what it asks, mm. */
export function clearanceAsked(shares: GroundShares): {
  readonly ground: Ground;
  readonly asked_mm: number;
} {
  const counted = GROUNDS.filter((g) => shares[g] >= CLEARANCE_SHARE_FROM);
  const ground = counted.reduce<Ground>(
    (most, g) => (CLEARANCE_ASKED[g] > CLEARANCE_ASKED[most] ? g : most),
    'motorway',
  );
  return { ground, asked_mm: CLEARANCE_ASKED[ground] };
}
