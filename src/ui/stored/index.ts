export { AmountField, AmountInput } from './AmountField';
export { amountText, measured, readAmount, type Quantity } from './amount-text';
export { parseQuoted, quotedText, withAmount, withDetail, type QuotedAmount } from './reading-edit';
