import { describe, expect, test } from 'vitest';
import { calibrateFit } from '@/core/fit';

/** How far riders differ before any sit, mm (own assumption; docs/formulas.md). */
const OFFSET_SIGMA = 16;

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
