export { RateNote } from './RateNote';
export { AmountField, AmountInput } from './AmountField';
export {
  amountText,
  measured,
  readAmount,
  signOf,
  understood,
  type AmountRules,
  type Quantity,
} from './amount-text';
export { parseQuoted, quotedText, withAmount, withDetail, type QuotedAmount } from './reading-edit';
export { useRate } from './use-rate';
export { TakeAnswer } from './TakeAnswer';
