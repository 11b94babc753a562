import type { CurrencyCode } from '../units';

/** The day of the rates below. */
export const NOMINAL_DAY = '2026-11-01';

/**
 * What one euro is worth, roughly. Own estimates from memory, low confidence: they only bring the shipped parts' typical prices into the
 * brief's currency until the rider has looked up a rate.
 */
const PER_EURO: Readonly<Record<CurrencyCode, number>> = {
  EUR: 1,
  USD: 1.12,
  GBP: 0.86,
  CHF: 0.94,
  SEK: 11.1,
  NOK: 11.7,
  DKK: 7.46,
  PLN: 4.25,
  CZK: 24.8,
  AUD: 1.72,
  CAD: 1.55,
  NZD: 1.9,
  ZAR: 20.5,
};

/** How far a nominal rate may be off, either way, as a share: low and high are the 5th and 95th percentile. Own assumption. */
export const NOMINAL_SPREAD = 0.08;

/** One unit of `from` in `to`, roughly, as of {@link NOMINAL_DAY}. */
export const nominalRate = (from: CurrencyCode, to: CurrencyCode): number =>
  PER_EURO[to] / PER_EURO[from];

/** A sum in another currency by the nominal rate, as round as such a sum is: two figures. */
export function roughSum(amount: number, from: CurrencyCode, to: CurrencyCode): number {
  const sum = amount * nominalRate(from, to);
  return sum === 0 ? 0 : Number(sum.toPrecision(2));
}
