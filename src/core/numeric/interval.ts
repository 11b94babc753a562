/** A figure with what it may be: low ≤ mid ≤ high, all in one unit. */
export interface Interval<N extends number = number> {
  readonly low: N;
  readonly mid: N;
  readonly high: N;
}

const ordered = <N extends number>(a: number, mid: number, b: number): Interval<N> =>
  ({ low: Math.min(a, mid, b), mid, high: Math.max(a, mid, b) }) as Interval<N>;

/** An interval without width. */
export const exactly = <N extends number>(value: N): Interval<N> => ({
  low: value,
  mid: value,
  high: value,
});

/** The interval between two bounds; `mid` defaults to their mean. */
export const between = <N extends number>(
  low: N,
  high: N,
  mid: number = (low + high) / 2,
): Interval<N> => ordered<N>(low, mid, high);

/** `mid` ± `half`, both in the same unit. */
export const plusMinus = <N extends number>(mid: N, half: number): Interval<N> =>
  ordered<N>(mid - half, mid, mid + half);
