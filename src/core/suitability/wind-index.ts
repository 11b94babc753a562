import { told, type Whose } from './told';
import { weightedIndex, type SuitabilityIndex } from './weighted-index';

/** Shelter from the wind, 0–1: screen and fairing. Worths are our own assumption; buffeting depends on rider and helmet and is not in it. */
export const windIndex = (donor: Whose): SuitabilityIndex =>
  weightedIndex([
    told(donor, 'screen', 0.6, { none: 0, small: 0.4, tall: 0.85, adjustable: 1 }),
    told(donor, 'fairing', 0.4, { none: 0, half: 0.8, full: 1 }),
  ]);
