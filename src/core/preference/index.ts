export { fitScore, type Contribution, type FitScore } from './fit-score';
export { missingFigures, type MissingFigure } from './missing-figures';
export { needsOf, type Need } from './needs';
export { LEVEL_WITHIN, rank, type Ranked } from './rank';
export { NEED_VALUE, wantValue, type WantCurve } from './want-curve';
export { swingPoints, wantWeights, type WantWeights } from './want-weights';
export {
  WANT_GROUPS,
  WANT_KEYS,
  wantCurves,
  wantDefinition,
  type WantGroup,
  type WantKey,
} from './wants';
export { differences, type Difference } from './differences';
export { proposals, type Proposal, type ProposalKind } from './proposals';
