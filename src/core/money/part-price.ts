import type { Money } from '../brief';
import type { Part } from '../part';
import { inCurrency, type Exchanged } from './in-currency';
import { nominalRate } from './nominal-rates';

/** `nominal`: brought over by a rate that ships with the app, an estimate until the rider sets one. */
export type PartPrice = Exchanged | { readonly kind: 'nominal'; readonly amount: number };

/**
 * What a part costs in the brief's currency. A shipped part carries a typical price, which a nominal rate brings over where the rider
 * has set none; the price of a part that the rider entered is a quote, and needs the rider's own rate.
 */
export function partPrice(
  part: Pick<Part, 'price' | 'own'>,
  money: Pick<Money, 'currency' | 'rates'>,
): PartPrice {
  const { amount, currency } = part.price;
  const exchanged = inCurrency(amount, currency, money);
  return exchanged.kind === 'no-rate' && !part.own
    ? { kind: 'nominal', amount: amount * nominalRate(currency, money.currency) }
    : exchanged;
}
