export type { Caution, CautionCode, SpringsOff } from './caution';
export type { CautionFacts } from './caution-facts';
export { findCautions } from './find-cautions';
