export { assessmentOf, checksOf, figureOf, figuresOf, moneyOf, resolvedDonors } from './donors';
export { aboardOf, standing, type Standing, type StandingCandidate } from './standing';
