export { TYPICAL_FACTS } from './typical-facts';
export { standIn, typicalGears, type Untold } from './stand-in';
export {
  isTypicalKey,
  TYPICAL_KEYS,
  typicalLimits,
  typicalOf,
  type OwnTypical,
  type TypicalKey,
} from './typical-figures';
