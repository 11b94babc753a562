export { loadOfIndex, SPEED_OF_SYMBOL } from './load-and-speed';
export { parseTyre, type TyreSize } from './tyre-size';
