import type { DonorFacts } from '../facts';
import type { Estimate } from '../numeric';
import { told } from './told';
import { weightedIndex, type IndexReason, type SuitabilityIndex } from './weighted-index';

/** A dealer this near is as good as next door, this far is none, km. Own assumption. */
const NEAR_KM = 40;
const FAR_KM = 400;

function dealer(distance: Estimate): IndexReason {
  const worth =
    distance.kind === 'known'
      ? 1 - Math.min(1, Math.max(0, (distance.interval.mid - NEAR_KM) / (FAR_KM - NEAR_KM)))
      : undefined;
  return { name: 'dealerDistance', weight: 0.2, worth };
}

/** Help and parts far from home, 0–1: still made, parts supply, aftermarket, dealer's distance. Worths are our own assumption. */
export const supportIndex = (
  facts: DonorFacts | undefined,
  dealerDistance: Estimate,
): SuitabilityIndex =>
  weightedIndex([
    told(facts, 'partsSupply', 0.35, { good: 1, ordinary: 0.7, thin: 0.3, none: 0 }),
    told(facts, 'aftermarket', 0.25, { deep: 1, some: 0.6, thin: 0.2 }),
    told(facts, 'stillMade', 0.2, { yes: 1, no: 0.35 }),
    dealer(dealerDistance),
  ]);
