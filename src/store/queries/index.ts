export { assessmentOf, checksOf, figureOf, figuresOf, moneyOf, resolvedDonors } from './donors';
export { standing, type Standing, type StandingCandidate } from './standing';
