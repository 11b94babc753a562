export { AmountField } from './AmountField';
export { parseQuoted, quotedText, withAmount, withDetail, type QuotedAmount } from './reading-edit';
