/** Grips over pegs that suit one stature, mm, and how much stature asks for one more. */
export const GRIPS_ASKED = { height_mm: 870, stature_mm: 1780, staturePerGrip: 3 } as const;

/**
 * Height of the grips over the footpegs that suits a standing rider, mm: 870 mm at a stature of 1.78 m, and 10 mm more for every
 * 30 mm of stature (riser rule of common practice, low confidence; the 870 mm are our own assumption).
 */
export const gripHeightAsked = (stature_mm: number): number =>
  GRIPS_ASKED.height_mm + (stature_mm - GRIPS_ASKED.stature_mm) / GRIPS_ASKED.staturePerGrip;

/** Grips over pegs less what suits, mm. Below 0 the rider stoops; about that much riser would mend it. */
export const standingRoom = (
  barHeight_mm: number,
  pegHeight_mm: number,
  stature_mm: number,
): number => barHeight_mm - pegHeight_mm - gripHeightAsked(stature_mm);

/** What a mark of the reach standing, 0 to 4, says where nobody has measured pegs and grips: mm, half of nine in ten riders' marks beside it. Own assumption. */
const AS_FELT = { of: [-90, -65, -40, -15, 10], spread: 30 } as const;

/** Standing room by how it felt, mm, with what a mark leaves open; a mark between two lies between them. */
export function standingAsFelt(
  mark: number,
  counts: number,
): { readonly low: number; readonly mid: number; readonly high: number } {
  const at = Math.min(AS_FELT.of.length - 1, Math.max(0, mark));
  const [below, above] = [AS_FELT.of[Math.floor(at)] ?? 0, AS_FELT.of[Math.ceil(at)] ?? 0];
  const mid = below + (at - Math.floor(at)) * (above - below);
  const half = AS_FELT.spread / Math.sqrt(counts);
  return { low: mid - half, mid, high: mid + half };
}
