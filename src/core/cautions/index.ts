export type { Caution, CautionCode } from './caution';
export { findCautions, type CautionFacts } from './find-cautions';
