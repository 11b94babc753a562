export { TYPICAL_FACTS } from './typical-facts';
