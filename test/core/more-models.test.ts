import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALTERNATOR_SHARE, electricalMargin, fuseFor, voltageDrop } from '@/core/electrics';
import { calibrateFit, OFFSET_SIGMA } from '@/core/fit';
import { axleSplit, FALLEN, liftEffort } from '@/core/mass';
import {
  costOfOwnership,
  resale,
  valueAfter,
  yearlyLoss,
  yearsToEarn,
  type Ownership,
} from '@/core/money';
import { intervalInDistance, servicesDue } from '@/core/service';
import {
  bottomingDrop,
  forkSag,
  preloadFor,
  rateForDifference,
  sagPerPreload,
  SAG_STYLES,
  SAG_TARGETS,
  springAdvice,
  springEnergy,
  wheelRate,
  wheelSag,
} from '@/core/suspension';

// Mechanics of linear springs, worked by hand from the formulas in the doc blocks.
describe('sag', () => {
  const end = { rate_Npmm: 65, motionRatio: 0.37, preload_mm: 14 };
  test('65 N/mm at 0.37: 8.8985 at the wheel; 65 kg sag 33.80, with 63 kg of rider 103.23 mm', () => {
    expect(wheelRate(end)).toBeCloseTo(8.8985, 4);
    expect(wheelSag(end, 65)).toBeCloseTo(33.8, 2);
    expect(wheelSag(end, 128)).toBeCloseTo(103.23, 2);
    expect(wheelSag(end, 128) - wheelSag(end, 65)).toBeCloseTo(69.43, 2);
  });
  test('one more millimetre of preload: −2.703 mm; the difference stays', () => {
    expect(sagPerPreload(end)).toBeCloseTo(-2.703, 3);
    const more = { ...end, preload_mm: 15 };
    expect(wheelSag(more, 128) - wheelSag(end, 128)).toBeCloseTo(-2.703, 3);
    expect(wheelSag(more, 128) - wheelSag(more, 65)).toBeCloseTo(69.43, 2);
  });
  test('preload that sets a sag sets it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 120 }),
        fc.double({ min: 0.25, max: 1, noNaN: true }),
        fc.integer({ min: 60, max: 220 }),
        fc.integer({ min: 20, max: 120 }),
        (rate_Npmm, motionRatio, load, sag) => {
          const preload_mm = preloadFor({ rate_Npmm, motionRatio }, load, sag);
          expect(wheelSag({ rate_Npmm, motionRatio, preload_mm }, load)).toBeCloseTo(sag, 6);
        },
      ),
      { seed: 91 },
    );
  });
  test('a difference of 70 mm for a 90 kg rider wants 64.5 N/mm', () =>
    expect(rateForDifference(63, 70, 0.37)).toBeCloseTo(64.5, 1));
  test('fork 2 × 4.6 N/mm, rake 27°, 102 kg, preload 10: 86.88 mm', () =>
    expect(forkSag(4.6, 27, 10, 102)).toBeCloseTo(86.88, 2));
  // Common practice, no source: 95–115 mm on 300 mm of travel; 127 is too soft or too little preload.
  test('what the book says of 300 mm', () => {
    expect(springAdvice('enduro', 300, 107, 35)).toBe('fits');
    expect(springAdvice('enduro', 300, 127, 35)).toBe('set-rider-sag-first');
    expect(springAdvice('enduro', 300, 105, 6.2)).toBe('too-soft');
    expect(springAdvice('enduro', 300, 105, 54.9)).toBe('too-stiff');
    for (const style of SAG_STYLES)
      expect(SAG_TARGETS[style].free[1]).toBeLessThan(SAG_TARGETS[style].rider[0]);
  });
  test('bottoming: 501.44 J; drops of 0.099, 0.315, 0.699 m at 0, 35, 60 % damping', () => {
    expect(springEnergy(end, 300)).toBeCloseTo(501.44, 1);
    for (const [damping, drop] of [
      [0, 0.099],
      [0.35, 0.315],
      [0.6, 0.699],
    ] as const)
      expect(bottomingDrop(end, 300, 128, damping)).toBeCloseTo(drop, 3);
  });
});

describe('loads on the axles (statics)', () => {
  test('20 kg 1.75 m behind the front axle of a 1.5 m wheelbase: rear +23.333, front −3.333', () => {
    const split = axleSplit([{ mass_kg: 20, behind_m: 1.75, high_m: 1 }], 1.5);
    expect(split.rear_kg).toBeCloseTo(23.333, 3);
    expect(split.front_kg).toBeCloseTo(-3.333, 3);
  });
  test('303 kg at 650/800 mm with 20 kg at 1000 and 30 at 750: height 678.3, 900.6 behind, front 40.0 %', () => {
    const split = axleSplit(
      [
        { mass_kg: 303, behind_m: 0.8, high_m: 0.65 },
        { mass_kg: 20, behind_m: 1.75, high_m: 1 },
        { mass_kg: 30, behind_m: 1.35, high_m: 0.75 },
      ],
      1.5,
    );
    expect(split.high_m).toBeCloseTo(0.6783, 4);
    expect(split.behind_m).toBeCloseTo(0.9006, 4);
    expect(split.front_kg).toBeCloseTo(141.07, 1);
    expect(split.rear_kg).toBeCloseTo(211.93, 1);
    expect(() => axleSplit([], 1.5)).toThrow(RangeError);
  });
  test('lifting 210 kg: 108.5 kgf, with a lever of 0.8 m 135.7, from 45° 81.7', () => {
    expect(liftEffort(210, FALLEN.height_m, FALLEN.lever_m, FALLEN.angle_deg)).toBeCloseTo(
      108.5,
      1,
    );
    expect(liftEffort(210, 0.55, 0.8, 70)).toBeCloseTo(135.7, 1);
    expect(liftEffort(210, 0.55, 1, 45)).toBeCloseTo(81.7, 1);
  });
});

describe('electrics', () => {
  test('400 W: 11 W left at a cruise with 150 W of accessories, 169 too few at idle', () => {
    expect(electricalMargin(400, ALTERNATOR_SHARE.cruise, 199, 150)).toBeCloseTo(11, 9);
    expect(electricalMargin(400, ALTERNATOR_SHARE.idle, 199, 150)).toBeCloseTo(-169, 9);
  });
  test('40 W want a 5 A fuse; a lead of 1.5 m and 1.5 mm² loses 0.2536 V at 100 W', () => {
    expect(fuseFor(40)).toBe(5);
    expect(fuseFor(5000)).toBeUndefined();
    expect(voltageDrop(1.5, 1.5, 100)).toBeCloseTo(0.2536, 4);
  });
});

describe('service', () => {
  test('15 h at 45 km/h are 675 km; the earlier bound counts', () => {
    expect(intervalInDistance({ hours: 15 }, 45)).toBe(675);
    expect(intervalInDistance({ hours: 15, distance_km: 600 }, 45)).toBe(600);
    expect(intervalInDistance({}, 45)).toBeUndefined();
  });
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

describe('a rider’s own reach, from sits', () => {
  test('nothing sat on: the model as it is, as unsure as riders differ', () => {
    const none = calibrateFit([]);
    expect(none.offset_mm).toBeCloseTo(0, 6);
    expect(none.sigma_mm).toBeCloseTo(OFFSET_SIGMA, 0);
  });
  test('flat where the model said tiptoe moves the offset down, and makes it surer', () => {
    const one = calibrateFit([{ modelGap_mm: 60, band: 'flat' }]);
    const two = calibrateFit([
      { modelGap_mm: 60, band: 'flat' },
      { modelGap_mm: 45, band: 'flat' },
    ]);
    expect(one.offset_mm).toBeLessThan(-15);
    expect(one.sigma_mm).toBeLessThan(OFFSET_SIGMA);
    expect(two.sigma_mm).toBeLessThan(one.sigma_mm);
  });
  test('many sits of one rider find the rider’s true offset', () => {
    const band = (gap: number) =>
      gap <= 10 ? 'flat' : gap <= 65 ? 'balls' : gap <= 120 ? 'tiptoes' : 'none';
    const sits = Array.from(
      { length: 40 },
      (_, i) => ({ modelGap_mm: -20 + i * 4, band: band(-20 + i * 4 + 18) }) as const,
    );
    expect(Math.abs(calibrateFit(sits).offset_mm - 18)).toBeLessThan(6);
  });
});
