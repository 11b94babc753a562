export { aidsIndex } from './aids-index';
export { lookFirst, type LookFirst } from './look-first';
export { protectionIndex } from './protection-index';
export { supportIndex } from './support-index';
export { wheelIndex } from './wheel-index';
export { windIndex } from './wind-index';
export type { Whose } from './told';
export { type IndexReason, type SuitabilityIndex } from './weighted-index';
