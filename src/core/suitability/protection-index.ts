import { told, type Whose } from './told';
import { weightedIndex, type SuitabilityIndex } from './weighted-index';

/** What survives a drop and a rock, 0–1: plate, hand guards, bars, frame rails under the engine. Worths are our own assumption. */
export const protectionIndex = (donor: Whose): SuitabilityIndex =>
  weightedIndex([
    told(donor, 'sumpGuard', 0.35, { none: 0, plastic: 0.5, alloy: 1 }),
    told(donor, 'handGuards', 0.3, { none: 0, plastic: 0.5, spine: 1 }),
    told(donor, 'crashBars', 0.2, { none: 0, partial: 0.6, full: 1 }),
    told(donor, 'underEngine', 0.15, { rails: 1, 'no-rails': 0.4 }),
  ]);
