export interface Knot {
  readonly x: number;
  readonly y: number;
}

/** Linear interpolation through knots of strictly rising x; flat beyond the ends. */
export function piecewiseLinear(knots: readonly Knot[], x: number): number {
  const first = knots[0];
  const last = knots.at(-1);
  if (!first || !last) throw new RangeError('piecewiseLinear: no knots');
  if (x <= first.x) return first.y;
  if (x >= last.x) return last.y;
  for (let i = 1; i < knots.length; i += 1) {
    const a = knots[i - 1];
    const b = knots[i];
    if (a && b && x <= b.x) return a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
  }
  throw new RangeError('piecewiseLinear: knots must rise in x');
}
