import { describe, expect, test } from 'vitest';
import type { ExchangeRate } from '@/core/brief';
import { exchangeRate, inCurrency, isFarFromUsual, nominalRate } from '@/core/money';
import { CURRENCIES, type CurrencyCode } from '@/core/units';

const rate = (
  currency: CurrencyCode,
  to: CurrencyCode,
  rate: number,
  date = '2026-05-01',
): ExchangeRate => ({ currency, to, rate, date });
const dollars = [rate('USD', 'EUR', 0.91)];

describe('a rate leads where it says, and nowhere else', () => {
  test('as it was found, and turned round', () => {
    expect(exchangeRate('USD', 'EUR', dollars)).toEqual({ rate: 0.91, date: '2026-05-01' });
    expect(exchangeRate('EUR', 'USD', dollars)?.rate).toBeCloseTo(1 / 0.91, 12);
  });
  test.each(CURRENCIES.filter((c) => c !== 'EUR' && c !== 'USD'))(
    'a dollar in euros says nothing of %s',
    (to) => {
      expect(exchangeRate('USD', to, dollars)).toBeUndefined();
      expect(inCurrency(5190, 'USD', { currency: to, rates: dollars })).toEqual({
        kind: 'no-rate',
        currency: 'USD',
      });
    },
  );
  test('over a third currency, whichever way round each was found, on the older of the two days', () => {
    // Cross rate, textbook: 0.91 × 0.94 = 0.8554.
    const told = [...dollars, rate('EUR', 'CHF', 0.94, '2026-04-01')];
    const round = [...dollars, rate('CHF', 'EUR', 1 / 0.94, '2026-06-01')];
    expect(exchangeRate('USD', 'CHF', told)?.rate).toBeCloseTo(0.8554, 12);
    expect(exchangeRate('USD', 'CHF', told)?.date).toBe('2026-04-01');
    expect(exchangeRate('USD', 'CHF', round)?.rate).toBeCloseTo(0.8554, 12);
    expect(exchangeRate('USD', 'CHF', round)?.date).toBe('2026-05-01');
    expect(exchangeRate('CHF', 'USD', told)?.rate).toBeCloseTo(1 / 0.8554, 12);
  });
  test('the rate that was found goes before one turned round and before a cross rate', () => {
    const all = [
      rate('EUR', 'USD', 1.2),
      rate('USD', 'EUR', 0.9),
      rate('USD', 'GBP', 0.7),
      rate('GBP', 'EUR', 1.1),
    ];
    expect(exchangeRate('USD', 'EUR', all)?.rate).toBe(0.9);
  });
  test('nothing leads to what no rate names', () =>
    expect(exchangeRate('USD', 'SEK', [rate('GBP', 'SEK', 12), ...dollars])).toBeUndefined());
});

test('a rate that was typed the other way round is asked about, one that moved with the markets is not', () => {
  // From memory, common knowledge: about eleven kronor a euro, for years between nine and twelve.
  expect(isFarFromUsual(rate('SEK', 'EUR', 0.09))).toBe(false);
  expect(isFarFromUsual(rate('SEK', 'EUR', 11.1))).toBe(true);
  const usual = nominalRate('USD', 'EUR');
  for (const [factor, far] of [
    [1.49, false],
    [1.51, true],
    [1 / 1.49, false],
    [1 / 1.51, true],
  ] as const)
    expect(isFarFromUsual(rate('USD', 'EUR', usual * factor)), `${factor}`).toBe(far);
});
