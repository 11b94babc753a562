import { piecewiseLinear } from '../numeric';

/** A graded wish: worth 0 at the floor, 0.6 at the need, 1 at the ideal, straight between. Falls where less is better. */
export interface WantCurve {
  readonly floor: number;
  readonly need: number;
  readonly ideal: number;
}

/** What meeting the need is worth. */
export const NEED_VALUE = 0.6;

/**
 * Value 0–1 of `x` on a curve; flat beyond floor and ideal.
 *
 * @throws RangeError unless floor, need and ideal are strictly in order (rising or falling).
 */
export function wantValue(curve: WantCurve, x: number): number {
  const { floor, need, ideal } = curve;
  const rising = floor < need && need < ideal;
  if (!rising && !(floor > need && need > ideal))
    throw new RangeError('wantValue: floor, need and ideal must be in order');
  const knots = [
    { x: floor, y: 0 },
    { x: need, y: NEED_VALUE },
    { x: ideal, y: 1 },
  ];
  return rising
    ? piecewiseLinear(knots, x)
    : piecewiseLinear(
        knots.map((k) => ({ x: -k.x, y: k.y })),
        -x,
      );
}
