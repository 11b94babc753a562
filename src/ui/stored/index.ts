export { AmountField } from './AmountField';
