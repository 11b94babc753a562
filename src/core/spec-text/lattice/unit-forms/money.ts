import type { UnitForms } from './unit-forms';

/** Money, with and without a country. */
export const MONEY: UnitForms = {
  money: ['¤', 'grand'],
  dollar: ['\\$', 'us dollars?', 'dollars?', 'bucks'],
  pounds: ['pounds'],
  crowns: ['kr\\.?', 'kronor'],
  // One sign for all of it (see `withOneSign`).
  'other-money': ['₹'],
  EUR: ['eur', '€', 'euros?', 'euroa', 'eurolla'],
  USD: ['usd', 'us\\$'],
  GBP: ['gbp', '£', 'quid', 'sterling'],
  CHF: ['chf', 'swiss francs', 'francs', 'franken', 'fr\\.', 'sfr\\.?'],
  SEK: ['sek'],
  NOK: ['nok'],
  DKK: ['dkk'],
  PLN: ['pln', 'zł'],
  CZK: ['czk', 'kč'],
  AUD: ['aud', 'au?\\$'],
  CAD: ['cad', 'cdn', 'ca?\\$'],
  NZD: ['nzd', 'nz\\$', 'nz'],
  ZAR: ['zar', 'rand'],
};
