import type { Money } from '../brief';
import type { CurrencyCode } from '../units';
import { exchangeRate } from './exchange-rate';

export type Exchanged =
  | { readonly kind: 'amount'; readonly amount: number; readonly rateDate?: string }
  | { readonly kind: 'no-rate'; readonly currency: CurrencyCode };

/** An amount in the brief's own currency, by the rates the rider entered. No rate that leads there: not known, never 1:1. */
export function inCurrency(
  amount: number,
  currency: CurrencyCode,
  money: Pick<Money, 'currency' | 'rates'>,
): Exchanged {
  if (currency === money.currency) return { kind: 'amount', amount };
  const found = exchangeRate(currency, money.currency, money.rates);
  return found
    ? { kind: 'amount', amount: amount * found.rate, rateDate: found.date }
    : { kind: 'no-rate', currency };
}
