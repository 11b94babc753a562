import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { kneeAngle, LEG_SHARES } from '@/core/fit';
import { wantCurves } from '@/core/preference';
import { newBrief } from '@/store/records';

const rider = (height_mm: number, inseam_mm?: number) => ({ height_mm, inseam_mm, sole_mm: 30 });

describe('knees of a seated rider', () => {
  test('thigh, shank and foot make the hip’s height: 0.530 of stature (Drillis and Contini, from memory)', () =>
    expect(LEG_SHARES.thigh + LEG_SHARES.shank + LEG_SHARES.footHeight).toBeCloseTo(0.53, 9));
  test('by hand: 1.83 m on a seat 500 mm over the pegs, hips 200 mm behind', () => {
    const [a, b] = [0.245 * 1830, 0.246 * 1830];
    const up = 500 + 90 - (0.039 * 1830 + 30);
    const cosine = (a * a + b * b - (up * up + 200 * 200)) / (2 * a * b);
    expect(kneeAngle(835, 335, rider(1830))).toBeCloseTo((Math.acos(cosine) * 180) / Math.PI, 9);
  });
  // Touring riders call 75 to 90 degrees roomy and 60 cramped (common practice, no source).
  test('a tall rider is cramped where a short one is not', () => {
    const seatOverPeg = 480;
    expect(kneeAngle(300 + seatOverPeg, 300, rider(1920))).toBeLessThan(
      wantCurves(newBrief('EUR')).kneeAngle.need,
    );
    expect(kneeAngle(300 + seatOverPeg, 300, rider(1600))).toBeGreaterThan(
      wantCurves(newBrief('EUR')).kneeAngle.need,
    );
  });
  test('a higher seat or lower peg never bends the knee more; longer legs never less; never past straight', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 600, max: 1000 }),
        fc.integer({ min: 200, max: 450 }),
        fc.integer({ min: 1450, max: 2050 }),
        fc.integer({ min: 1, max: 60 }),
        (seat, peg, height, more) => {
          const at = (s: number, p: number, h: number) => kneeAngle(s, p, rider(h));
          expect(at(seat + more, peg, height)).toBeGreaterThanOrEqual(at(seat, peg, height) - 1e-4);
          expect(at(seat, peg - more, height)).toBeGreaterThanOrEqual(at(seat, peg, height) - 1e-4);
          expect(at(seat, peg, height + more)).toBeLessThanOrEqual(at(seat, peg, height) + 1e-4);
          expect(at(seat, peg, height)).toBeLessThanOrEqual(180);
        },
      ),
      { seed: 192 },
    );
  });
});
