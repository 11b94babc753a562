import { figureDefinition, type FigureKey } from './figure-definitions';
import type { Origin } from './reading';

/**
 * Relative half-width taken for a reading that states none, by origin. Our own assumption, shown in the legend:
 * a tape or scale reads to about half a percent, makers round, owners remember, guesses are guesses.
 */
export const ORIGIN_SPREAD: Record<Origin, number> = {
  measured: 0.005,
  claimed: 0.01,
  heard: 0.03,
  estimated: 0.08,
};

/** Consumption swings with the rider: judgement, ±7–10 % from own fills, ±15 % from one quote, ±20 % from a guess. */
export const CONSUMPTION_SPREAD: Record<Origin, number> = {
  measured: 0.1,
  claimed: 0.15,
  heard: 0.15,
  estimated: 0.2,
};

/** Relative half-width (0.01 = ±1 %) for a figure of this origin. */
export function defaultSpread(key: FigureKey, origin: Origin): number {
  if (key === 'consumption') return CONSUMPTION_SPREAD[origin];
  const { dimension, exact } = figureDefinition(key);
  if (dimension === 'count' || dimension === 'year') return 0;
  if (exact && (origin === 'measured' || origin === 'claimed')) return 0;
  return ORIGIN_SPREAD[origin];
}
