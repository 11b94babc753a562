import fc from 'fast-check';
import { expect, test } from 'vitest';
import {
  apportion,
  between,
  combine,
  exactly,
  known,
  piecewiseLinear,
  plusMinus,
  unknown,
} from '@/core/numeric';

test('intervals in order', () => {
  expect(between(4, 2)).toEqual({ low: 2, mid: 3, high: 4 });
  expect(plusMinus(10, 1)).toEqual({ low: 9, mid: 10, high: 11 });
  expect(exactly(5)).toEqual({ low: 5, mid: 5, high: 5 });
});

test('what is not known stays not known and names all that is missing', () => {
  expect(
    combine([known(exactly(1)), unknown('tank'), unknown('mass', 'tank')] as const, (a) => a),
  ).toEqual({ kind: 'unknown', missing: ['tank', 'mass'] });
  expect(combine([known(exactly(1)), known(exactly(2))] as const, (a, b) => a + b)).toEqual(
    known(exactly(3)),
  );
});

test('piecewise linear: knots, between, beyond', () => {
  const knots = [
    { x: 0, y: 0 },
    { x: 10, y: 6 },
    { x: 20, y: 10 },
  ];
  expect([-1, 0, 5, 10, 15, 20, 99].map((x) => piecewiseLinear(knots, x))).toEqual([
    0, 0, 3, 6, 8, 10, 10,
  ]);
  expect(() => piecewiseLinear([], 1)).toThrow(RangeError);
});

test('apportioned shares add up, are whole, and are never a whole unit off', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1000, noNaN: true }), { minLength: 1, maxLength: 9 }),
      fc.integer({ min: 0, max: 100 }),
      (parts, total) => {
        const whole = apportion(parts, total);
        expect(whole.reduce((a, b) => a + b, 0)).toBe(total);
        const sum = parts.reduce((a, b) => a + b, 0);
        whole.forEach((w, i) => {
          expect(Number.isInteger(w) && w >= 0).toBe(true);
          if (sum > 0) expect(Math.abs(w - ((parts[i] ?? 0) / sum) * total)).toBeLessThan(1 + 1e-6);
        });
      },
    ),
    { seed: 5 },
  );
  expect(() => apportion([1], -1)).toThrow(RangeError);
  expect(() => apportion([Number.NaN], 1)).toThrow(RangeError);
});
