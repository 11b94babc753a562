import { describe, expect, test } from 'vitest';
import { buildCost } from '@/core/money';
import { findBuildFaults } from '@/core/planning';
import { demoDossier } from '@/demo/scenario';
import { gapClosers, standing, partsOf } from '@/store/queries';
import { type Dossier } from '@/store/records';
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
