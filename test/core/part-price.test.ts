import { describe, expect, test } from 'vitest';
import { buildCost, NOMINAL_SPREAD, nominalRate, partPrice } from '@/core/money';
import type { ExchangeRate } from '@/core/brief';
import type { Part } from '@/core/part';
import { CURRENCIES } from '@/core/units';
import { SHIPPED_PARTS } from '@/core/catalogue';
import { newBrief } from '@/store/records';

const [some] = Object.values(SHIPPED_PARTS);
if (!some) throw new Error('parts are shipped');
const part: Part = { ...some, price: { amount: 200, currency: 'EUR' } };
const money = (rates: readonly ExchangeRate[] = []) => ({
  ...newBrief('USD').money,
  rates,
});

describe('what a part costs in another currency', () => {
  test('a shipped one: roughly, by a nominal rate, until the rider sets one', () => {
    expect(partPrice(part, money())).toEqual({
      kind: 'nominal',
      amount: 200 * nominalRate('EUR', 'USD'),
    });
    expect(
      partPrice(part, money([{ currency: 'EUR', to: 'USD', rate: 1.07, date: '2026-01-01' }])),
    ).toEqual({
      kind: 'amount',
      amount: 214,
      rateDate: '2026-01-01',
    });
  });
  test('one that the rider entered: not known without a rate, never one to one', () =>
    expect(partPrice({ ...part, own: true }, money())).toEqual({
      kind: 'no-rate',
      currency: 'EUR',
    }));
  test('a cost says how much of it is rough', () => {
    const other: Part = { ...part, id: 'b', price: { amount: 50, currency: 'USD' } };
    const cost = buildCost([part, other], money());
    expect(cost.nominal).toBeCloseTo(200 * nominalRate('EUR', 'USD'), 9);
    expect(cost.parts).toBeCloseTo(cost.nominal + 50, 9);
    expect(cost.noRate).toEqual([]);
  });
});

describe('nominal rates', () => {
  test('there and back again is where one began, over any third', () => {
    for (const a of CURRENCIES)
      for (const b of CURRENCIES) {
        expect(nominalRate(a, b) * nominalRate(b, a)).toBeCloseTo(1, 12);
        expect(nominalRate(a, 'EUR') * nominalRate('EUR', b)).toBeCloseTo(nominalRate(a, b), 12);
      }
  });
  // From memory, common knowledge of the last years: a pound is worth more than a euro, a crown about a tenth of one or less.
  test('stand in the order that everybody knows', () => {
    expect(nominalRate('GBP', 'EUR')).toBeGreaterThan(1);
    expect(nominalRate('EUR', 'USD')).toBeGreaterThan(1);
    // Pegged to the euro: central rate 7.46038 (ERM II, from memory).
    expect(nominalRate('EUR', 'DKK')).toBeCloseTo(7.46038, 2);
    expect(nominalRate('EUR', 'CZK')).toBeGreaterThan(20);
    expect(NOMINAL_SPREAD).toBeGreaterThan(0);
  });
});

describe('a new brief', () => {
  test.each(CURRENCIES)('begins with round sums in %s, of about the same worth', (currency) => {
    const { budget, tripFund } = newBrief(currency).money;
    expect(budget / nominalRate('EUR', currency)).toBeGreaterThan(8500);
    expect(budget / nominalRate('EUR', currency)).toBeLessThan(9500);
    expect(tripFund).toBeLessThan(budget);
  });
});
