import type { Money } from '../brief';
import type { Part } from '../part';
import type { CurrencyCode } from '../units';
import { inCurrency } from './in-currency';

export interface BuildCost {
  /** In the brief's currency. */
  readonly parts: number;
  readonly fitting: number;
  readonly shopHours: number;
  readonly shedHours: number;
  /** Parts whose price has no exchange rate; they are not in `parts`. */
  readonly noRate: readonly { readonly partId: string; readonly currency: CurrencyCode }[];
}

/** Price of parts and their fitting. A workshop fits what it must, and everything when the rider has no spanners. */
export function buildCost(parts: readonly Part[], money: Money): BuildCost {
  let [sum, shopHours, shedHours] = [0, 0, 0];
  const noRate: { partId: string; currency: CurrencyCode }[] = [];
  for (const part of parts) {
    const own = inCurrency(part.price.amount, part.price.currency, money);
    if (own.kind === 'amount') sum += own.amount;
    else noRate.push({ partId: part.id, currency: own.currency });
    if (part.workshop || !money.ownSpanners) shopHours += part.fitting_h;
    else shedHours += part.fitting_h;
  }
  return { parts: sum, fitting: shopHours * money.shopRate_perHour, shopHours, shedHours, noRate };
}
