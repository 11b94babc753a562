export interface Loan {
  readonly lent: number;
  /** Nominal interest a year, %; 0 is a loan for nothing. */
  readonly yearly_percent: number;
  readonly months: number;
}

export interface LoanCost {
  readonly monthly: number;
  /** All payments less what was lent. */
  readonly interest: number;
}

/** A loan paid back in equal monthly payments: P·r ÷ (1 − (1 + r)^−n), r a twelfth of the yearly interest (annuity, textbook). */
export function loanCost({ lent, yearly_percent, months }: Loan): LoanCost {
  if (!(months > 0)) throw new RangeError('loanCost: months must be above zero');
  const r = yearly_percent / 100 / 12;
  const monthly = r === 0 ? lent / months : (lent * r) / (1 - (1 + r) ** -months);
  return { monthly, interest: monthly * months - lent };
}
