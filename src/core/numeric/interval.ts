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

/** Worst-case sum: bounds add. */
export const add = <N extends number>(a: Interval<N>, b: Interval<N>): Interval<N> =>
  ({ low: a.low + b.low, mid: a.mid + b.mid, high: a.high + b.high }) as Interval<N>;

/** Worst-case difference a − b: the low end takes b's high end. */
export const subtract = <N extends number>(a: Interval<N>, b: Interval<N>): Interval<N> =>
  ({ low: a.low - b.high, mid: a.mid - b.mid, high: a.high - b.low }) as Interval<N>;

/** Product with a number that may be negative. */
export const scale = <N extends number>(a: Interval<N>, by: number): Interval<N> =>
  ordered<N>(a.low * by, a.mid * by, a.high * by);

/** Product of two intervals that are not negative. */
export const multiply = <N extends number>(a: Interval, b: Interval): Interval<N> =>
  ordered<N>(a.low * b.low, a.mid * b.mid, a.high * b.high);

/** Quotient a ÷ b for b > 0 throughout. */
export function divide<N extends number>(a: Interval, b: Interval): Interval<N> {
  if (!(b.low > 0)) throw new RangeError('divide: the divisor must be above zero');
  return ordered<N>(
    Math.min(a.low / b.low, a.low / b.high),
    a.mid / b.mid,
    Math.max(a.high / b.low, a.high / b.high),
  );
}

/** Image of an interval under a monotone function, rising or falling. */
export const mapMonotone = <N extends number>(a: Interval, f: (x: number) => number): Interval<N> =>
  ordered<N>(f(a.low), f(a.mid), f(a.high));
