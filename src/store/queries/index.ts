export { doubtModel } from './doubt-model';
export { assessmentOf, checksOf, figureOf, figuresOf, moneyOf, resolvedDonors } from './donors';
export { gapClosers, type Closer, type Rung } from './gap-closers';
export { mustClosers, type MustCloser } from './must-closers';
export { nextBest, type NextBest } from './next-best';
export { waysOut, type Way, type WayKind, type WayOut } from './ways-out';
export { planSetting } from './plan-setting';
export { aboardOf, standing, type Standing, type StandingCandidate } from './standing';
