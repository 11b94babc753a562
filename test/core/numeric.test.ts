import fc from 'fast-check';
import { erf } from 'mathjs';
import { expect, test } from 'vitest';
import {
  add,
  apportion,
  between,
  combine,
  divide,
  exactly,
  known,
  mapMonotone,
  multiply,
  normalCdf,
  piecewiseLinear,
  plusMinus,
  scale,
  subtract,
  unknown,
} from '@/core/numeric';

test('interval arithmetic takes the worst case', () => {
  const a = between(2, 4);
  const b = between(1, 3);
  expect(add(a, b)).toEqual({ low: 3, mid: 5, high: 7 });
  expect(subtract(a, b)).toEqual({ low: -1, mid: 1, high: 3 });
  expect(multiply(a, b)).toEqual({ low: 2, mid: 6, high: 12 });
  expect(divide(a, b)).toEqual({ low: 2 / 3, mid: 1.5, high: 4 });
  expect(scale(a, -2)).toEqual({ low: -8, mid: -6, high: -4 });
  expect(mapMonotone(a, (x) => -x)).toEqual({ low: -4, mid: -3, high: -2 });
  expect(plusMinus(10, 1)).toEqual({ low: 9, mid: 10, high: 11 });
  expect(() => divide(a, between(0, 1))).toThrow(RangeError);
});

test('an interval always holds its middle', () => {
  const interval = fc
    .tuple(
      fc.double({ min: 0.1, max: 100, noNaN: true }),
      fc.double({ min: 0.1, max: 100, noNaN: true }),
    )
    .map(([a, b]) => between(a, b));
  fc.assert(
    fc.property(interval, interval, (a, b) => {
      for (const r of [add(a, b), subtract(a, b), multiply(a, b), divide(a, b)]) {
        expect(r.low).toBeLessThanOrEqual(r.mid);
        expect(r.mid).toBeLessThanOrEqual(r.high);
      }
    }),
    { seed: 3 },
  );
});

test('what is not known stays not known and names all that is missing', () => {
  expect(
    combine([known(exactly(1)), unknown('tank'), unknown('mass', 'tank')] as const, (a) => a),
  ).toEqual({ kind: 'unknown', missing: ['tank', 'mass'] });
  expect(combine([known(exactly(1)), known(exactly(2))] as const, (a, b) => a + b)).toEqual(
    known(exactly(3)),
  );
});

test('the normal distribution agrees with a general-purpose library', () => {
  for (let z = -5; z <= 5; z += 0.25)
    expect(normalCdf(z)).toBeCloseTo(0.5 * (1 + erf(z / Math.SQRT2)), 12);
  expect(normalCdf(1.959964)).toBeCloseTo(0.975, 6); // any table of the normal distribution
  expect(normalCdf(9)).toBe(1);
  expect(normalCdf(-9)).toBe(0);
  expect(() => normalCdf(Number.NaN)).toThrow(RangeError);
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
