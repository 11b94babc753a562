import type { Random } from '../numeric';
import type { DoubtCriterion, WeightDoubt } from './doubt-model';

/** Rounds of pair moves between two draws within bounds, so that one hardly remembers the other. */
const ROUNDS = 3;

/**
 * Draws weights that add to 1: as given, uniform on the simplex, uniform on the part of it that keeps the order of those given, or
 * uniform within each criterion's bounds. The same array is handed out each time.
 *
 * @throws RangeError when the bounds shut the given weights out
 */
export function weightDraw(
  doubt: WeightDoubt,
  criteria: readonly DoubtCriterion[],
  random: Random,
): () => readonly number[] {
  const given = criteria.map((c) => c.weight);
  if (doubt === 'fixed') return () => given;
  if (doubt === 'within') return withinBounds(criteria, random);
  const byWeight = given.map((w, i) => ({ w, i })).sort((a, b) => b.w - a.w || a.i - b.i);
  const weights = new Array<number>(given.length).fill(0);
  return () => {
    const cuts = given
      .slice(1)
      .map(() => random())
      .sort((a, b) => a - b);
    const gaps = given.map((_, i) => (cuts[i] ?? 1) - (cuts[i - 1] ?? 0));
    if (doubt === 'order') {
      gaps.sort((a, b) => b - a);
      byWeight.forEach(({ i }, place) => (weights[i] = gaps[place] ?? 0));
    } else gaps.forEach((gap, i) => (weights[i] = gap));
    return weights;
  };
}

/** A walk that moves weight between two criteria at a time, uniformly within what both bounds leave: its draws are uniform on the bounded simplex (Gibbs sampling; Geman & Geman 1984, from memory). */
function withinBounds(
  criteria: readonly DoubtCriterion[],
  random: Random,
): () => readonly number[] {
  const weights = criteria.map((c) => c.weight);
  const bounds = criteria.map((c) => c.bounds ?? { low: 0, high: 1 });
  if (
    bounds.some(
      ({ low, high }, i) => !(low <= (weights[i] ?? 0) + 1e-9 && high >= (weights[i] ?? 0) - 1e-9),
    )
  )
    throw new RangeError('weightDraw: the bounds shut the given weights out');
  const n = weights.length;
  return () => {
    for (let move = 0; n > 1 && move < ROUNDS * n; move += 1) {
      const i = Math.floor(random() * n);
      const j = (i + 1 + Math.floor(random() * (n - 1))) % n;
      const sum = (weights[i] ?? 0) + (weights[j] ?? 0);
      const low = Math.max(bounds[i]?.low ?? 0, sum - (bounds[j]?.high ?? 1));
      const high = Math.min(bounds[i]?.high ?? 1, sum - (bounds[j]?.low ?? 0));
      const next = low + Math.max(0, high - low) * random();
      weights[i] = next;
      weights[j] = sum - next;
    }
    return weights;
  };
}
