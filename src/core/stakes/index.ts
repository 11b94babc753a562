export { BRIEF_MOVES, type BriefMoves } from './brief-moves';
export { briefTurnings, type BriefTurning } from './brief-turnings';
export { figureMore, type FigureMore } from './figure-more';
export { stakes, WORTH_ASKING, type Stake } from './stakes';
