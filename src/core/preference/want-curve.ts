/** A graded wish: worth 0 at the floor, 0.6 at the need, 1 at the ideal, straight between. Falls where less is better. */
export interface WantCurve {
  readonly floor: number;
  readonly need: number;
  readonly ideal: number;
}

/** What meeting the need is worth. */
export const NEED_VALUE = 0.6;

/**
 * Value 0–1 on a curve, as a function of the quantity; flat beyond floor and ideal.
 *
 * @throws RangeError unless floor, need and ideal are strictly in order (rising or falling).
 */
export function valueOn({ floor, need, ideal }: WantCurve): (x: number) => number {
  const sign = floor < ideal ? 1 : -1;
  const [a, b, c] = [sign * floor, sign * need, sign * ideal];
  if (!(a < b && b < c)) throw new RangeError('wantValue: floor, need and ideal must be in order');
  return (quantity) => {
    const x = sign * quantity;
    if (x <= a) return 0;
    if (x >= c) return 1;
    return x < b
      ? (NEED_VALUE * (x - a)) / (b - a)
      : NEED_VALUE + ((1 - NEED_VALUE) * (x - b)) / (c - b);
  };
}

/** Value 0–1 of `x` on a curve. @throws RangeError as {@link valueOn}. */
export const wantValue = (curve: WantCurve, x: number): number => valueOn(curve)(x);
