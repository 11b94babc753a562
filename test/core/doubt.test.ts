import { describe, expect, test } from 'vitest';
import {
  firmness,
  simulateRanks,
  tornado,
  turningPoints,
  type DoubtAlternative,
  type DoubtModel,
  type DoubtQuantity,
  type RankDoubt,
  type WeightDoubt,
} from '@/core/doubt';
import { derive, piecewiseLinear, reaches, seededRandom, source, type Known } from '@/core/numeric';

const quantity = (interval: { low: number; mid: number; high: number }): DoubtQuantity => ({
  kind: 'known',
  ...interval,
  rows: source('some', interval).rows,
});
const exact = (x: number): DoubtQuantity => ({ kind: 'known', low: x, mid: x, high: x });
const plain = (id: string, values: readonly number[]): DoubtAlternative => ({
  id,
  quantities: values.map(exact),
  worths: values,
  mids: values,
  limits: [],
  keeps: 1,
});
const model = (
  rows: Readonly<Record<string, readonly number[]>>,
  weights: WeightDoubt = 'free',
  given?: readonly number[],
): DoubtModel => {
  const count = Object.values(rows)[0]?.length ?? 0;
  return {
    weights,
    alternatives: Object.entries(rows).map(([id, values]) => plain(id, values)),
    criteria: Array.from({ length: count }, (_, i) => ({
      key: `c${i}`,
      weight: given?.[i] ?? 1 / count,
      knots: [
        { x: 0, y: 0 },
        { x: 1, y: 1 },
      ],
    })),
  };
};
const run = (m: DoubtModel, most = 40_000, seed = 7): RankDoubt => {
  const last = [...simulateRanks(m, { seed, most, every: 5000, error: 0 })].at(-1);
  if (!last) throw new Error('no result');
  return last;
};
const firsts = (r: RankDoubt) => r.acceptability.map((row) => row[0] ?? 0);
/** Four standard errors. */
const NEAR = 4 * Math.sqrt(0.25 / 40_000);

describe('acceptability on exact small cases (SMAA-2, Lahdelma & Salminen 2001; exact by integration)', () => {
  test('A(.8, .3), B(.4, .6): A first in 4/7; central weights (5/7, 2/7) and (3/14, 11/14)', () => {
    const r = run(model({ A: [0.8, 0.3], B: [0.4, 0.6] }));
    expect(Math.abs((firsts(r)[0] ?? 0) - 4 / 7)).toBeLessThan(NEAR);
    expect(r.central[0]?.[0]).toBeCloseTo(5 / 7, 2);
    expect(r.central[1]?.[0]).toBeCloseTo(3 / 14, 2);
  });
  test('three unit vectors: every place a third each; centre of the first (11/18, 7/36, 7/36)', () => {
    const r = run(model({ A: [1, 0, 0], B: [0, 1, 0], C: [0, 0, 1] }));
    for (const row of r.acceptability)
      for (const share of row) expect(Math.abs(share - 1 / 3)).toBeLessThan(NEAR);
    expect(r.central[0]?.[0]).toBeCloseTo(11 / 18, 2);
    expect(r.central[0]?.[1]).toBeCloseTo(7 / 36, 2);
  });
  test('A(1, 0, 0), B(0, .5, .5): 4/9; centres 5/9 and 7/45', () => {
    const r = run(model({ A: [1, 0, 0], B: [0, 0.5, 0.5] }));
    expect(Math.abs((firsts(r)[0] ?? 0) - 4 / 9)).toBeLessThan(NEAR);
    expect(r.central[0]?.[0]).toBeCloseTo(5 / 9, 2);
    expect(r.central[1]?.[0]).toBeCloseTo(7 / 45, 2);
  });
  test('ten thousand draws at a half: a standard error of 0.0050', () => {
    expect(run(model({ A: [1, 0], B: [0, 1] }), 10_000).error).toBeCloseTo(0.005, 4);
  });
  test('weights that keep their order: means of the ordered simplex are the rank-order centroids 0.6111, 0.2778, 0.1111', () => {
    // The first criterion is the only one that parts them, so the central weights are the means of all draws.
    const r = run(model({ A: [1, 0, 0], B: [0, 0, 0] }, 'order', [0.5, 0.3, 0.2]));
    expect(firsts(r)[0]).toBe(1);
    for (const [i, mean] of [0.6111, 0.2778, 0.1111].entries())
      expect(r.central[0]?.[i]).toBeCloseTo(mean, 2);
  });
  test('fixed weights and known figures leave no doubt', () => {
    expect(
      firsts(run(model({ A: [0.6, 0.4], B: [0.5, 0.45] }, 'fixed', [0.5, 0.5]), 2000)),
    ).toEqual([1, 0]);
  });
});

describe('weights within bounds', () => {
  const bounded = (
    rows: Readonly<Record<string, readonly number[]>>,
    low: number,
    high: number,
  ): DoubtModel => {
    const m = model(rows, 'within');
    return { ...m, criteria: m.criteria.map((c) => ({ ...c, bounds: { low, high } })) };
  };
  test('bounds of 0 to 1 are the whole simplex: 4/9 and 5/9 as above', () => {
    const r = run(bounded({ A: [1, 0, 0], B: [0, 0.5, 0.5] }, 0, 1));
    expect(Math.abs((firsts(r)[0] ?? 0) - 4 / 9)).toBeLessThan(NEAR);
    expect(r.central[0]?.[0]).toBeCloseTo(5 / 9, 2);
  });
  test('two weights between 0.4 and 0.6: uniform there, so the winning half has its middle at 0.55', () => {
    const r = run(bounded({ A: [1, 0], B: [0, 1] }, 0.4, 0.6));
    expect(Math.abs((firsts(r)[0] ?? 0) - 0.5)).toBeLessThan(NEAR);
    expect(r.central[0]?.[0]).toBeCloseTo(0.55, 2);
    expect(r.central[1]?.[0]).toBeCloseTo(0.45, 2);
  });
  test('an order that no weight within the bounds can turn is certain, and bounds that shut the given weights out are refused', () => {
    expect(firsts(run(bounded({ A: [0.9, 0.5], B: [0.5, 0.6] }, 0.4, 0.6), 2000))).toEqual([1, 0]);
    expect(() => run(bounded({ A: [1, 0], B: [0, 1] }, 0.6, 1), 100)).toThrow(RangeError);
  });
});

describe('firmness', () => {
  const told = (m: DoubtModel) => {
    const r = run(m, 5000);
    return firmness(r, 'A', 'B');
  };
  test('the same in everything is level; ahead by any weights is firm, behind by any is behind', () => {
    expect(told(model({ A: [0.8, 0.2], B: [0.2, 0.8] })).firmness).toBe('level');
    expect(told(model({ A: [0.8, 0.8], B: [0.2, 0.2] }))).toMatchObject({
      firmness: 'firm',
      first: 1,
      placed: 1,
      ahead: 1,
    });
    expect(told(model({ A: [0.2, 0.2], B: [0.8, 0.8] })).firmness).toBe('behind');
  });
  test('one that breaks a must in every draw stands nowhere, whatever it is worth', () => {
    const m = model({ A: [0.9, 0.9], B: [0.1, 0.1] });
    expect(
      told({
        ...m,
        alternatives: m.alternatives.map((a) => ({ ...a, keeps: a.id === 'A' ? 0 : 1 })),
      }).firmness,
    ).toBe('none');
  });
});

describe('draws', () => {
  test('a held seed gives the same result, another seed another', () => {
    const m = model({ A: [0.7, 0.3, 0.5], B: [0.4, 0.6, 0.5] });
    expect(run(m, 5000, 3)).toEqual(run(m, 5000, 3));
    expect(run(m, 5000, 3).acceptability).not.toEqual(run(m, 5000, 4).acceptability);
  });
  test('uniform numbers: mean 1/2, variance 1/12', () => {
    const random = seededRandom(11);
    const u = Array.from({ length: 50_000 }, random);
    const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
    expect(mean(u)).toBeCloseTo(0.5, 2);
    expect(mean(u.map((x) => (x - 0.5) ** 2))).toBeCloseTo(1 / 12, 2);
    expect(Math.min(...u)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...u)).toBeLessThan(1);
  });
  test('a source that two share moves neither past the other; one of their own does', () => {
    const one = source('one', { low: 0.2, mid: 0.5, high: 0.8 });
    const two = source('two', { low: 0.2, mid: 0.5, high: 0.8 });
    const pair = (mine: Known, other: Known): DoubtModel => {
      const m = model({ A: [0], B: [0] }, 'fixed');
      const worths = [derive([mine], (x) => x + 0.05), other];
      return {
        ...m,
        alternatives: m.alternatives.map((a, i) => ({ ...a, worths: [worths[i]?.rows ?? 0] })),
      };
    };
    expect(firsts(run(pair(one, one)))[0]).toBe(1);
    const apart = firsts(run(pair(one, two)))[0] ?? 0;
    // Difference of two normals with the same spread: Φ(0.05 ÷ (√2 · 0.3/1.645)) = 0.577.
    expect(Math.abs(apart - 0.577)).toBeLessThan(0.05);
  });
});

describe('limits and stopping', () => {
  test('what breaks a limit in a draw stands behind; what is out never has a place', () => {
    const m = model({ A: [0.9, 0.9], B: [0.5, 0.5], C: [1, 1] }, 'fixed');
    const [a, b, c] = m.alternatives as [DoubtAlternative, DoubtAlternative, DoubtAlternative];
    const half = reaches(source('half', { low: 0, mid: 1, high: 2 }), 1, 'more').rows ?? 0;
    const r = run({ ...m, alternatives: [{ ...a, keeps: half }, b, { ...c, keeps: 0 }] });
    // Every source goes through its strata once: half of the rows, exactly.
    expect(firsts(r)[0]).toBe(0.5);
    expect(firsts(r)[2]).toBe(0);
    expect(r.acceptability[2]?.every((s) => s === 0)).toBe(true);
    // Ahead counts draws in which both keep theirs.
    expect([r.wins[0]?.[1], r.wins[1]?.[0]]).toEqual([0.5, 0]);
  });
  test('results come on the way, and it stops when settled to the error asked', () => {
    const all = [
      ...simulateRanks(model({ A: [1, 0], B: [0, 1] }), {
        seed: 1,
        most: 100_000,
        every: 1000,
        error: 0.01,
      }),
    ];
    expect(all.length).toBeGreaterThan(1);
    expect(all.at(-1)).toMatchObject({ settled: true, samples: 3000 });
    expect(all.slice(0, -1).every((r) => !r.settled)).toBe(true);
  });
});

describe('what would turn it', () => {
  // Price 12000→6000, mass 230→150, range 250→450, weights .5/.3/.2: A(9000, 200, 400) 0.5125, B(7500, 175, 300) 0.63125 (worked example, from memory).
  const criterion = (key: string, weight: number, worst: number, best: number) => ({
    key,
    weight,
    knots: [
      { x: worst, y: 0 },
      { x: best, y: 1 },
    ],
  });
  const m: DoubtModel = {
    weights: 'fixed',
    criteria: [
      criterion('price', 0.5, -12000, -6000),
      criterion('mass', 0.3, -230, -150),
      criterion('range', 0.2, 250, 450),
    ],
    alternatives: [
      { ...plain('A', [-9000, -200, 400]), mids: [0.5, 0.375, 0.75] },
      { ...plain('B', [-7500, -175, 300]), mids: [0.75, 0.6875, 0.25] },
    ],
  };
  const points = turningPoints(m, 'B', 'A');
  test('A ties if its price falls by 1425 to 7575', () => {
    expect(points).toContainEqual({
      kind: 'quantity',
      of: 'rival',
      id: 'A',
      criterion: 'price',
      from: -9000,
      to: expect.closeTo(-7575, 6) as number,
      chance: 0,
    });
  });
  test('break-even weight of range 0.353535, the others in proportion', () => {
    expect(points).toContainEqual({
      kind: 'weight',
      criterion: 'range',
      from: 0.2,
      to: expect.closeTo(0.353535, 6) as number,
    });
  });
  test('what nothing can reach is left out: no range of A makes up for it', () => {
    expect(
      points.filter((p) => p.kind === 'quantity' && p.of === 'rival' && p.criterion === 'range'),
    ).toEqual([]);
  });
  test('the chance is what of the doubt lies beyond the point', () => {
    const [a, b] = m.alternatives as [DoubtAlternative, DoubtAlternative];
    const unsure: DoubtModel = {
      ...m,
      alternatives: [
        {
          ...a,
          quantities: [quantity({ low: -9050, mid: -9000, high: -8950 }), ...a.quantities.slice(1)],
        },
        b,
      ],
    };
    const wider: DoubtModel = {
      ...m,
      alternatives: [
        {
          ...a,
          quantities: [
            quantity({ low: -10425, mid: -9000, high: -7575 }),
            ...a.quantities.slice(1),
          ],
        },
        b,
      ],
    };
    const chance = (of: DoubtModel) =>
      turningPoints(of, 'B', 'A').flatMap((p) =>
        p.kind === 'quantity' && p.criterion === 'price' && p.of === 'rival' ? [p.chance] : [],
      )[0];
    expect(chance(unsure)).toBe(0);
    // The point is the 95th percentile.
    expect(chance(wider)).toBeCloseTo(0.05, 2);
  });
  test('a rival who is worth more only has to keep its limit; a leader may break one', () => {
    const [a, b] = m.alternatives as [DoubtAlternative, DoubtAlternative];
    const far = quantity({ low: 240, mid: 300, high: 360 });
    const ruled: DoubtModel = {
      ...m,
      alternatives: [
        { ...a, limits: [{ key: 'range', quantity: far, least: 250 }] },
        { ...b, limits: [{ key: 'range', quantity: far, least: 350 }] },
      ],
    };
    expect(turningPoints(ruled, 'A', 'B')).toEqual([
      {
        kind: 'limit',
        of: 'leader',
        id: 'A',
        limit: 'range',
        from: 300,
        to: 250,
        // Φ(−50 ÷ (60/1.645)) = 0.085
        chance: expect.closeTo(0.085, 2) as number,
      },
      {
        kind: 'limit',
        of: 'rival',
        id: 'B',
        limit: 'range',
        from: 300,
        to: 350,
        chance: expect.closeTo(0.085, 2) as number,
      },
    ]);
  });
  test('at each turning point of a quantity the two are level', () => {
    for (const p of points) {
      if (p.kind !== 'quantity') continue;
      const at = m.criteria.findIndex((c) => c.key === p.criterion);
      const moved = m.alternatives.map((a) =>
        a.quantities.map((q, k) =>
          a.id === p.id && k === at ? p.to : q.kind === 'known' ? q.mid : 0,
        ),
      );
      const [va, vb] = moved.map((row) =>
        row.reduce(
          (sum, x, k) =>
            sum + (m.criteria[k]?.weight ?? 0) * piecewiseLinear(m.criteria[k]?.knots ?? [], x),
          0,
        ),
      );
      expect(va).toBeCloseTo(vb ?? Number.NaN, 9);
    }
  });
});

describe('tornado', () => {
  const m: DoubtModel = {
    weights: 'fixed',
    criteria: [
      {
        key: 'x',
        weight: 0.6,
        knots: [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ],
      },
      {
        key: 'y',
        weight: 0.4,
        knots: [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ],
      },
    ],
    alternatives: [
      {
        id: 'A',
        quantities: [{ kind: 'known', low: 0.4, mid: 0.6, high: 0.7 }, exact(0.5)],
        worths: [0.6, 0.5],
        mids: [0.6, 0.5],
        limits: [],
        keeps: 1,
      },
      {
        id: 'B',
        quantities: [exact(0.5), { kind: 'unknown' }],
        worths: [0.5, 0],
        mids: [0.5, 0],
        limits: [],
        keeps: 1,
      },
    ],
  };
  test('by hand: lead 0.26, since what is not known counts as nothing; x of A 0.14 to 0.32, y of B −0.14 to 0.26, the widest first; what is known for certain has no bar', () => {
    const { lead, bars } = tornado(m, 'A', 'B');
    expect(lead).toBeCloseTo(0.26, 12);
    expect(bars.map((b) => [b.id, b.criterion])).toEqual([
      ['B', 'y'],
      ['A', 'x'],
    ]);
    expect([bars[0]?.low, bars[0]?.high]).toEqual([
      expect.closeTo(-0.14, 9) as number,
      expect.closeTo(0.26, 9) as number,
    ]);
    expect([bars[1]?.low, bars[1]?.high]).toEqual([
      expect.closeTo(0.14, 9) as number,
      expect.closeTo(0.32, 9) as number,
    ]);
  });
  test('the other way round it is the mirror; nobody known, nothing shown', () => {
    const [there, back] = [tornado(m, 'A', 'B'), tornado(m, 'B', 'A')];
    expect(back.lead).toBeCloseTo(-there.lead, 12);
    expect(back.bars.map((b) => b.high)).toEqual(
      there.bars.map((b) => expect.closeTo(-b.low, 9) as number),
    );
    expect(tornado(m, 'A', 'nobody')).toEqual({ lead: 0, bars: [] });
  });
});
