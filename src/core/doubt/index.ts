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
export { firmness, oftenest, type Firmness, type Footing } from './firmness';
export { tornado, type TornadoBar } from './tornado';
export {
  valueOfKnowing,
  type Choosable,
  type Knowable,
  type ValueOfKnowing,
} from './value-of-knowing';
