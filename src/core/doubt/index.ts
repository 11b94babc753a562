export type { DoubtAlternative, DoubtCriterion, DoubtLimit, DoubtModel, DoubtQuantity, WeightDoubt } from './doubt-model';
export { simulateRanks, triangular, type RankDoubt, type SimulationSetting } from './simulate-ranks';
export { turningPoints, worthAt, type TurningPoint } from './turning-points';
export { tornado, type TornadoBar } from './tornado';
