export { assessmentOf, checksOf, figureOf, figuresOf, moneyOf, resolvedDonors } from './donors';
export { gapClosers, type Closer, type Rung } from './gap-closers';
export { mustClosers, type MustCloser } from './must-closers';
export { standing, type Standing, type StandingCandidate } from './standing';
