import fc from 'fast-check';
import loadHighs from 'highs';
import { piecewiseLinear } from '@/core/numeric';
import { describe, expect, test } from 'vitest';
import {
  findBuildFaults,
  findRuleFaults,
  GRAIN,
  planCurve,
  planOf,
  planProgram,
  shrink,
  smallestClash,
  solveByTrying,
  solvePlan,
  SPENDING_WANT,
  whatItTakes,
  type Plan,
  type PlanItem,
  type PlanModel,
  type PlanQuestion,
} from '@/core/planning';

const highs = await loadHighs();

const item = (id: string, cost: number, more: Partial<PlanItem> = {}): PlanItem => ({
  id,
  cost,
  needs: [],
  shutsOut: [],
  slot: '',
  pinned: false,
  ...more,
});
/** One want that is worth what is put in. */
const straight = (values: Readonly<Record<string, number>>): PlanModel['wants'] => {
  const most = Object.values(values).reduce((a, b) => a + Math.max(0, b), 0) + 1;
  return [
    {
      key: 'value',
      knots: [
        { x: 0, y: 0 },
        { x: most, y: most },
      ],
      legs: [{ base: 0, effects: values }],
    },
  ];
};
const best = (model: PlanModel, question: Partial<PlanQuestion> = {}) =>
  solvePlan(highs, model, { aim: 'value', ...question });
const planned = (answer: ReturnType<typeof best>): Plan => {
  if (answer.kind !== 'plan') throw new Error(answer.kind);
  return answer.plan;
};

describe('published knapsacks (J. Burkardt, knapsack_01 data set; optima by Gray-code enumeration)', () => {
  test.each([
    [
      'p01',
      165,
      [23, 31, 29, 44, 53, 38, 63, 85, 89, 82],
      [92, 57, 49, 68, 60, 43, 67, 84, 87, 72],
      '1111010000',
      309,
    ],
    ['p02', 26, [12, 7, 11, 8, 9], [24, 13, 23, 15, 16], '01110', 51],
    ['p03', 190, [56, 59, 80, 64, 75, 17], [50, 50, 64, 46, 50, 5], '110010', 150],
    ['p05', 104, [25, 35, 45, 5, 25, 3, 2, 2], [350, 400, 450, 20, 70, 8, 5, 5], '10111011', 900],
    [
      'p06',
      170,
      [41, 50, 49, 59, 55, 57, 60],
      [442, 525, 511, 593, 546, 564, 617],
      '0101001',
      1735,
    ],
    [
      'p07',
      750,
      [70, 73, 77, 80, 82, 87, 90, 94, 98, 106, 110, 113, 115, 118, 120],
      [135, 139, 149, 150, 156, 163, 173, 184, 192, 201, 210, 214, 221, 229, 240],
      '101010111000011',
      1458,
    ],
  ])('%s', (_id, capacity, weights, profits, chosen, optimum) => {
    const model: PlanModel = {
      items: weights.map((w, i) => item(`i${i}`, w)),
      wants: straight(Object.fromEntries(profits.map((p, i) => [`i${i}`, p]))),
      gates: [],
      baseCost: 0,
    };
    const plan = planned(best(model, { spend: capacity }));
    expect(plan.value).toBeCloseTo(optimum, 6);
    expect(model.items.map((i) => (plan.ids.includes(i.id) ? '1' : '0')).join('')).toBe(chosen);
    expect(plan.cost).toBeLessThanOrEqual(capacity);
  });
});

/** Invented; optima by enumeration outside this code. */
const RIG: PlanModel = {
  items: [
    item('tankL', 900, { slot: 'tank' }),
    item('tankS', 350, { slot: 'tank' }),
    item('rackbag', 420, { slot: 'lug' }),
    item('softbag', 260, { slot: 'lug' }),
    item('bars', 240),
    item('skid', 180, { needs: [['bars']] }),
    item('fork', 650),
    item('shock', 780, { slot: 'rear' }),
    item('lowlink', 120, { slot: 'rear', shutsOut: ['fork'] }),
    item('lights', 190, { needs: [['bars']] }),
  ],
  wants: straight({
    rackbag: 16,
    softbag: 12,
    bars: 10,
    skid: 12,
    fork: 22,
    shock: 24,
    lowlink: 9,
    lights: 8,
  }),
  gates: [
    { key: 'range', leg: { base: 250, effects: { tankL: 180, tankS: 80 } }, least: 330 },
    {
      key: 'mass',
      leg: {
        base: 0,
        effects: {
          tankL: -6,
          tankS: -2,
          rackbag: -5,
          softbag: -3,
          bars: -4,
          skid: -3.5,
          fork: -0.5,
          lowlink: -0.2,
          lights: -1,
        },
      },
      least: -16,
    },
  ],
  baseCost: 0,
};

describe('needs, exclusions, slots and gates', () => {
  test.each([
    [1500, 55, 1500],
    [2000, 66, 2000],
    [2500, 80, 2460],
  ])('%d to spend: %d points', (spend, value, cost) => {
    const plan = planned(best(RIG, { spend }));
    expect([Math.round(plan.value * 1e6) / 1e6, plan.cost]).toEqual([value, cost]);
  });
  test('the plan of 1500 in full', () =>
    expect(planned(best(RIG, { spend: 1500 })).ids).toEqual([
      'tankS',
      'rackbag',
      'bars',
      'skid',
      'lowlink',
      'lights',
    ]));
  test('349 is not enough for any tank, and the two limits that clash are named', () => {
    expect(best(RIG, { spend: 349 })).toEqual({ kind: 'infeasible' });
    expect(smallestClash(highs, RIG, 349)).toEqual(['range', 'spend']);
    expect(smallestClash(highs, RIG, 350)).toEqual([]);
  });
  test('a gate that nothing reaches clashes alone', () =>
    expect(
      smallestClash(
        highs,
        {
          ...RIG,
          gates: [{ key: 'range', leg: { base: 250, effects: { tankL: 180 } }, least: 500 }],
        },
        5000,
      ),
    ).toEqual(['range']));
  test('the cheapest plan that keeps the gates', () =>
    expect(planned(best(RIG, { aim: 'cost' }))).toMatchObject({ ids: ['tankS'], cost: 350 }));
  test('26 corners from 350 for nothing to the dearest, as by trying every choice', () => {
    const corners = [...planCurve(highs, RIG, undefined, undefined, 0)].toReversed();
    expect(corners).toHaveLength(26);
    expect(corners.map((c) => [c.cost, Math.round(c.value)])).toEqual(
      expect.arrayContaining([
        [350, 0],
        [1030, 34],
        [1500, 55],
        [2000, 66],
        [2460, 80],
      ]),
    );
    for (const corner of corners)
      expect(planned(solveByTrying(RIG, { aim: 'value', spend: corner.cost })).value).toBeCloseTo(
        corner.value,
        6,
      );
  }, 30_000);
  test('pinned things are in, whatever they cost in points', () => {
    const pinned = { ...RIG, items: RIG.items.map((i) => ({ ...i, pinned: i.id === 'lowlink' })) };
    expect(planned(best(pinned, { spend: 2500 })).ids).toContain('lowlink');
    expect(planned(best(pinned, { spend: 2500 })).ids).not.toContain('fork');
  });
});

describe('curves that are not straight', () => {
  const one = (knots: { x: number; y: number }[], price: number): PlanModel => {
    // Ten things of ten each stand for an amount; their price is taken off by a second want.
    const ids = Array.from({ length: 30 }, (_, i) => `i${i}`);
    return {
      items: ids.map((id) => item(id, 1)),
      gates: [],
      baseCost: 0,
      wants: [
        {
          key: 'value',
          knots,
          legs: [{ base: 0, effects: Object.fromEntries(ids.map((id) => [id, 10])) }],
        },
        {
          key: 'price',
          knots: [
            { x: -300, y: -300 * price },
            { x: 0, y: 0 },
          ],
          legs: [{ base: 0, effects: Object.fromEntries(ids.map((id) => [id, -10])) }],
        },
      ],
    };
  };
  test('concave: 200 at the bend, 90 − 0.2 × 200 = 50', () => {
    const plan = planned(
      best(
        one(
          [
            { x: 0, y: 0 },
            { x: 100, y: 60 },
            { x: 200, y: 90 },
            { x: 300, y: 100 },
          ],
          0.2,
        ),
      ),
    );
    expect([plan.ids.length, plan.value]).toEqual([20, expect.closeTo(50, 6) as number]);
  });
  test('S-shaped, at most 150: 30, where the hull would say 45', () => {
    const plan = planned(
      best(
        one(
          [
            { x: 0, y: 0 },
            { x: 100, y: 10 },
            { x: 200, y: 80 },
            { x: 300, y: 100 },
          ],
          0.1,
        ),
        { spend: 15 },
      ),
    );
    expect(plan.value).toBeCloseTo(30, 6);
  });
  test('the weakest leg counts: one end alone gains nothing', () => {
    const model: PlanModel = {
      items: [item('fork', 5), item('shock', 5)],
      gates: [],
      baseCost: 0,
      wants: [
        {
          key: 'ends',
          knots: [
            { x: 0, y: 0 },
            { x: 1, y: 10 },
          ],
          legs: [
            { base: 0.2, effects: { fork: 0.5 } },
            { base: 0.2, effects: { shock: 0.4 } },
          ],
        },
      ],
    };
    expect(planned(best(model, { spend: 5 })).ids).toEqual([]);
    expect(planned(best(model)).value).toBeCloseTo(6, 9);
  });
  test('flat beyond the ends', () =>
    expect(
      [-5, 0, 5, 50].map((x) =>
        piecewiseLinear(
          [
            { x: 0, y: 2 },
            { x: 10, y: 4 },
          ],
          x,
        ),
      ),
    ).toEqual([2, 2, 3, 4]));
});

/** Small models of every sort, steady by seed. */
const anyModel = fc.gen().map((gen): PlanModel => {
  const count = gen(fc.integer, { min: 1, max: 8 });
  const ids = Array.from({ length: count }, (_, i) => `i${i}`);
  const some = () => ids.filter(() => gen(fc.integer, { min: 0, max: 4 }) === 0);
  const leg = () => ({
    base: gen(fc.integer, { min: -10, max: 10 }),
    effects: Object.fromEntries(ids.map((id) => [id, gen(fc.integer, { min: -6, max: 12 })])),
  });
  return {
    items: ids.map((id) =>
      item(id, gen(fc.integer, { min: 0, max: 40 }), {
        needs: gen(fc.integer, { min: 0, max: 3 }) === 0 ? [some()] : [],
        shutsOut: some()
          .filter((o) => o !== id)
          .slice(0, 1),
        slot: ['', '', 'a', 'b'][gen(fc.integer, { min: 0, max: 3 })] ?? '',
        pinned: gen(fc.integer, { min: 0, max: 9 }) === 0,
      }),
    ),
    wants: Array.from({ length: gen(fc.integer, { min: 1, max: 3 }) }, (_, w) => {
      const [a, b, c] = [
        gen(fc.integer, { min: 1, max: 10 }),
        gen(fc.integer, { min: 1, max: 10 }),
        gen(fc.integer, { min: 0, max: 10 }),
      ];
      return {
        key: `w${w}`,
        knots: [
          { x: 0, y: 0 },
          { x: a, y: c },
          { x: a + b, y: c + gen(fc.integer, { min: 0, max: 20 }) },
        ],
        legs: Array.from({ length: gen(fc.integer, { min: 1, max: 2 }) }, leg),
      };
    }),
    gates: gen(fc.boolean)
      ? [{ key: 'g', leg: leg(), least: gen(fc.integer, { min: -10, max: 8 }) }]
      : [],
    baseCost: gen(fc.integer, { min: 0, max: 20 }),
  };
});

describe('against the slow twin', () => {
  test('the same points for the same money, and a plan that keeps every rule', () => {
    fc.assert(
      fc.property(
        anyModel,
        fc.integer({ min: 0, max: 160 }),
        fc.constantFrom('value' as const, 'cost' as const),
        (model, spend, aim) => {
          const [fast, slow] = [
            solvePlan(highs, model, { aim, spend }),
            solveByTrying(model, { aim, spend }),
          ];
          expect(fast.kind).toBe(slow.kind);
          if (fast.kind !== 'plan' || slow.kind !== 'plan') return;
          if (aim === 'value') expect(fast.plan.value).toBeCloseTo(slow.plan.value, 3);
          else expect(fast.plan.cost).toBeCloseTo(slow.plan.cost, 6);
          expect(
            findBuildFaults(fast.plan.ids, new Map(model.items.map((i) => [i.id, i]))),
          ).toEqual([]);
          expect(planOf(model, fast.plan.ids).gatesKept).toBe(true);
          expect(fast.plan.cost).toBeLessThanOrEqual(spend + 1e-6);
        },
      ),
      { seed: 91, numRuns: 80 },
    );
  }, 60_000);
  test('the curve never misses a spending: between corners the lower one is the best there is, or less than a grain below it', () => {
    fc.assert(
      fc.property(
        anyModel,
        fc.integer({ min: 0, max: 160 }),
        fc.constantFrom(0, GRAIN, 5),
        (model, spend, grain) => {
          const corners = [...planCurve(highs, model, undefined, undefined, grain)];
          const at = corners.find((c) => c.cost <= spend);
          const slow = solveByTrying(model, { aim: 'value', spend });
          expect(at === undefined).toBe(slow.kind !== 'plan');
          if (!at || slow.kind !== 'plan') return;
          expect(at.value).toBeLessThanOrEqual(slow.plan.value + 1e-3);
          expect(at.value).toBeGreaterThanOrEqual(slow.plan.value - grain - 1e-3);
        },
      ),
      { seed: 92, numRuns: 40 },
    );
  }, 60_000);
  test('a coarser grain never gives more corners, and each of its corners costs no more than any plan worth as much', () => {
    fc.assert(
      fc.property(anyModel, (model) => {
        const [fine, coarse] = [0, 5].map((grain) => [
          ...planCurve(highs, model, undefined, undefined, grain),
        ]);
        expect(coarse?.length).toBeLessThanOrEqual(fine?.length ?? 0);
        for (const corner of coarse ?? []) {
          const slow = solveByTrying(model, { aim: 'cost', worth: corner.value - 1e-4 });
          // The solver parts equal points by price only down to a unit of money.
          expect(slow.kind === 'plan' ? corner.cost - slow.plan.cost : 'none').toBeLessThanOrEqual(
            1,
          );
        }
      }),
      { seed: 94, numRuns: 25 },
    );
  }, 60_000);
  test('the least money for so many points', () => {
    fc.assert(
      fc.property(anyModel, fc.integer({ min: 0, max: 60 }), (model, worth) => {
        const question = { aim: 'cost', worth } as const;
        const [fast, slow] = [solvePlan(highs, model, question), solveByTrying(model, question)];
        expect(fast.kind).toBe(slow.kind);
        if (fast.kind !== 'plan' || slow.kind !== 'plan') return;
        expect(fast.plan.cost).toBeCloseTo(slow.plan.cost, 6);
        expect(fast.plan.value).toBeGreaterThanOrEqual(worth - 1e-3);
      }),
      { seed: 95, numRuns: 60 },
    );
  }, 60_000);
  test('things that cannot matter are left out, and that changes nothing', () => {
    fc.assert(
      fc.property(anyModel, (model) => {
        const [whole, small] = [
          solveByTrying(model, { aim: 'value' }),
          solveByTrying(shrink(model), { aim: 'value' }),
        ];
        expect(small.kind).toBe(whole.kind);
        if (small.kind === 'plan' && whole.kind === 'plan')
          expect(small.plan.value).toBeCloseTo(whole.plan.value, 9);
      }),
      { seed: 93, numRuns: 100 },
    );
  });
});

describe('what a rejected thing would take', () => {
  const model: PlanModel = {
    items: [item('good', 100), item('dear', 100), item('poor', 10)],
    gates: [],
    baseCost: 0,
    wants: [
      ...straight({ good: 30, dear: 20, poor: -1 }),
      {
        key: SPENDING_WANT,
        knots: [
          { x: -1000, y: -100 },
          { x: 0, y: 0 },
        ],
        legs: [{ base: 0, effects: { good: -100, dear: -100, poor: -10 } }],
      },
    ],
  };
  test('chosen things are chosen', () =>
    expect(whatItTakes(highs, model, 100, 'good')).toEqual({ kind: 'chosen' }));
  test('with 150 to spend the second would be chosen at 50, and lacks ten points at its price', () => {
    const result = whatItTakes(highs, model, 150, 'dear');
    expect(result.kind === 'rejected' && result.price).toBeCloseTo(50, 0);
    expect(result.kind === 'rejected' && result.lacks).toBeCloseTo(10, 3);
  });
  test('what only harms is not chosen for nothing', () =>
    expect(whatItTakes(highs, model, 150, 'poor')).toMatchObject({
      kind: 'rejected',
      price: undefined,
    }));
  test('what the rules keep out', () => {
    const ruled = {
      ...model,
      items: [item('good', 100, { pinned: true, shutsOut: ['dear'] }), item('dear', 100)],
    };
    expect(whatItTakes(highs, ruled, 500, 'dear')).toEqual({ kind: 'shut-out' });
  });
});

describe('contradictions in a catalogue', () => {
  test('a ring of needs, once', () =>
    expect(
      findRuleFaults([
        item('a', 1, { needs: [['b']] }),
        item('b', 1, { needs: [['c']] }),
        item('c', 1, { needs: [['a']] }),
        item('d', 1, { needs: [['a']] }),
      ]),
    ).toEqual([{ code: 'ring', ids: ['a', 'b', 'c'] }]));
  test('needing what it shuts out, and what is nowhere; what is fitted already counts', () => {
    const items = [
      item('a', 1, { needs: [['b']], shutsOut: ['b'] }),
      item('b', 1),
      item('c', 1, { needs: [['gone']] }),
    ];
    expect(findRuleFaults(items)).toEqual([
      { code: 'needs-what-it-shuts-out', id: 'a', anyOf: ['b'] },
      { code: 'need-nowhere', id: 'c', anyOf: ['gone'] },
    ]);
    expect(findRuleFaults([item('c', 1, { needs: [['gone']] })], new Set(['gone']))).toEqual([]);
  });
  test('a model without items is a program still', () => {
    const empty: PlanModel = { items: [], wants: [], gates: [], baseCost: 7 };
    expect(planned(best(empty))).toEqual({ ids: [], cost: 7, value: 0 });
    expect(best(empty, { spend: 5 })).toEqual({ kind: 'infeasible' });
    expect(planProgram(empty, { aim: 'value' }).text).toContain('Maximize');
  });
});
