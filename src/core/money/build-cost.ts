import type { Money } from '../brief';
import type { Part } from '../part';
import type { CurrencyCode } from '../units';
import { partPrice } from './part-price';

export interface BuildCost {
  /** In the brief's currency, as all money here. */
  readonly parts: number;
  readonly fitting: number;
  /** Shipping, tax and consumables. */
  readonly shipping: number;
  /** Set aside for parts that turn out not to fit. */
  readonly wrongParts: number;
  /** Inspection and papers. */
  readonly papers: number;
  readonly shopHours: number;
  readonly shedHours: number;
  /** How much of `parts` a nominal rate brought over: an estimate. */
  readonly nominal: number;
  /** Parts whose price has no exchange rate; they are not in `parts`. */
  readonly noRate: readonly { readonly partId: string; readonly currency: CurrencyCode }[];
}

const inShop = (part: Part, money: Money): boolean => part.workshop || !money.ownSpanners;
const share = (percent: number | undefined): number => (percent ?? 0) / 100;

/** Price of parts, their fitting and what comes with buying. A workshop fits what it must, and everything when the rider has no spanners. */
export function buildCost(parts: readonly Part[], money: Money): BuildCost {
  let [sum, nominal, shopHours, shedHours] = [0, 0, 0, 0];
  const noRate: { partId: string; currency: CurrencyCode }[] = [];
  for (const part of parts) {
    const own = partPrice(part, money);
    if (own.kind === 'nominal') nominal += own.amount;
    if (own.kind !== 'no-rate') sum += own.amount;
    else noRate.push({ partId: part.id, currency: own.currency });
    if (inShop(part, money)) shopHours += part.fitting_h;
    else shedHours += part.fitting_h;
  }
  return {
    parts: sum,
    fitting: shopHours * money.shopRate_perHour,
    shipping: sum * share(money.partsExtra_percent),
    wrongParts: sum * share(money.wrongPart_percent),
    nominal,
    papers: parts.length > 0 ? (money.papers ?? 0) : 0,
    shopHours,
    shedHours,
    noRate,
  };
}

/** Everything in a build's cost. */
export const buildTotal = ({ parts, fitting, shipping, wrongParts, papers }: BuildCost): number =>
  parts + fitting + shipping + wrongParts + papers;

/** What one part adds to the cost of a build, papers left out; `undefined` without an exchange rate. */
export function partsCost(part: Part, money: Money): number | undefined {
  const cost = buildCost([part], money);
  return cost.noRate.length > 0 ? undefined : buildTotal(cost) - cost.papers;
}
