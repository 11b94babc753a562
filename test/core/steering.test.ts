import { describe, expect, test } from 'vitest';
import { offsetOf, rakeAfter, standShortening, trailAfter, trailOf } from '@/core/geometry';

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
