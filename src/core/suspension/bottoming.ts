import { wheelRate, type SpringEnd } from './sag';

/** Energy a spring end takes from full extension to full travel, J: F₀·S + ½·k_w·S². */
export function springEnergy(end: SpringEnd, travel_mm: number): number {
  const kw = wheelRate(end);
  const preloadForce = (end.preload_mm / end.motionRatio) * kw;
  return (preloadForce * travel_mm + 0.5 * kw * travel_mm ** 2) / 1000;
}

/**
 * Drop that uses all travel, m: h = E/((1 − f)·m·g) − S; f share taken by damping (0.35–0.6, low confidence).
 * Comparative only: the rider's legs absorb more.
 */
export const bottomingDrop = (
  end: SpringEnd,
  travel_mm: number,
  mass_kg: number,
  damping: number,
): number => springEnergy(end, travel_mm) / ((1 - damping) * mass_kg * 9.80665) - travel_mm / 1000;
