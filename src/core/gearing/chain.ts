/** Chain pitch by its number, mm (ISO 606 sizes, from memory). */
export const CHAIN_PITCH_MM: Readonly<Record<string, number>> = {
  428: 12.7,
  520: 15.875,
  525: 15.875,
  530: 15.875,
};

const terms = (front: number, rear: number) => ({
  sum: (front + rear) / 2,
  off: ((rear - front) / (2 * Math.PI)) ** 2,
});

/** Links between two sprockets at a centre distance: 2x + (z₁+z₂)/2 + ((z₂−z₁)/2π)²/x, x = C/p (Machinery's Handbook, from memory). */
export function chainLinks(
  front: number,
  rear: number,
  centre_mm: number,
  pitch_mm: number,
): number {
  const x = centre_mm / pitch_mm;
  const { sum, off } = terms(front, rear);
  return 2 * x + sum + off / x;
}

/**
 * Centre distance that so many links give, mm: x = [L − S + √((L − S)² − 8D)]/4.
 *
 * @throws RangeError when the chain is too short to go round.
 */
export function centreDistance(
  front: number,
  rear: number,
  links: number,
  pitch_mm: number,
): number {
  const { sum, off } = terms(front, rear);
  const free = links - sum;
  const root = free * free - 8 * off;
  if (!(free > 0 && root >= 0)) throw new RangeError('centreDistance: too few links');
  return (pitch_mm * (free + Math.sqrt(root))) / 4;
}
