export { feltAgainst, type FeltOtherwise } from './felt-against';
export { fitScore, type Contribution, type FitScore } from './fit-score';
export { missingFigures, type MissingFigure } from './missing-figures';
export {
  FELT_OF_REVS,
  FELT_OF_WANT,
  LEARNED_WANTS,
  learnedNeed,
  OWN_NEED_KEYS,
  REVS_CURVE,
  REVS_NEEDS,
  type FeltMachine,
  type LearnedNeed,
  type LearnedWant,
  type OwnNeedKey,
} from './learned-needs';
export { leading, type Leading } from './leading';
export { needsOf, type Need } from './needs';
export {
  against,
  isLevel,
  LEVEL,
  rank,
  RANK_GROUPS,
  type Against,
  type Contender,
  type Ranked,
  type RankGroup,
} from './rank';
export { NEED_VALUE, wantValue, type WantCurve } from './want-curve';
export { swingPoints, wantWeights, type WantWeights } from './want-weights';
export {
  WANT_GROUPS,
  WANT_KEYS,
  usualCurve,
  wantCurves,
  wantDefinition,
  wantsOf,
  type WantGroup,
  type WantKey,
} from './wants';
export { differences, type Difference } from './differences';
export { proposals, type Proposal, type ProposalKind } from './proposals';
