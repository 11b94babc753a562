import type { UnitSystem } from './unit-system';
import type { CurrencyCode } from './unit-table';

/** Money by region (ISO 3166); everywhere else the euro, until the rider says otherwise. */
const MONEY: Readonly<Record<string, CurrencyCode>> = {
  US: 'USD',
  GB: 'GBP',
  CH: 'CHF',
  LI: 'CHF',
  SE: 'SEK',
  NO: 'NOK',
  DK: 'DKK',
  FO: 'DKK',
  GL: 'DKK',
  PL: 'PLN',
  CZ: 'CZK',
  AU: 'AUD',
  CA: 'CAD',
  NZ: 'NZD',
  ZA: 'ZAR',
};

/** What people usually read in where a language tag such as `en-US` is spoken: units and money. Without a region: metric and euros. */
export function customOf(tag: string): {
  readonly units: UnitSystem;
  readonly currency: CurrencyCode;
} {
  const region = /[-_]([A-Za-z]{2})(?=$|[-_])/.exec(tag)?.[1]?.toUpperCase() ?? '';
  return {
    units: region === 'US' ? 'us' : region === 'GB' ? 'uk' : 'metric',
    currency: MONEY[region] ?? 'EUR',
  };
}
