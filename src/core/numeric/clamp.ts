/** `x` held between `low` and `high`. */
export const clamp = (x: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, x));
