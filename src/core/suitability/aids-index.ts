import type { Schools } from '../brief';
import { told, type Whose } from './told';
import { weightedIndex, type SuitabilityIndex } from './weighted-index';

type Worths = Readonly<
  Record<
    'abs' | 'absStaysOff' | 'tractionControl' | 'ridingModes' | 'cruiseControl',
    Readonly<Record<string, number>>
  >
>;

/** What each answer is worth to those who want one ABS button and nothing else, and to those who want all there is. Own assumption. */
const SIMPLE: Worths = {
  abs: { none: 0.7, fixed: 0, 'rear-off': 0.7, 'both-off': 1 },
  absStaysOff: { yes: 1, no: 0 },
  tractionControl: { none: 1, fixed: 0, switchable: 0.7 },
  ridingModes: { yes: 0.3, no: 1 },
  cruiseControl: { yes: 0.7, no: 1 },
};
const FULL: Worths = {
  abs: { none: 0, fixed: 0.6, 'rear-off': 0.9, 'both-off': 1 },
  absStaysOff: { yes: 1, no: 0.5 },
  tractionControl: { none: 0, fixed: 0.6, switchable: 1 },
  ridingModes: { yes: 1, no: 0 },
  cruiseControl: { yes: 1, no: 0 },
};

/** Electronic aids against what the rider believes, 0–1; those who believe nothing are served by any. */
export function aidsIndex(
  donor: Whose,
  aids: Schools['aids'],
  motorway_percent: number,
): SuitabilityIndex {
  const worths = aids === 'simple' ? SIMPLE : FULL;
  // Cruise control counts with the motorway, up to a third.
  const cruise = Math.min(0.3, motorway_percent / 200);
  const rest = 1 - cruise;
  return weightedIndex([
    told(donor, 'abs', 0.35 * rest, worths.abs),
    told(donor, 'absStaysOff', 0.2 * rest, worths.absStaysOff),
    told(donor, 'tractionControl', 0.3 * rest, worths.tractionControl),
    told(donor, 'ridingModes', 0.15 * rest, worths.ridingModes),
    told(donor, 'cruiseControl', cruise, worths.cruiseControl),
  ]);
}
