const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Sun's centre this far below the horizon at sunrise and sunset, degrees: half its width and refraction. */
const SUNRISE_DEG = 0.8333;

/**
 * Hours from sunrise to sunset on level ground: the CBM model of Forsythe, Rykiel, Stahl, Wu and Schoolfield, Ecological Modelling 80
 * (1995) 87–95 (from memory): θ = 0.2163108 + 2·atan(0.9671396·tan(0.00860·(J − 186))), φ = asin(0.39795·cos θ),
 * D = 24 − (24/π)·acos[(sin p + sin L·sin φ) ÷ (cos L·cos φ)]. Beyond the polar circles 0 or 24.
 *
 * @param latitude_deg north above zero
 * @param day of the year, 1 to 365
 */
export function dayLength(latitude_deg: number, day: number): number {
  const theta = 0.2163108 + 2 * Math.atan(0.9671396 * Math.tan(0.0086 * (day - 186)));
  const declination = Math.asin(0.39795 * Math.cos(theta));
  const latitude = radians(latitude_deg);
  const at =
    (Math.sin(radians(SUNRISE_DEG)) + Math.sin(latitude) * Math.sin(declination)) /
    (Math.cos(latitude) * Math.cos(declination));
  return 24 - (24 / Math.PI) * Math.acos(Math.min(1, Math.max(-1, at)));
}
