import { describe, expect, test } from 'vitest';
import type { Money } from '@/core/brief';
import { buildCost } from '@/core/money';
import type { Part } from '@/core/part';
import { SHIPPED_PARTS } from '@/core/catalogue';

const money: Money = {
  currency: 'EUR',
  budget: 10000,
  tripFund: 2000,
  gear: 0,
  shopRate_perHour: 70,
  ownSpanners: true,
  rates: [{ currency: 'USD', to: 'EUR', rate: 0.9, date: '2026-01-01' }],
};
const base = SHIPPED_PARTS[0];
if (!base) throw new Error('no parts');
const made = (over: Partial<Part>): Part => ({
  ...base,
  workshop: false,
  fitting_h: 1,
  price: { amount: 100, currency: 'EUR' },
  ...over,
});

describe('what parts and their fitting cost', () => {
  test('nothing costs nothing', () => {
    expect(buildCost([], money)).toEqual({
      parts: 0,
      fitting: 0,
      shipping: 0,
      wrongParts: 0,
      papers: 0,
      nominal: 0,
      shopHours: 0,
      shedHours: 0,
      noRate: [],
    });
  });
  test('own spanners: only what a workshop must fit is paid for', () => {
    const cost = buildCost(
      [made({ fitting_h: 2 }), made({ id: 'w', workshop: true, fitting_h: 3 })],
      money,
    );
    expect(cost).toMatchObject({ parts: 200, fitting: 210, shopHours: 3, shedHours: 2 });
  });
  test('no spanners: the workshop fits everything', () => {
    const cost = buildCost(
      [made({ fitting_h: 2 }), made({ id: 'w', workshop: true, fitting_h: 3 })],
      { ...money, ownSpanners: false },
    );
    expect(cost).toMatchObject({ fitting: 350, shopHours: 5, shedHours: 0 });
  });
  test('other currencies by the dated rate; without one the part is named, not counted as free', () => {
    const cost = buildCost(
      [
        made({ price: { amount: 100, currency: 'USD' } }),
        made({ id: 'g', own: true, price: { amount: 50, currency: 'GBP' } }),
      ],
      money,
    );
    expect(cost.parts).toBe(90);
    expect(cost.noRate).toEqual([{ partId: 'g', currency: 'GBP' }]);
  });
});
