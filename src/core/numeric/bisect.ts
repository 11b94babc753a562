/**
 * The root of a continuous f between a and b, where f(a) and f(b) have different signs, by bisection to `tolerance` in x.
 *
 * @throws RangeError when the signs do not differ.
 */
export function bisect(f: (x: number) => number, a: number, b: number, tolerance = 1e-9): number {
  let [low, high] = [a, b];
  const sign = Math.sign(f(low));
  if (sign === 0) return low;
  const end = Math.sign(f(high));
  if (end === 0) return high;
  if (!(sign * end < 0)) throw new RangeError('bisect: no change of sign between the ends');
  while (Math.abs(high - low) > tolerance) {
    const mid = (low + high) / 2;
    if (mid === low || mid === high) break;
    if (Math.sign(f(mid)) === sign) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
