import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { GROUNDS, type GroundShares } from '@/core/brief';
import {
  costOfOwnership,
  loanCost,
  resale,
  valueAfter,
  yearlyLoss,
  yearsToEarn,
  type Ownership,
} from '@/core/money';
import { servicesDue, servicesPerKm, suspensionInterval, wearShares } from '@/core/service';

describe('service', () => {
  test('from 4 500 km, 14 000 km on, every 6 000: 3, not 2', () => {
    expect(servicesDue(4500, 14000, 6000)).toBe(3);
    expect(servicesDue(0, 14000, 6000)).toBe(2);
    expect(servicesDue(4500, 14000, 6000, 2)).toBe(1);
    expect(() => servicesDue(0, 1, 0)).toThrow(RangeError);
  });
});

describe('keeping and selling', () => {
  test('9 000 at 12 % for 5 years: 4 749.59; 20 % then 10 %: 4 724; 9 000 → 5 200 in 4 years is 12.815 %', () => {
    expect(valueAfter(9000, 0.12, 5)).toBeCloseTo(4749.59, 2);
    expect(valueAfter(valueAfter(9000, 0.2, 1), 0.1, 4)).toBeCloseTo(4724, 0);
    expect(yearlyLoss(9000, 5200, 4)).toBeCloseTo(0.12815, 5);
    expect(resale(9000, 3, true)).toBeLessThan(resale(9000, 3, false));
  });
  const kept: Ownership = {
    years: 5,
    distance_km: 40000,
    consumption_Lper100km: 4.8,
    fuel_perL: 1.8,
    tyreFront: { price: 110, lasts_km: 10000 },
    tyreRear: { price: 150, lasts_km: 6000 },
    chain: { price: 180, lasts_km: 20000 },
    pads: { price: 0, lasts_km: 20000 },
    servicing: 4 * 320,
    insurance_perYear: 420,
    tax_perYear: 90,
    depreciation: 4250.41,
    modifications: 1500,
    interest: 0,
  };
  test('five years and 40 000 km: 14 836.41, 0.3709 a km', () => {
    const cost = costOfOwnership(kept);
    expect(cost.items).toMatchObject({
      fuel: expect.closeTo(3456, 6) as number,
      tyres: expect.closeTo(1440, 6) as number,
      chain: 360,
      servicing: 1280,
      insurance: 2100,
      tax: 450,
    });
    expect(cost.total).toBeCloseTo(14836.41, 2);
    expect(cost.perKm).toBeCloseTo(0.3709, 4);
  });
  test('consumption ±15 %: 14 318.0 to 15 354.8', () => {
    expect(costOfOwnership({ ...kept, consumption_Lper100km: 4.8 * 0.85 }).total).toBeCloseTo(
      14318,
      0,
    );
    expect(costOfOwnership({ ...kept, consumption_Lper100km: 4.8 * 1.15 }).total).toBeCloseTo(
      15354.8,
      1,
    );
  });
  test('"pays for itself in fuel": 2 000 more for 1.5 L less, 8 000 km a year, takes over nine years', () => {
    expect(yearsToEarn(2000, 1.5, 1.8, 8000)).toBeCloseTo(9.26, 2);
    expect(yearsToEarn(2000, 0, 1.8, 8000)).toBe(Infinity);
    expect(yearsToEarn(-10, 1, 1.8, 8000)).toBe(0);
  });
});

describe('a loan (annuity, textbook)', () => {
  // 10 000 over 60 months at 6 % a year: 193.33 a month, a textbook example (from memory).
  test('10 000 at 6 % over 60 months: 193.33 a month, 1 599.68 of interest', () => {
    const cost = loanCost({ lent: 10_000, yearly_percent: 6, months: 60 });
    expect(cost.monthly).toBeCloseTo(193.33, 2);
    expect(cost.interest).toBeCloseTo(1599.68, 2);
  });
  test('for nothing it costs nothing; the debt is paid off by its payments', () => {
    expect(loanCost({ lent: 6000, yearly_percent: 0, months: 24 })).toEqual({
      monthly: 250,
      interest: 0,
    });
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 50_000 }),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 1, max: 120 }),
        (lent, percent, months) => {
          const { monthly } = loanCost({ lent, yearly_percent: percent, months });
          let debt = lent;
          for (let m = 0; m < months; m += 1) debt = debt * (1 + percent / 1200) - monthly;
          expect(debt / lent).toBeCloseTo(0, 6);
        },
      ),
      { seed: 11 },
    );
    expect(() => loanCost({ lent: 1, yearly_percent: 1, months: 0 })).toThrow(RangeError);
  });
});

const ROADS = Object.fromEntries(
  GROUNDS.map((g) => [g, g === 'openRoad' ? 100 : 0]),
) as unknown as GroundShares;

describe('services each at its own interval', () => {
  const road_km = suspensionInterval(ROADS);
  test('by hand: a book of 10 000 km, valves every 20 000, in a workshop', () => {
    const perKm = servicesPerKm(
      { book_km: 10_000, valves_km: 20_000, suspension_km: road_km },
      false,
    );
    expect(perKm * 10_000).toBeCloseTo(0.3 + 0.7 + 0.7 / 2 + (0.9 * 10_000) / road_km, 9);
  });
  test('an oil change every 15 h does not cost the price of a full service', () => {
    // 15 h at 45 km/h is 675 km (reference 11): 14.8 a 10 000 km, and at most 3.3 inspections.
    const perKm = servicesPerKm({ book_km: 675, oil_km: 675, suspension_km: road_km }, false);
    const perChange = perKm * 675;
    expect(perChange).toBeLessThan(0.6);
    expect(perChange).toBeGreaterThan(0.3);
  });
  test('oil at home costs less; a longer interval never costs more', () => {
    const at = (km: number, home: boolean) =>
      servicesPerKm({ book_km: km, suspension_km: road_km }, home);
    expect(at(6000, true)).toBeLessThan(at(6000, false));
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 30_000 }),
        fc.integer({ min: 1, max: 5000 }),
        (km, more) => {
          expect(at(km + more, false)).toBeLessThanOrEqual(at(km, false));
        },
      ),
      { seed: 12 },
    );
  });
});

describe('wear by mass, power and ground', () => {
  const total = (kg: number, kW: number, shares: GroundShares, chain = true) =>
    Object.values(wearShares(kg, kW, shares, chain)).reduce((sum, x) => sum + x, 0);
  test('a middling machine on roads wears as the brief says', () =>
    expect(total(280, 35, ROADS)).toBeCloseTo(1, 9));
  test('124 kg and 14 kW against 249 kg and 100 kW: the heavy one costs well over twice', () =>
    expect(total(345, 100, ROADS) / total(215, 14, ROADS)).toBeGreaterThan(2));
  // Hard trail use: chain and front pads gone by about 800 miles; light use: rear tyre 3 000 miles and more (common practice, no source).
  test('hard trails: chain and pads go many times faster, tyres about twice', () => {
    const trails = { ...ROADS, openRoad: 0, singleTrack: 100 };
    const [road, hard] = [wearShares(200, 30, ROADS, true), wearShares(200, 30, trails, true)];
    expect(hard.chain / road.chain).toBeGreaterThanOrEqual(6);
    expect(hard.pads / road.pads).toBeGreaterThanOrEqual(6);
    expect(hard.rearTyre / road.rearTyre).toBeCloseTo(2.2, 9);
  });
  test('a shaft wears no chain', () => expect(wearShares(280, 35, ROADS, false).chain).toBe(0));
});
