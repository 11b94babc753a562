export type {
  DoubtAlternative,
  DoubtCriterion,
  DoubtLimit,
  DoubtModel,
  DoubtQuantity,
  WeightDoubt,
} from './doubt-model';
export {
  simulateRanks,
  type RankDoubt,
  type SimulationSetting,
} from './simulate-ranks';
export { nearestTurnings, type Turning } from './nearest-turnings';
export { turningPoints, type TurningPoint } from './turning-points';
export { firmness, type Firmness } from './firmness';
export { tornado, type TornadoBar } from './tornado';
export {
  valueOfKnowing,
  type Choosable,
  type Knowable,
  type ValueOfKnowing,
} from './value-of-knowing';
