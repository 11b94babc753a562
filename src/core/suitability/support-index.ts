import { kindOfMachine } from '../donor';
import { between, clamp, source, type Estimate } from '../numeric';
import { told, type Whose } from './told';
import { weightedIndex, type IndexReason, type SuitabilityIndex } from './weighted-index';

/** A dealer this near is as good as next door, this far is none, km. Own assumption. */
const NEAR_KM = 40;
const FAR_KM = 400;

function dealer(distance: Estimate, whose: string): IndexReason {
  const reason = { name: 'dealerDistance', weight: 0.2 };
  if (distance.kind === 'unknown')
    return {
      ...reason,
      worth: undefined,
      standIn: source(`dealerDistance/${whose}`, between(0, 1, 0)),
    };
  return { ...reason, worth: 1 - clamp((distance.mid - NEAR_KM) / (FAR_KM - NEAR_KM), 0, 1) };
}

/** Help and parts far from home, 0–1: still made, parts supply, aftermarket, dealer's distance. Worths are our own assumption. */
export const supportIndex = (donor: Whose, dealerDistance: Estimate): SuitabilityIndex =>
  weightedIndex([
    told(donor, 'partsSupply', 0.35, { good: 1, ordinary: 0.7, thin: 0.3, none: 0 }),
    told(donor, 'aftermarket', 0.25, { deep: 1, some: 0.6, thin: 0.2 }),
    told(donor, 'stillMade', 0.2, { yes: 1, no: 0.35 }),
    dealer(dealerDistance, kindOfMachine(donor)),
  ]);
