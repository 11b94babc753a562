import { describe, expect, test } from 'vitest';
import {
  costOfOwnership,
  resale,
  valueAfter,
  yearlyLoss,
  yearsToEarn,
  type Ownership,
} from '@/core/money';
import { servicesDue } from '@/core/service';

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
    services: 4,
    service_each: 320,
    insurance_perYear: 420,
    tax_perYear: 90,
    depreciation: 4250.41,
    modifications: 1500,
  };
  test('five years and 40 000 km: 14 836.41, 0.3709 a km', () => {
    const cost = costOfOwnership(kept);
    expect(cost.items).toMatchObject({
      fuel: expect.closeTo(3456, 6) as number,
      tyres: expect.closeTo(1440, 6) as number,
      chain: 360,
      services: 1280,
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
