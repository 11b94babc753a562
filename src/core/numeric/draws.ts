import { seededRandom } from './seeded-random';

/** Rows of the table of draws beside row 0, in which every source stands at its middle. */
export const ROWS = 1024;
/** One value for each row of the table. */
export type Rows = Float64Array;

/** Standard normal quantile of 0.95: low and high of a spread are the 5th and 95th percentile. */
const Z95 = 1.6448536269514722;

/**
 * Standard normal quantile, relative error below 1.2·10⁻⁹ (P. J. Acklam's rational approximation, from memory).
 *
 * @param p strictly between 0 and 1
 */
export function normalQuantile(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError('normalQuantile: p must lie between 0 and 1');
  const tail = (q: number): number =>
    (((((-7.784894002430293e-3 * q - 3.223964580411365e-1) * q - 2.400758277161838) * q -
      2.549732539343734) *
      q +
      4.374664141464968) *
      q +
      2.938163982698783) /
    ((((7.784695709041462e-3 * q + 3.224671290700398e-1) * q + 2.445134137142996) * q +
      3.754408661907416) *
      q +
      1);
  if (p < 0.02425) return tail(Math.sqrt(-2 * Math.log(p)));
  if (p > 1 - 0.02425) return -tail(Math.sqrt(-2 * Math.log(1 - p)));
  const q = p - 0.5;
  const r = q * q;
  return (
    ((((((-3.969683028665376e1 * r + 2.209460984245205e2) * r - 2.759285104469687e2) * r +
      1.38357751867269e2) *
      r -
      3.066479806614716e1) *
      r +
      2.506628277459239) *
      q) /
    (((((-5.447609879822406e1 * r + 1.615858368580409e2) * r - 1.556989798598866e2) * r +
      6.680131188771972e1) *
      r -
      1.328068155288572e1) *
      r +
      1)
  );
}

/** FNV-1a, 32 bits (from memory). */
function hash(text: string): number {
  let h = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) h = Math.imul(h ^ text.charCodeAt(i), 0x01000193);
  return h >>> 0;
}

/** What a source's rows are made from is kept for so many; a shortlist of twelve has a few hundred. */
const KEPT = 4000;
const strata = new Map<string, Uint16Array>();
const IN_ORDER = Uint16Array.from({ length: ROWS }, (_, i) => i);

/**
 * For each row, which of {@link ROWS} equally likely strata a source lies in: a permutation, so that every source goes through all of
 * its values once (Latin hypercube; McKay, Beckman & Conover 1979, from memory). It depends on the source's key alone: who else is in
 * the table changes nothing, and whoever names the same source gets the same rows.
 */
export function strataOf(key: string): Uint16Array {
  const known = strata.get(key);
  if (known) return known;
  const random = seededRandom(hash(key));
  const order = IN_ORDER.slice();
  for (let i = ROWS - 1; i > 0; i -= 1) {
    const j = Math.floor(random() * (i + 1));
    const swap = order[i] as number;
    order[i] = order[j] as number;
    order[j] = swap;
  }
  if (strata.size >= KEPT) strata.clear();
  strata.set(key, order);
  return order;
}

const STRATUM_SCORES = Float64Array.from({ length: ROWS }, (_, i) =>
  normalQuantile((i + 0.5) / ROWS),
);

/** Standard normal scores of a source, one a row. `shared` names another source and the share of the variance that comes from it. */
export function scoresOf(
  key: string,
  shared?: { readonly key: string; readonly share: number },
): Rows {
  const own = strataOf(key);
  const rows = new Float64Array(ROWS);
  if (!shared || shared.share <= 0) {
    for (let i = 0; i < ROWS; i += 1) rows[i] = STRATUM_SCORES[own[i] ?? 0] ?? 0;
    return rows;
  }
  const common = strataOf(shared.key);
  const [a, b] = [Math.sqrt(shared.share), Math.sqrt(1 - shared.share)];
  for (let i = 0; i < ROWS; i += 1)
    rows[i] = a * (STRATUM_SCORES[common[i] ?? 0] ?? 0) + b * (STRATUM_SCORES[own[i] ?? 0] ?? 0);
  return rows;
}

/** A value of the split normal whose 5th, 50th and 95th percentile are low, mid and high, at a standard normal score. */
export const splitNormal = (
  { low, mid, high }: { readonly low: number; readonly mid: number; readonly high: number },
  score: number,
): number => mid + ((score < 0 ? mid - low : high - mid) / Z95) * score;

/** Puts the k-th smallest at place k, none greater before it and none smaller after (Hoare's quickselect, from memory). */
function select(rows: Rows, k: number): void {
  let [low, high] = [0, rows.length - 1];
  while (low < high) {
    const pivot = rows[(low + high) >> 1] as number;
    let [i, j] = [low, high];
    while (i <= j) {
      while ((rows[i] as number) < pivot) i += 1;
      while ((rows[j] as number) > pivot) j -= 1;
      if (i > j) break;
      const swap = rows[i] as number;
      rows[i] = rows[j] as number;
      rows[j] = swap;
      i += 1;
      j -= 1;
    }
    if (k <= j) high = j;
    else if (k >= i) low = i;
    else return;
  }
}

/** Percentiles of rows in any order, 0–1 each, straight between neighbours. @throws RangeError for rows that are not numbers. */
export function percentiles(rows: Rows, ...shares: readonly number[]): readonly number[] {
  if (rows.some(Number.isNaN)) throw new RangeError('percentiles: not a number');
  const copy = rows.slice();
  const last = copy.length - 1;
  const at = (k: number): number => {
    select(copy, k);
    return copy[k] as number;
  };
  return shares.map((share) => {
    const place = share * last;
    const below = Math.floor(place);
    const value = at(below);
    return place === below ? value : value + (at(below + 1) - value) * (place - below);
  });
}
