import { describe, expect, test } from 'vitest';
import { buildCost } from '@/core/money';
import { findBuildFaults } from '@/core/planning';
import { demoDossier } from '@/demo/scenario';
import { gapClosers, standing, partsOf } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';
import { assess } from '@/core/assessment';

const example = demoDossier();
const rungs = (id: string, view: 'stock' | 'built' = 'stock', dossier: Dossier = example) => {
  const now = standing(dossier);
  const entry = now?.candidates.find((c) => c.candidate.id === id);
  if (!now || !entry) throw new Error(id);
  return { now, entry, list: gapClosers(dossier, now, entry, view) };
};
const partsNamed = (names: readonly string[]) =>
  Object.values(partsOf(example)).filter((p) => names.includes(p.name.toLowerCase()));

describe('what closes a gap', () => {
  test('every proposal may be fitted, costs what the bench would say, and does what it says', () => {
    for (const id of Object.keys(example.candidates))
      for (const view of ['stock', 'built'] as const) {
        const { now, entry, list } = rungs(id, view);
        const there = [...entry.aboard, ...(view === 'built' ? entry.parts : [])];
        for (const { want, closer } of list) {
          if (!closer) continue;
          const added = [closer.part, ...partsNamed(closer.along)];
          const faults = findBuildFaults(
            [...there, ...added].map((p) => p.id),
            new Map(Object.entries(partsOf(example))),
          );
          expect(
            faults.filter((f) => added.some((p) => p.id === f.id)),
            `${id} ${closer.part.id}`,
          ).toEqual([]);
          const cost = buildCost(added, now.brief.money);
          expect(closer.cost).toBeCloseTo(cost.parts + cost.fitting, 6);
          if (entry.aboard.length > 0) continue;
          const { estimate } = assess({
            ...entry.bare,
            parts: [...(view === 'built' ? entry.parts : []), ...added],
          }).metrics[want];
          expect(estimate.kind === 'known' && estimate.interval.mid).toBeCloseTo(closer.becomes, 6);
        }
      }
  });
  test('the can that needs a rack takes the cheapest rack along', () => {
    const range = rungs('c-sorrel-300-longway').list.find((r) => r.want === 'range');
    expect(range?.closer).toMatchObject({
      closes: true,
      along: ['tail rack'],
      part: { id: 'can-5' },
    });
  });
  test('a lowering part is proposed with its caution, never without', () => {
    const reach = rungs('c-dunelark-720').list.find((r) => r.want === 'heelGap');
    expect(reach?.closer?.part.id).toBe('lowering-link');
    expect(reach?.closer?.cautions.map((c) => c.code)).toEqual(
      expect.arrayContaining(['lowered-one-end', 'lowered']),
    );
  });
  /** The example with so much more luggage; its riders' payloads are worked out without the planner. */
  const loaded = (more_kg: number): Dossier => {
    const [brief] = Object.values(example.briefs);
    if (!brief) throw new Error('no brief');
    const trip = { ...brief.trip, luggage_kg: brief.trip.luggage_kg + more_kg };
    return { ...example, briefs: { [BRIEF_KEY]: { ...brief, trip } } };
  };
  test('no part is proposed that breaks what is kept without it, from both sides of the permitted mass', () => {
    const id = 'c-sorrel-300-longway';
    const left = (more_kg: number) => {
      const { estimate } = rungs(id, 'stock', loaded(more_kg)).entry.stock.metrics.payloadLeft;
      return estimate.kind === 'known' ? estimate.mid : Number.NaN;
    };
    const room = left(0);
    expect(left(10)).toBeCloseTo(room - 10, 6);
    const closer = (more_kg: number, want = 'range') =>
      rungs(id, 'stock', loaded(more_kg)).list.find((r) => r.want === want);
    // The can with its rack weighs well over a kilogram, and under fifteen.
    expect(closer(room - 15)?.closer).toMatchObject({ closes: true, part: { id: 'can-5' } });
    // With one left only a sprocket helps, which weighs nothing; guards do weigh.
    expect(closer(room - 1)).toMatchObject({
      closer: { closes: false, part: { id: 'sprocket-front-up' } },
      helpers: 1,
    });
    expect(closer(room - 15, 'protection')?.closer?.part.id).toBe('handguards');
    expect(closer(room - 1, 'protection')).toMatchObject({ closer: undefined, helpers: 4 });
  });
  test('and none that breaks a must or the licence on any of the machines', () => {
    for (const id of Object.keys(example.candidates))
      for (const more_kg of [0, 50, 65]) {
        const { entry, list } = rungs(id, 'stock', loaded(more_kg));
        for (const { closer } of list) {
          if (!closer) continue;
          const parts = [closer.part, ...partsNamed(closer.along)];
          const after = assess({ ...entry.bare, parts });
          const kept = entry.stock.musts.filter((m) => m.verdict === 'pass' && m.key !== 'money');
          for (const { key } of kept)
            expect(after.musts.find((m) => m.key === key)?.verdict, `${id} ${key}`).toBe('pass');
          if (entry.stock.licence.kind === 'legal') expect(after.licence.kind, id).toBe('legal');
        }
      }
  });
  test('what it brings and nobody has told is named', () => {
    const [longway, sorrel] = ['c-sorrel-300-longway', 'c-sorrel-300'].map((id) =>
      rungs(id).list.find((r) => r.want === 'protection'),
    );
    expect(longway?.closer).toMatchObject({ part: { id: 'handguards' }, untold: ['handGuards'] });
    expect(sorrel?.closer).toMatchObject({ part: { id: 'handguards' }, untold: [] });
  });
  test('a part without an exchange rate is not proposed', () => {
    const foreign: Dossier = {
      ...example,
      parts: Object.fromEntries(
        Object.entries(partsOf(example)).map(([k, p]) => [
          k,
          { ...p, own: true, price: { ...p.price, currency: 'ZAR' as const } },
        ]),
      ),
    };
    for (const rung of rungs('c-drover-430', 'stock', foreign).list)
      expect(rung.closer).toBeUndefined();
  });
  test('an empty catalogue leaves the gaps standing', () =>
    expect(
      rungs('c-sorrel-300', 'stock', { ...example, catalogues: {}, builds: {} }).list.every(
        (r) => r.closer === undefined,
      ),
    ).toBe(true));
});
