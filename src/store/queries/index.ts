export { candidateSheet, question, type SheetSources } from './candidate-sheet';
export { doubtModel, DRAWING } from './doubt-model';
export { withBuilds } from './with-builds';
export { assessmentOf, checksOf, figureOf, figuresOf, moneyOf, resolvedDonors } from './donors';
export { gapClosers, type Rung } from './gap-closers';
export { lookingBack, type LookingBack } from './looking-back';
export { mustClosers, type MustCloser } from './must-closers';
export { nextBest, type NextBest } from './next-best';
export { offerFor } from './walk-away';
export { waysOut, type Way, type WayKind, type WayOut } from './ways-out';
export { planSetting } from './plan-setting';
export { evidenceIn, partsOf } from './gathered';
export { namedCandidates, standing, type Standing, type StandingCandidate } from './standing';
export {
  classPrice,
  justShowingIn,
  liftsIn,
  lookForLineIn,
  meetsOf,
  mustsAsked,
  outlookOf,
  type Meets,
} from './class-shelf';
export { nominalFor, unpricedFor, unpricedParts, withoutRate, type Unpriced } from './unpriced';
export { worthFindingOut, type WorthKnowing } from './worth-finding-out';
