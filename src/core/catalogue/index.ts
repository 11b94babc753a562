export {
  correctionsSince,
  formsOf,
  SHIPPED,
  type Catalogue,
  type Correction,
} from './catalogue';
export { SHIPPED_PARTS } from './shipped';
