import { GROUNDS, type Ground, type GroundShares } from '../brief';
import { WANT_KEYS, type WantKey } from './wants';

/**
 * How much each want matters on each ground, 0 (not at all) to 4 (decides the day). Our own assumption from what
 * riders say they missed where; the app shows this table. Money counts the same everywhere.
 */
export const WANT_MATTERS: Readonly<Record<WantKey, Readonly<Record<Ground, number>>>> = {
  heelGap: { motorway: 0.5, openRoad: 1, town: 3, gravel: 2, twoTrack: 3, singleTrack: 3, sandMud: 4 },
  readyMass: { motorway: 0.5, openRoad: 1, town: 2, gravel: 2, twoTrack: 3, singleTrack: 4, sandMud: 4 },
  powerToMass: { motorway: 4, openRoad: 3, town: 1, gravel: 2, twoTrack: 1, singleTrack: 1, sandMud: 2 },
  range: { motorway: 3, openRoad: 3, town: 1, gravel: 3, twoTrack: 3, singleTrack: 2, sandMud: 3 },
  suspension: { motorway: 1, openRoad: 1, town: 1, gravel: 2, twoTrack: 4, singleTrack: 4, sandMud: 3 },
  clearance: { motorway: 0, openRoad: 0, town: 0.5, gravel: 1, twoTrack: 3, singleTrack: 4, sandMud: 2 },
  payloadLeft: { motorway: 2, openRoad: 2, town: 1, gravel: 2, twoTrack: 2, singleTrack: 1, sandMud: 1 },
  serviceInterval: { motorway: 3, openRoad: 2, town: 1, gravel: 2, twoTrack: 2, singleTrack: 1, sandMud: 1 },
  outlay: { motorway: 2, openRoad: 2, town: 2, gravel: 2, twoTrack: 2, singleTrack: 2, sandMud: 2 },
};

export type WantWeights = Readonly<Record<WantKey, number>>;

/** Weights of the wants from the ground shares: Σ share × matter, normalised to add to 1. */
export function wantWeights(shares: GroundShares): WantWeights {
  const raw = WANT_KEYS.map((want) => GROUNDS.reduce((sum, g) => sum + shares[g] * WANT_MATTERS[want][g], 0));
  const total = raw.reduce((a, b) => a + b, 0);
  return Object.fromEntries(WANT_KEYS.map((want, i) => [want, (raw[i] ?? 0) / total])) as Record<WantKey, number>;
}
