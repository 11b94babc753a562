export {
  chancesOf,
  cylinderPoints,
  factPoints,
  figurePoints,
  GUESSED,
  isStrange,
  rimPoints,
  TELLING_FIGURES,
  TOLD,
  type TellingFigure,
} from './class-fit';
export { withLikelyClasses } from './likely-classes';
export { chancesOfMachine, classInRows, oneOfItsClass } from './of-its-class';
export {
  isTypicalFact,
  TYPICAL_FACT_KEYS,
  typicalChances,
  type Chances,
  type OwnTypicalFacts,
  type TypicalFactKey,
} from './typical-facts';
export { standIn, typicalGears, type Untold } from './stand-in';
export {
  isTypicalKey,
  TYPICAL_KEYS,
  TYPICAL_RIMS,
  typicalLimits,
  typicalOf,
  type OwnTypical,
  type TypicalKey,
} from './typical-figures';
