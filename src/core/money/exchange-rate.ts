import type { ExchangeRate } from '../brief';
import type { CurrencyCode } from '../units';
import { nominalRate } from './nominal-rates';

/** What one unit of a currency is worth in another, and the ISO day of the oldest rate that it rests on. */
export interface RateFound {
  readonly rate: number;
  readonly date: string;
}

type Rates = readonly ExchangeRate[];

/** By one rate, as it was found or turned round. */
function byOne(from: CurrencyCode, to: CurrencyCode, rates: Rates): RateFound | undefined {
  const told = rates.find((r) => r.currency === from && r.to === to);
  if (told) return { rate: told.rate, date: told.date };
  const other = rates.find((r) => r.currency === to && r.to === from);
  return other && { rate: 1 / other.rate, date: other.date };
}

/**
 * One unit of `from` in `to` by the rates that the rider found: by one of them, by one turned round, or by two that meet in a third
 * currency (cross rate, textbook). `undefined` where they do not lead there: a rate to one currency says nothing of another.
 */
export function exchangeRate(
  from: CurrencyCode,
  to: CurrencyCode,
  rates: Rates,
): RateFound | undefined {
  const one = byOne(from, to, rates);
  if (one || from === to) return one;
  for (const { currency, to: other } of rates)
    for (const middle of [currency, other]) {
      const first = middle === from ? undefined : byOne(from, middle, rates);
      const second = first && byOne(middle, to, rates);
      if (first && second)
        return {
          rate: first.rate * second.rate,
          date: first.date < second.date ? first.date : second.date,
        };
    }
  return undefined;
}

/** Farther from the nominal rate than this, either way, a rate is more likely turned round or mistyped than found. Own assumption. */
const FAR = 1.5;

/** Whether a rate lies so far from what is usual that it should be looked at again. */
export function isFarFromUsual({ currency, to, rate }: ExchangeRate): boolean {
  const off = rate / nominalRate(currency, to);
  return off > FAR || off < 1 / FAR;
}
