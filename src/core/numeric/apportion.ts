/**
 * Whole-number shares that add to `total` exactly and stay as close as can be to the given proportions:
 * largest-remainder method (Hamilton). Ties go to the earlier entry. All-zero proportions are shared evenly.
 */
export function apportion(proportions: readonly number[], total: number): number[] {
  if (!Number.isInteger(total) || total < 0)
    throw new RangeError('apportion: total must be a whole number, not negative');
  if (proportions.some((p) => !(p >= 0)))
    throw new RangeError('apportion: proportions must not be negative');
  if (proportions.length === 0) return [];
  const sum = proportions.reduce((a, b) => a + b, 0);
  const exact = proportions.map((p) => (sum > 0 ? (p / sum) * total : total / proportions.length));
  const whole = exact.map((e) => Math.floor(e + 1e-9));
  const order = exact
    .map((e, i) => ({ i, rest: e - (whole[i] ?? 0) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  const left = total - whole.reduce((a, b) => a + b, 0);
  for (const { i } of order.slice(0, left)) whole[i] = (whole[i] ?? 0) + 1;
  return whole;
}
