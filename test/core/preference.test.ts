import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { MustResult } from '@/core/assessment';
import { GROUNDS, type Ground } from '@/core/brief';
import { exactly } from '@/core/numeric';
import {
  LEVEL_WITHIN,
  NEED_VALUE,
  rank,
  WANT_KEYS,
  wantCurves,
  wantValue,
  wantWeights,
  type FitScore,
} from '@/core/preference';
import { demoDossier } from '@/demo/scenario';
import { standing } from '@/store/queries';
import { BRIEF_KEY } from '@/store/records';

const demo = () => {
  const result = standing(demoDossier());
  if (!result) throw new Error('no brief');
  return result;
};

describe('value curves', () => {
  test('floor 0, need 0.6, ideal 1, flat beyond, rising and falling', () => {
    const rising = { floor: 200, need: 300, ideal: 400 };
    expect([100, 200, 250, 300, 350, 400, 900].map((x) => wantValue(rising, x))).toEqual([
      0,
      0,
      0.3,
      NEED_VALUE,
      0.8,
      1,
      1,
    ]);
    const falling = { floor: 240, need: 180, ideal: 130 };
    expect([300, 240, 210, 180, 155, 130, 60].map((x) => wantValue(falling, x))).toEqual([
      0,
      0,
      0.3,
      NEED_VALUE,
      0.8,
      1,
      1,
    ]);
    expect(() => wantValue({ floor: 1, need: 1, ideal: 2 }, 1)).toThrow(RangeError);
  });
  // Linear values over the same ends: the additive example A(9000, 200, 400) = 0.5125 and B(7500, 175, 300) = 0.63125
  // of a three-criterion textbook table (weights .5/.3/.2, from memory), built from want curves whose need lies at 0.6 of the way.
  test('a linear curve reproduces the textbook additive example', () => {
    const linear = (worst: number, best: number) => ({
      floor: worst,
      need: worst + NEED_VALUE * (best - worst),
      ideal: best,
    });
    const value = (price: number, mass: number, range: number) =>
      0.5 * wantValue(linear(12000, 6000), price) +
      0.3 * wantValue(linear(230, 150), mass) +
      0.2 * wantValue(linear(250, 450), range);
    expect(value(9000, 200, 400)).toBeCloseTo(0.5125, 12);
    expect(value(7500, 175, 300)).toBeCloseTo(0.63125, 12);
  });
  test('never falls where more is better', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (x, more) => {
          const curve = { floor: 100, need: 220, ideal: 400 };
          expect(wantValue(curve, x + more)).toBeGreaterThanOrEqual(wantValue(curve, x));
        },
      ),
      { seed: 4 },
    );
  });
});

describe('weights', () => {
  test('add to 1 on any ground, and follow it', () => {
    for (const ground of GROUNDS) {
      const shares = Object.fromEntries(GROUNDS.map((g) => [g, g === ground ? 100 : 0])) as Record<
        Ground,
        number
      >;
      const weights = wantWeights({ ground: shares });
      expect(WANT_KEYS.reduce((sum, w) => sum + weights[w], 0)).toBeCloseTo(1, 12);
      if (ground === 'motorway') expect(weights.powerToMass).toBeGreaterThan(weights.clearance);
      if (ground === 'singleTrack') expect(weights.readyMass).toBeGreaterThan(weights.powerToMass);
    }
  });
});

describe('score', () => {
  test('every point can be traced: contributions add to the score, weight × value each', () => {
    const { candidates } = demo();
    for (const { stockScore } of candidates) {
      const sum = stockScore.contributions.reduce((s, c) => s + c.points.mid, 0);
      expect(sum).toBeCloseTo(stockScore.points.mid, 9);
      for (const c of stockScore.contributions)
        expect(c.points.mid).toBeCloseTo(c.weight * c.value.mid * 100, 9);
      expect(stockScore.points.low).toBeLessThanOrEqual(stockScore.points.mid);
      expect(stockScore.points.high).toBeGreaterThanOrEqual(stockScore.points.mid);
    }
  });
  test('a want that is not known spans all of its weight', () => {
    const postmark = demo().candidates.find((c) => c.donor.id === 'postmark-640-v');
    const payload = postmark?.stockScore.contributions.find((c) => c.want === 'payloadLeft');
    expect(payload).toMatchObject({ known: false, value: { low: 0, mid: 0.5, high: 1 } });
    expect(postmark?.stockScore.unknownWants).toEqual(['payloadLeft', 'protection']);
  });
  test('curves of the example brief are in order', () => {
    const brief = demoDossier().briefs[BRIEF_KEY];
    if (!brief) throw new Error('no brief');
    for (const curve of Object.values(wantCurves(brief)))
      expect(Math.sign(curve.need - curve.floor)).toBe(Math.sign(curve.ideal - curve.need));
  });
});

describe('ranking', () => {
  const score = (mid: number): FitScore => ({
    points: exactly(mid),
    contributions: [],
    unknownWants: [],
  });
  const must = (verdict: MustResult['verdict']): MustResult => ({
    key: 'range',
    verdict,
    missing: [],
  });
  test('level within two points, ruled out below, open musts do not rule out', () => {
    const ranked = rank([
      { id: 'a', score: score(70), musts: [] },
      { id: 'b', score: score(71.5), musts: [must('unsure')] },
      { id: 'c', score: score(95), musts: [must('fail')] },
      { id: 'd', score: score(60), musts: [must('not-known')] },
      { id: 'e', score: score(69.4), musts: [] },
    ]);
    expect(ranked.map((r) => [r.id, r.place])).toEqual([
      ['b', 1],
      ['a', 1],
      ['e', 3],
      ['d', 4],
      ['c', undefined],
    ]);
    expect(LEVEL_WITHIN).toBe(2);
  });
});
