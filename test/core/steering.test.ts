import { describe, expect, test } from 'vitest';
import { offsetOf, rakeAfter, standShortening, trailAfter, trailOf } from '@/core/geometry';
import { stoppieLimit, stoppingDistance } from '@/core/road-load';

// Reference 15 (Cossalter, from memory): R 347.7, d 52, 27 degrees.
const FRONT = { radius_mm: 347.7, rake_deg: 27, trail_mm: trailOf(347.7, 52, 27) };

describe('rake and trail', () => {
  test('118.80 mm of trail at 27°, and back to the offset of 52', () => {
    expect(FRONT.trail_mm).toBeCloseTo(118.8, 2);
    expect(offsetOf(347.7, FRONT.trail_mm, 27)).toBeCloseTo(52, 9);
  });
  test('forks 10 mm up in the clamps (8.91 mm at the front): rake −0.329°, trail −2.34 mm', () => {
    const drops = { front_mm: 8.91, rear_mm: 0 };
    expect(rakeAfter(27, drops, 1550) - 27).toBeCloseTo(-0.329, 3);
    expect(trailAfter(FRONT, drops, 1550) - FRONT.trail_mm).toBeCloseTo(-2.34, 2);
  });
  test('rear 40 mm lower: rake +1.478°, trail +10.66 mm', () => {
    const drops = { front_mm: 0, rear_mm: 40 };
    expect(rakeAfter(27, drops, 1550) - 27).toBeCloseTo(1.478, 3);
    expect(trailAfter(FRONT, drops, 1550) - FRONT.trail_mm).toBeCloseTo(10.66, 1);
  });
  test('both ends alike change nothing', () =>
    expect(trailAfter(FRONT, { front_mm: 30, rear_mm: 30 }, 1500)).toBeCloseTo(FRONT.trail_mm, 9));
  test('25 mm lower, 11° and 25°: a side stand 27.1 mm shorter', () =>
    expect(standShortening(25)).toBeCloseTo(27.1, 1));
});

describe('stopping (reference 15, from memory)', () => {
  const stance = { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 0.65, grip: 0.9 };
  test('the rear lifts at 12.070 m/s²', () => expect(stoppieLimit(stance)).toBeCloseTo(12.07, 3));
  test('100 km/h on 0.9: 71.49 m; 60 km/h on 0.9 and 0.5: 32.40 and 44.99 m', () => {
    expect(stoppingDistance(100, stance)).toBeCloseTo(71.49, 2);
    expect(stoppingDistance(60, stance)).toBeCloseTo(32.4, 2);
    expect(stoppingDistance(60, { ...stance, grip: 0.5 })).toBeCloseTo(44.99, 2);
  });
  test('a short, tall machine is held by its rear wheel, not by grip', () => {
    const tall = { wheelbase_m: 1.3, ahead_m: 0.75, height_m: 0.9, grip: 0.9 };
    expect(stoppingDistance(80, tall)).toBeGreaterThan(stoppingDistance(80, stance));
  });
});
