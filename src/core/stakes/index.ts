export { briefTurnings, type BriefTurning, type Contender } from './brief-turnings';
export { stakes, WORTH_ASKING, type Stake } from './stakes';
