import type { Money } from '../brief';
import type { CurrencyCode } from '../units';

export type Exchanged =
  | { readonly kind: 'amount'; readonly amount: number; readonly rateDate?: string }
  | { readonly kind: 'no-rate'; readonly currency: CurrencyCode };

/** An amount in the brief's own currency, by the rate the rider entered. No rate: not known, never 1:1. */
export function inCurrency(
  amount: number,
  currency: CurrencyCode,
  money: Pick<Money, 'currency' | 'rates'>,
): Exchanged {
  if (currency === money.currency) return { kind: 'amount', amount };
  const rate = money.rates.find((r) => r.currency === currency);
  return rate
    ? { kind: 'amount', amount: amount * rate.rate, rateDate: rate.date }
    : { kind: 'no-rate', currency };
}
