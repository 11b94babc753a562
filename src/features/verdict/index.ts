export { CardScreen } from './card/CardScreen';
export { SheetScreen } from './sheet/SheetScreen';
export { VerdictScreen } from './VerdictScreen';
