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
