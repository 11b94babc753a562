import fc from 'fast-check';
import { erf } from 'mathjs';
import { describe, expect, test } from 'vitest';
import {
  allOf,
  between,
  certain,
  combine,
  derive,
  known,
  normalQuantile,
  oneOf,
  percentiles,
  reaches,
  ROWS,
  scoresOf,
  shareOf,
  source,
  strataOf,
  weightedSum,
  type Known,
} from '@/core/numeric';

const rowsOf = (k: Known): readonly number[] => [...(k.rows ?? [])];
const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
const correlation = (a: readonly number[], b: readonly number[]) => {
  const [ma, mb] = [mean(a), mean(b)];
  const cov = mean(a.map((x, i) => (x - ma) * ((b[i] ?? 0) - mb)));
  const sd = (list: readonly number[], m: number) => Math.sqrt(mean(list.map((x) => (x - m) ** 2)));
  return cov / (sd(a, ma) * sd(b, mb));
};
/** Φ from the error function of a general-purpose library. */
const phi = (z: number) => 0.5 * (1 + erf(z / Math.SQRT2));

describe('the normal distribution', () => {
  test('quantiles agree with a general-purpose library', () => {
    for (const p of [1e-6, 0.001, 0.01, 0.02425, 0.05, 0.3, 0.5, 0.77, 0.95, 0.999, 1 - 1e-6])
      expect(phi(normalQuantile(p))).toBeCloseTo(p, 8);
    expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 6); // any table of the normal distribution
  });
  test('not for 0, 1 or nothing', () => {
    for (const p of [0, 1, Number.NaN]) expect(() => normalQuantile(p)).toThrow(RangeError);
  });
});

describe('sources', () => {
  test('each goes through every stratum once (Latin hypercube)', () =>
    expect([...strataOf('anything')].toSorted((a, b) => a - b)).toEqual(
      Array.from({ length: ROWS }, (_, i) => i),
    ));
  test('the same key is the same source, another is another', () => {
    expect(strataOf('a')).toEqual(strataOf('a'));
    expect(Math.abs(correlation([...scoresOf('a')], [...scoresOf('b')]))).toBeLessThan(0.1);
  });
  test('low and high are the 5th and 95th percentile, the middle the median', () => {
    const [low, mid, high] = percentiles(
      source('s', between(10, 40, 20)).rows ?? new Float64Array(),
      0.05,
      0.5,
      0.95,
    );
    expect(Math.abs((low ?? 0) - 10)).toBeLessThan(0.1);
    expect(Math.abs((mid ?? 0) - 20)).toBeLessThan(0.1);
    expect(Math.abs((high ?? 0) - 40)).toBeLessThan(0.2);
  });
  test('one that shares half of its variance with another goes along with it by √½', () => {
    const shared = { key: 'basis', share: 0.5 };
    const [a, common] = [[...scoresOf('own', shared)], [...scoresOf('basis')]];
    expect(Math.abs(correlation(a, common) - Math.SQRT1_2)).toBeLessThan(0.05);
    expect(Math.abs(correlation(a, [...scoresOf('other', shared)]) - 0.5)).toBeLessThan(0.08);
  });
  test('values are cut where the figure ends', () => {
    const rows = rowsOf(source('cut', between(0, 10), { cut: { min: 2, max: 8 } }));
    expect([Math.min(...rows), Math.max(...rows)]).toEqual([2, 8]);
  });
  test('without a span there is nothing to draw', () => {
    expect(source('none', between(5, 5)).rows).toBeUndefined();
    expect(known(between(5, 5))).toEqual(certain(5));
  });
  test('one of several answers comes as often as its chance', () => {
    const rows = rowsOf(
      oneOf('fact', 0, [
        { value: 0, chance: 0.2 },
        { value: 1, chance: 0.65 },
        { value: 2, chance: 0.15 },
      ]),
    );
    const share = (x: number) => rows.filter((r) => r === x).length / rows.length;
    expect([share(0), share(1), share(2)].map((s) => Math.round(s * 100))).toEqual([20, 65, 15]);
  });
});

describe('formulas over the table', () => {
  test('what two figures share cancels out: the same source less itself is nothing in every row', () => {
    const a = source('reading', between(100, 140));
    const dearer = combine([a] as const, (x) => x + 2000);
    const apart = combine([dearer, a] as const, (x, y) => x - y);
    if (apart.kind !== 'known') throw new Error('not known');
    for (const row of rowsOf(apart)) expect(row).toBeCloseTo(2000, 9);
  });
  test('two of their own: the spread of a sum is the root of the squares, not the sum of the ends', () => {
    const sum = derive(
      [source('x', between(-10, 10)), source('y', between(-10, 10))],
      (x, y) => x + y,
    );
    expect(Math.abs(sum.interval.high - 10 * Math.SQRT2)).toBeLessThan(0.8);
  });
  test('the middle is the formula at the middles', () => {
    const product = derive(
      [source('x', between(2, 9, 4)), source('y', between(1, 5, 2))],
      (x, y) => x * y,
    );
    expect(product.mid).toBe(8);
    expect(product.interval.mid).toBe(8);
  });
  test('any number of inputs gives what the formula gives row by row', () => {
    const inputs = ['a', 'b', 'c', 'd', 'e'].map((k, i) => source(k, between(i, i + 3)));
    for (let n = 1; n <= inputs.length; n += 1) {
      const some = inputs.slice(0, n);
      const f = (...x: number[]) => x.reduce((sum, v, i) => sum + v * (i + 1), 0);
      const made = rowsOf(derive(some, f));
      const weighted = rowsOf(weightedSum(some.map((figure, i) => ({ figure, weight: i + 1 }))));
      for (const i of [0, 511, ROWS - 1]) {
        const by = f(...some.map((k) => k.rows?.[i] ?? Number.NaN));
        expect(made[i]).toBeCloseTo(by, 9);
        expect(weighted[i]).toBeCloseTo(by, 9);
      }
    }
  });
  test('widening a spread never narrows what rises with it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (half, more) => {
          const width = (h: number) => {
            const { low, high } = derive(
              [source('w', between(100 - h, 100 + h)), source('v', between(1, 2))],
              (x, y) => x * y,
            ).interval;
            return high - low;
          };
          expect(width(half + more)).toBeGreaterThanOrEqual(width(half) - 1e-9);
        },
      ),
      { seed: 31, numRuns: 60 },
    );
  });
  test('percentiles of any rows are those of the sorted ones', () => {
    fc.assert(
      fc.property(fc.float64Array({ minLength: 1, maxLength: 50, noNaN: true }), (rows) => {
        const sorted = rows.slice().sort();
        expect(percentiles(rows, 0, 1)).toEqual([sorted[0], sorted.at(-1)]);
        const last = sorted.length - 1;
        for (let k = 0; k <= last; k += 1)
          if (last > 0) expect(percentiles(rows, k / last)[0]).toBeCloseTo(sorted[k] ?? NaN, 6);
      }),
      { seed: 32, numRuns: 100 },
    );
    expect(() => percentiles(Float64Array.of(1, Number.NaN), 0.5)).toThrow(RangeError);
  });
});

describe('chances', () => {
  test('a limit that a figure reaches: the closed form within two rows, and the limit itself is inside', () => {
    const x = source('x', between(300 - 16.448536, 300 + 16.448536)); // σ 10
    for (const need of [285, 300, 310, 325])
      expect(
        Math.abs(shareOf(reaches(x, need, 'more')) - (1 - phi((need - 300) / 10))),
      ).toBeLessThan(2 / ROWS);
    expect([310, 310.001].map((n) => reaches(certain(310), n, 'more').mid)).toEqual([1, 0]);
    expect([310, 309.999].map((n) => reaches(certain(310), n, 'less').mid)).toEqual([1, 0]);
  });
  test('all of several: row by row, so that what hangs on one source is not counted twice', () => {
    const x = source('x', between(0, 2));
    const [a, b] = [reaches(x, 1, 'more'), reaches(x, 0.5, 'more')];
    expect(shareOf(allOf([a, b]))).toBe(shareOf(a));
    const other = reaches(source('y', between(0, 2)), 1, 'more');
    expect(Math.abs(shareOf(allOf([a, other])) - 0.25)).toBeLessThan(0.04);
    expect(shareOf(allOf([a, certain(0)]))).toBe(0);
    expect(allOf([certain(1), certain(1)])).toEqual(certain(1));
  });
});
