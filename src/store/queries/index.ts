export { standing, type Standing, type StandingCandidate } from './standing';
