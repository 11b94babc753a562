export { chosenParts, standing, type Standing, type StandingCandidate } from './standing';
