/**
 * Standard normal distribution function Φ(z) = ½ + φ(z)·Σ z^(2n+1) / (1·3·5···(2n+1)).
 *
 * Source: Abramowitz & Stegun, formula 26.2.11 (from memory); 0 or 1 beyond |z| = 8.
 *
 * @throws RangeError for NaN.
 */
export function normalCdf(z: number): number {
  if (Number.isNaN(z)) throw new RangeError('normalCdf: not a number');
  if (z > 8) return 1;
  if (z < -8) return 0;
  let term = z;
  let sum = z;
  for (let n = 1; Math.abs(term) > 1e-17 && n < 400; n += 1) {
    term *= (z * z) / (2 * n + 1);
    sum += term;
  }
  return 0.5 + (sum * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
}
