import { describe, expect, test } from 'vitest';
import { axleSplit, FALLEN, liftEffort } from '@/core/mass';

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
    expect(split.frontShare).toBeCloseTo(0.3996, 4);
    expect(split.total_kg).toBe(353);
  });
  test('without mass or wheelbase there is nothing to split', () => {
    const mass = { mass_kg: 300, behind_m: 0.75, high_m: 0.6 };
    expect(() => axleSplit([], 1.5)).toThrow('mass and wheelbase must be above zero');
    expect(() => axleSplit([mass], 0)).toThrow(RangeError);
    expect(() => axleSplit([mass], -1.5)).toThrow(RangeError);
    expect(() => axleSplit([{ ...mass, mass_kg: 0 }], 1.5)).toThrow(RangeError);
    expect(axleSplit([mass], 1.5).frontShare).toBeCloseTo(0.5, 12);
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
