export type { Caution, CautionCode, SpringsOff } from './caution';
export { findCautions, type CautionFacts } from './find-cautions';
