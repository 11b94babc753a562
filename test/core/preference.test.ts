import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { MustResult } from '@/core/assessment';
import { GROUNDS, type Ground } from '@/core/brief';
import { certain, reaches, source, unknown, type Known } from '@/core/numeric';
import {
  against,
  isLevel,
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
  test('a want that is not known counts as the worst it may be', () => {
    const postmark = demo().candidates.find((c) => c.donor.id === 'postmark-640-v');
    const shelter = postmark?.stockScore.contributions.find((c) => c.want === 'protection');
    expect(shelter).toMatchObject({ known: false });
    expect(shelter?.value.mid).toBe(shelter?.value.low);
    expect(postmark?.stockScore.unknownWants).toEqual(['protection']);
  });
  test('curves of the example brief are in order', () => {
    const brief = demoDossier().briefs[BRIEF_KEY];
    if (!brief) throw new Error('no brief');
    for (const curve of Object.values(wantCurves(brief)))
      expect(Math.sign(curve.need - curve.floor)).toBe(Math.sign(curve.ideal - curve.need));
  });
});

describe('ranking', () => {
  const score = (total: Known): FitScore => ({
    points: total.interval,
    total,
    contributions: [],
    unknownWants: [],
  });
  const must = (verdict: MustResult['verdict'], chance = 1): MustResult => ({
    key: 'range',
    verdict,
    holds: verdict === 'not-known' ? unknown('tank') : certain(chance),
    missing: [],
  });
  test('those that keep their musts, then the doubtful, then those that break one; each by points', () => {
    const ranked = rank([
      { id: 'a', score: score(certain(70)), musts: [] },
      { id: 'b', score: score(certain(91.5)), musts: [must('unsure')] },
      { id: 'c', score: score(certain(95)), musts: [must('fail', 0)] },
      { id: 'd', score: score(certain(60)), musts: [must('not-known')] },
      { id: 'e', score: score(certain(69.4)), musts: [must('pass')] },
    ]);
    expect(ranked.map((r) => [r.id, r.group, r.place])).toEqual([
      ['a', 'kept', 1],
      ['e', 'kept', 2],
      ['b', 'doubtful', 3],
      ['d', 'doubtful', 4],
      ['c', 'broken', undefined],
    ]);
    expect(ranked.map((r) => r.chance)).toEqual([1, 1, 1, undefined, 0]);
  });
  test('level is 45 to 55 of 100 rows in which both keep their musts', () => {
    const wide = (key: string, mid: number) => source(key, { low: mid - 10, mid, high: mid + 10 });
    const level = (a: Known, b: Known) =>
      isLevel({ total: a, keeps: certain(1) }, { total: b, keeps: certain(1) });
    expect(level(wide('a', 70), wide('b', 70))).toBe(true);
    // Φ(1.645·d/(10·√2)): 0.55 at 1.08 points apart.
    expect(level(wide('a', 70.5), wide('b', 70))).toBe(true);
    expect(level(wide('a', 72), wide('b', 70))).toBe(false);
    // The same source, half a point apart: ahead in every row.
    expect(level(wide('a', 70.5), wide('a', 70))).toBe(false);
    expect(level(certain(70), certain(70))).toBe(true);
  });
  test('rows in which one breaks a must are counted apart', () => {
    const keeps = reaches(source('k', { low: 0, mid: 1, high: 2 }), 1, 'more');
    expect(
      against({ total: certain(80), keeps }, { total: certain(70), keeps: certain(1) }),
    ).toEqual({ both: 0.5, ahead: 1 });
    expect(
      against({ total: certain(80), keeps: certain(0) }, { total: certain(70), keeps: certain(1) }),
    ).toEqual({ both: 0, ahead: undefined });
  });
});
