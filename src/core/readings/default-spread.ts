import type { FigureKey } from './figure-definitions';
import type { Origin } from './reading';

/**
 * Relative half-width taken for a reading that states none, by origin. Our own assumption, shown in the legend:
 * a tape or scale reads to about half a percent, makers round, owners remember, guesses are guesses.
 */
export const ORIGIN_SPREAD: Record<Origin, number> = { measured: 0.005, claimed: 0.01, heard: 0.03, estimated: 0.08 };

/** Consumption swings with the rider: judgement, ±7–10 % from own fills, ±15 % from one quote, ±20 % from a guess. */
export const CONSUMPTION_SPREAD: Record<Origin, number> = { measured: 0.1, claimed: 0.15, heard: 0.15, estimated: 0.2 };

/** Figures that are counts, sizes or agreed sums: a claim of them is taken as it stands. */
const EXACT_UNLESS_GUESSED: ReadonlySet<FigureKey> = new Set([
  'gears', 'wheelFront', 'wheelRear', 'price', 'maxMass', 'serviceInterval', 'redline', 'powerRpm', 'torqueRpm',
]);

/** Relative half-width (0.01 = ±1 %) for a figure of this origin. */
export function defaultSpread(key: FigureKey, origin: Origin): number {
  if (key === 'consumption') return CONSUMPTION_SPREAD[origin];
  if (key === 'gears') return 0;
  if (EXACT_UNLESS_GUESSED.has(key) && (origin === 'measured' || origin === 'claimed')) return 0;
  return ORIGIN_SPREAD[origin];
}
