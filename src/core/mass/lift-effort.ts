/**
 * Force at right angles to the bar that starts a fallen machine up, in kilograms-force: m·h·sin φ/R.
 * h height of the centre of mass over the line of contact when upright, R lever from that line to the hands, m; φ from vertical.
 */
export const liftEffort = (
  mass_kg: number,
  height_m: number,
  lever_m: number,
  angle_deg: number,
): number => (mass_kg * height_m * Math.sin((angle_deg * Math.PI) / 180)) / lever_m;

/** Geometry of a fallen machine that is assumed where nothing better is known. Own assumption. */
export const FALLEN = { height_m: 0.55, lever_m: 1.0, angle_deg: 70 } as const;
