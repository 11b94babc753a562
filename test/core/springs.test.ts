import { describe, expect, test } from 'vitest';
import { forkSag, wheelRate, wheelSag } from '@/core/suspension';

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
    const more = { ...end, preload_mm: 15 };
    expect(wheelSag(more, 128) - wheelSag(end, 128)).toBeCloseTo(-2.703, 3);
    expect(wheelSag(more, 128) - wheelSag(more, 65)).toBeCloseTo(69.43, 2);
  });
  test('fork 2 × 4.6 N/mm, rake 27°, 102 kg, preload 10: 86.88 mm', () =>
    expect(forkSag(4.6, 27, 10, 102)).toBeCloseTo(86.88, 2));
});
