import { GROUNDS, type Ground, type GroundShares } from './brief';

/** From this share of the way up a ground asks all that it asks, %; below it, in proportion. */
const COUNTS_FROM = 10;

/**
 * The most that a way asks where each ground asks so much: what the rougher grounds ask rises with the share that they make up together,
 * and is asked in full from a tenth of the way. It never jumps with a share.
 *
 * @returns the value, and the ground that asks most among those that together make up a tenth
 */
export function askedOf(
  shares: GroundShares,
  asks: Readonly<Record<Ground, number>>,
): { readonly ground: Ground; readonly value: number } {
  const order = GROUNDS.toSorted((a, b) => asks[b] - asks[a]);
  const easiest = order.at(-1) ?? 'openRoad';
  let [value, cumulated] = [asks[easiest], 0];
  let ground: Ground | undefined;
  order.forEach((g, i) => {
    const next = order[i + 1];
    cumulated += shares[g];
    if (ground === undefined && cumulated >= COUNTS_FROM) ground = g;
    if (next !== undefined) value += (asks[g] - asks[next]) * Math.min(1, cumulated / COUNTS_FROM);
  });
  return { ground: ground ?? easiest, value };
}
