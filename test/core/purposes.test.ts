import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  briefForPurpose,
  MAX_PURPOSES,
  SCHOOLS,
  WHOLE,
  type Brief,
  type SchoolKey,
} from '@/core/brief';
import { resolveDonor } from '@/core/donor';
import {
  differences,
  fitScore,
  proposals,
  swingPoints,
  wantCurves,
  wantWeights,
  WANT_GROUPS,
  WANT_KEYS,
  type FitScore,
} from '@/core/preference';
import { demoDossier } from '@/demo/scenario';
import { purposeChange } from '@/store/purpose-change';
import { standing } from '@/store/queries';
import { BRIEF_KEY, briefSchema, newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

const dossier = demoDossier();
const brief: Brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const scoreOf = (id: string, of: Brief = brief): FitScore =>
  fitScore(
    assessed(of, resolveDonor(dossier.donors, id) ?? newDonor(id)).metrics,
    wantCurves(of),
    wantWeights(of),
  );

describe('weights', () => {
  test('add to 1 for any ground, belief and swings of the rider', () => {
    const swings = fc.dictionary(fc.constantFrom(...WANT_KEYS), fc.integer({ min: 0, max: 100 }));
    const schools = fc.record(
      Object.fromEntries(
        (Object.keys(SCHOOLS) as SchoolKey[]).map((k) => [
          k,
          fc.constantFrom(undefined, ...SCHOOLS[k]),
        ]),
      ),
    );
    fc.assert(
      fc.property(swings, schools, (s, b) => {
        const weights = wantWeights({ ground: brief.ground, schools: b, swings: s });
        expect(WANT_KEYS.reduce((sum, want) => sum + weights[want], 0)).toBeCloseTo(1, 12);
        expect(Math.min(...WANT_KEYS.map((want) => weights[want]))).toBeGreaterThanOrEqual(0);
      }),
      { seed: 71 },
    );
  });
  test('light first makes mass count for more, road first wind; a swing of 0 takes a want out', () => {
    const of = (schools: Brief['schools']) => wantWeights({ ground: brief.ground, schools });
    expect(of({ size: 'light-first' }).readyMass).toBeGreaterThan(of({}).readyMass);
    expect(of({ size: 'road-first' }).wind).toBeGreaterThan(of({}).wind);
    expect(of({ size: 'middle' })).toEqual(of({}));
    expect(wantWeights({ ground: brief.ground, swings: { wind: 0 } }).wind).toBe(0);
  });
  test('all swings at zero: the ground decides, nothing divides by nothing', () => {
    const none = Object.fromEntries(WANT_KEYS.map((want) => [want, 0]));
    expect(wantWeights({ ground: brief.ground, swings: none })).toEqual(
      wantWeights({ ground: brief.ground }),
    );
  });
  test('the heaviest want has 100 points, and raising a swing raises that want’s weight', () => {
    const points = swingPoints(brief);
    expect(Math.max(...Object.values(points))).toBe(100);
    expect(
      wantWeights({ ...brief, swings: { support: points.support + 20 } }).support,
    ).toBeGreaterThan(wantWeights(brief).support);
  });
  test('the groups hold every want once', () =>
    expect(Object.values(WANT_GROUPS).flat().toSorted()).toEqual([...WANT_KEYS].toSorted()));
});

describe('purposes', () => {
  test('the same brief with another ground; what is gone is the whole', () => {
    const [first] = brief.purposes ?? [];
    expect(first).toBeDefined();
    const of = briefForPurpose(brief, first?.id ?? '');
    expect(of.ground).toEqual(first?.ground);
    expect([of.rider, of.trip, of.money]).toEqual([brief.rider, brief.trip, brief.money]);
    expect(briefForPurpose(brief, 'gone')).toBe(brief);
  });
  test('each has its own order, computed once for each state of the dossier', () => {
    const orders = [WHOLE, ...(brief.purposes ?? []).map((p) => p.id)].map((id) =>
      standing(dossier, id)
        ?.stockRanking.map((r) => r.id)
        .join(),
    );
    expect(new Set(orders).size).toBe(orders.length);
    expect(standing(dossier, 'gone')).toBe(standing(dossier, WHOLE));
  });
  test('an edit lands in its purpose alone, and emptied it leaves nothing behind', () => {
    const id = brief.purposes?.[1]?.id ?? '';
    const change = purposeChange(brief, id, 'swings', { wind: 40 });
    const after = change.after as NonNullable<Brief['purposes']>;
    expect(after[1]?.swings).toEqual({ wind: 40 });
    expect(after[0]).toBe(brief.purposes?.[0]);
    const emptied = purposeChange({ ...brief, purposes: after }, id, 'swings', {})
      .after as NonNullable<Brief['purposes']>;
    expect(emptied[1]).not.toHaveProperty('swings');
    expect(purposeChange(brief, WHOLE, 'schools', { size: 'middle' })).toMatchObject({
      path: ['schools'],
      before: brief.schools,
      after: { size: 'middle' },
    });
  });
  test('no more than four beside the whole', () => {
    const many = Array.from({ length: MAX_PURPOSES }, (_, i) => ({
      id: `p${i}`,
      name: 'x',
      ground: brief.ground,
    }));
    expect(briefSchema.safeParse({ ...brief, purposes: many.slice(1) }).success).toBe(true);
    expect(briefSchema.safeParse({ ...brief, purposes: many }).success).toBe(false);
  });
});

describe('why this one and not that one', () => {
  test('what parts two candidates adds up to their distance', () => {
    const [a, b] = [scoreOf('sorrel-300-longway'), scoreOf('drover-430')];
    const sum = differences(a, b).reduce((total, d) => total + d.points, 0);
    expect(sum).toBeCloseTo(a.points.mid - b.points.mid, 9);
    expect(differences(a, a).every((d) => d.points === 0)).toBe(true);
    const back = new Map(differences(b, a).map((d) => [d.want, d.points]));
    for (const d of differences(a, b)) expect(back.get(d.want)).toBeCloseTo(-d.points, 9);
  });
  test('likes reach well over the need, dislikes fall below it, compromises are one of each', () => {
    for (const id of ['bastion-1160', 'wren-230', 'thorn-450-e', 'pika-340-x']) {
      const score = scoreOf(id);
      const value = new Map(score.contributions.map((c) => [c.want, c]));
      for (const p of proposals(score)) {
        const c = value.get(p.want);
        expect(c?.known).toBe(true);
        if (p.kind === 'dislike') expect(c?.value.mid).toBeLessThan(0.8);
        else expect(c?.value.mid).toBeGreaterThanOrEqual(0.85);
        if (p.kind === 'compromise')
          expect(value.get(p.against ?? p.want)?.value.mid).toBeLessThan(0.8);
      }
    }
    expect(
      proposals(scoreOf('bastion-1160')).some(
        (p) => p.kind === 'dislike' && p.want === 'readyMass',
      ),
    ).toBe(true);
  });
});
