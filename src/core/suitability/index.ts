export { protectionIndex } from './protection-index';
export { supportIndex } from './support-index';
export { wheelIndex } from './wheel-index';
export { windIndex } from './wind-index';
export { type IndexReason, type SuitabilityIndex } from './weighted-index';
