import { askedOf, type Ground, type GroundShares } from '../brief';
import { CLEARANCE_ASKED } from './ground-asks';

/** Clearance that a way asks, mm: it rises with the cumulated share of the rough grounds, in full from a tenth of the way. */
export function clearanceAsked(shares: GroundShares): {
  readonly ground: Ground;
  readonly asked_mm: number;
} {
  const { ground, value } = askedOf(shares, CLEARANCE_ASKED);
  return { ground, asked_mm: value };
}
