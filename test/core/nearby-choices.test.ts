import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { nearbyChoices } from '@/core/build/nearby-choices';
import { findBuildFaults, type PlanItem, type PlanLeg, type PlanModel } from '@/core/planning';

// What is tried about a choice, against plain enumeration of every choice there is: the rules, gates, money and points as the planner's
// model defines them, reckoned from the start for each.

const IDS = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
const PAPERS = 'papers';
const SLACK = 0.2;

const item = (id: string, cost: number, slot: string): PlanItem => ({
  id,
  cost,
  pinned: false,
  needs: [[PAPERS]],
  shutsOut: [],
  slot,
});
const number = (min: number, max: number) =>
  fc.integer({ min: min * 4, max: max * 4 }).map((n) => n / 4);
const leg = fc.record({
  base: number(-4, 4),
  effects: fc.dictionary(fc.constantFrom(...IDS, PAPERS), number(-3, 3)),
}) satisfies fc.Arbitrary<PlanLeg>;
const model = fc
  .record({
    costs: fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 7, maxLength: 7 }),
    slots: fc.array(fc.constantFrom('', '', 'seat', 'tank'), { minLength: 7, maxLength: 7 }),
    shutsOut: fc.boolean(),
    wants: fc.array(
      fc.record({ legs: fc.array(leg, { minLength: 1, maxLength: 2 }), points: number(0, 10) }),
      { minLength: 1, maxLength: 4 },
    ),
    gates: fc.array(fc.record({ leg, least: number(-6, 2) }), { maxLength: 3 }),
    papers: fc.boolean(),
  })
  .map(
    ({ costs, slots, shutsOut, wants, gates, papers }): PlanModel => ({
      items: [
        ...IDS.map((id, i) => ({
          ...item(id, costs[i] ?? 0, slots[i] ?? ''),
          ...(papers ? {} : { needs: [] }),
          ...(shutsOut && id === 'a' ? { shutsOut: ['g'] } : {}),
        })),
        ...(papers ? [{ ...item(PAPERS, 90, ''), needs: [] }] : []),
      ],
      wants: wants.map(({ legs, points }, i) => ({
        key: `w${i}`,
        knots: [
          { x: -3, y: 0 },
          { x: 0, y: 0.6 * points },
          { x: 4, y: points },
        ],
        legs,
      })),
      gates: gates.map((g, i) => ({ key: `g${i}`, ...g })),
      baseCost: 1000,
    }),
  );

/** Straight between knots, flat beyond: written apart from the one under test. */
const worth = (knots: readonly { x: number; y: number }[], x: number): number => {
  const inside = Math.min(Math.max(x, knots[0]?.x ?? 0), knots.at(-1)?.x ?? 0);
  const i = Math.max(
    1,
    knots.findIndex((k) => k.x >= inside),
  );
  const [a, b] = [knots[i - 1], knots[i]];
  return a && b ? a.y + ((inside - a.x) / (b.x - a.x)) * (b.y - a.y) : Number.NaN;
};

function reckoned(m: PlanModel, ids: readonly string[]) {
  const all = ids.length > 0 && m.items.some((i) => i.id === PAPERS) ? [...ids, PAPERS] : ids;
  const at = ({ base, effects }: PlanLeg) =>
    all.reduce((sum, id) => sum + (effects[id] ?? 0), base);
  return {
    cost: all.reduce((sum, id) => sum + (m.items.find((i) => i.id === id)?.cost ?? 0), m.baseCost),
    points: m.wants.reduce((sum, w) => sum + worth(w.knots, Math.min(...w.legs.map(at))), 0),
    holds: m.gates.every((g) => at(g.leg) >= g.least - 1e-6),
  };
}

const subsets = IDS.reduce<readonly (readonly string[])[]>(
  (found, id) => [...found, ...found.map((s) => [...s, id])],
  [[]],
);

/** Every choice up to two for two away that keeps rules, gates and money and looks no more than the slack worse. */
function enumerated(m: PlanModel, chosen: readonly string[], spend: number | undefined) {
  const catalogue = new Map(
    m.items.filter((i) => i.id !== PAPERS).map((i) => [i.id, { ...i, needs: [] }]),
  );
  const least = reckoned(m, chosen).points - SLACK;
  return subsets
    .map((ids) => {
      const gone = chosen.filter((id) => !ids.includes(id)).length;
      const come = ids.filter((id) => !chosen.includes(id)).length;
      return { ids, gone, come, ...reckoned(m, ids) };
    })
    .filter(
      (c) =>
        c.gone + c.come > 0 &&
        c.gone <= 2 &&
        c.come <= 2 &&
        findBuildFaults(c.ids, catalogue).length === 0 &&
        c.holds &&
        (spend === undefined || c.cost <= spend + 1e-6) &&
        c.points > least + 1e-9,
    );
}

const key = (ids: readonly string[]): string => [...ids].sort().join(' ');

describe('choices about a choice', () => {
  test('all that plain enumeration finds, and no other', () =>
    fc.assert(
      fc.property(
        model,
        fc.subarray(IDS),
        fc.option(fc.integer({ min: 1000, max: 2200 }), { nil: undefined }),
        (m, chosen, spend) => {
          const found = nearbyChoices(m, chosen, spend, PAPERS, Number.POSITIVE_INFINITY);
          const wanted = enumerated(m, chosen, spend);
          const keys = found.map(key);
          expect(keys).toEqual(expect.arrayContaining(wanted.map((c) => key(c.ids))));
          // Beyond them only what lies on the edge of the slack.
          for (const ids of found) {
            const { points, holds, cost } = reckoned(m, ids);
            expect(points).toBeGreaterThanOrEqual(reckoned(m, chosen).points - SLACK - 1e-9);
            expect(holds).toBe(true);
            expect(cost).toBeLessThanOrEqual((spend ?? Number.POSITIVE_INFINITY) + 1e-6);
          }
          expect(new Set(keys).size).toBe(keys.length);
        },
      ),
      { numRuns: 400 },
    ));
  test('of two for two no more than asked for, the most promising first; one for one are all there', () =>
    fc.assert(
      fc.property(model, fc.subarray(IDS, { minLength: 2 }), (m, chosen) => {
        const all = enumerated(m, chosen, undefined);
        const found = nearbyChoices(m, chosen, undefined, PAPERS, 3).map(key);
        const [single, double] = [
          all.filter((c) => c.gone < 2 && c.come < 2),
          all.filter((c) => c.gone === 2 || c.come === 2).sort((a, b) => b.points - a.points),
        ];
        expect(found).toEqual(expect.arrayContaining(single.map((c) => key(c.ids))));
        const third = double[2];
        for (const c of double)
          if (third && c.points > third.points + 1e-9) expect(found).toContain(key(c.ids));
      }),
    ));
});
