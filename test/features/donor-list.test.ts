import { describe, expect, test } from 'vitest';
import { donorName } from '@/core/donor';
import { demoDossier } from '@/demo/scenario';
import {
  listDonors,
  PLAIN_LIST,
  type ListSetting,
  type ListSource,
} from '@/features/donors/list/donor-list';
import { listing, unlisting } from '@/features/donors/shortlist-changes';
import { assessmentOf, figureOf, moneyOf, resolvedDonors } from '@/store/queries';

const dossier = demoDossier();
const money = moneyOf(dossier);
const plates = new Map(Object.values(dossier.candidates).map((c) => [c.donorId, c.plate]));
const source: ListSource = {
  donors: [...resolvedDonors(dossier).values()],
  plateOf: (id) => plates.get(id),
  figure: (d, key) => figureOf(d, key, money),
  assessment: (d) => assessmentOf(d, dossier),
};
const ids = (change: Partial<ListSetting>, from: ListSource = source) =>
  listDonors(from, { ...PLAIN_LIST, ...change }).map((l) => l.donor.id);

describe('search, filters and order', () => {
  test('by plate, variants and listings below what they stand on', () => {
    const lines = listDonors(source, PLAIN_LIST);
    expect(lines.map((l) => l.donor.id).slice(0, 4)).toEqual([
      'wren-230',
      'sorrel-300',
      'sorrel-300-low',
      'sorrel-300-longway',
    ]);
    expect(lines.filter((l) => l.below).map((l) => l.donor.id)).toEqual([
      'sorrel-300-low',
      'drover-430-brenfold',
      'dunelark-720-restricted',
    ]);
  });
  test('every word has to be found, in name, version, note or tag', () => {
    expect(ids({ search: 'VELLOY low' })).toEqual(['sorrel-300-low']);
    expect(ids({ search: 'seen' })).toEqual(['drover-430-brenfold']);
    expect(ids({ search: 'everybody big' })).toEqual(['bastion-1160']);
    expect(ids({ search: 'nothing of the kind' })).toEqual([]);
  });
  test('by class, by tag, by a must that is not failed', () => {
    expect(ids({ donorClass: 'dual-sport-single' })).toEqual(['sorrel-300', 'sorrel-300-low']);
    expect(ids({ tag: 'seen' })).toEqual(['drover-430-brenfold']);
    const affordable = ids({ must: 'money' });
    expect(affordable).not.toContain('bastion-1160');
    expect(affordable).toContain('wren-230');
    expect(ids({ must: 'all' })).not.toContain('wren-230');
  });
  test('by any figure on one basis, both ways, not known last', () => {
    const rising = ids({ sort: 'mass' });
    const masses = rising
      .map(
        (id) =>
          figureOf(resolvedDonors(dossier).get(id) ?? source.donors[0]!, 'mass', money).estimate,
      )
      .flatMap((e) => (e.kind === 'known' ? [e.interval.mid] : []));
    expect(masses).toEqual([...masses].sort((a, b) => a - b));
    expect(ids({ sort: 'maxMass' }).at(-1)).toBe('postmark-640-v');
    expect(ids({ sort: 'maxMass', falling: true }).at(-1)).toBe('postmark-640-v');
    expect(ids({ sort: 'maxMass', falling: true })[0]).toBe('bastion-1160');
  });
  test('what is put away shows only when asked for', () => {
    const away: ListSource = {
      ...source,
      donors: source.donors.map((d) => (d.id === 'wren-230' ? { ...d, archived: true } : d)),
    };
    expect(ids({}, away)).not.toContain('wren-230');
    expect(ids({ archived: true }, away)).toContain('wren-230');
  });
  test('a variant whose base is filtered out stands by itself', () =>
    expect(
      listDonors(source, { ...PLAIN_LIST, search: 'low' }).find(
        (l) => l.donor.id === 'sorrel-300-low',
      )?.below,
    ).toBe(false));
  test('a thousand donors: each once', () => {
    const many: ListSource = {
      ...source,
      donors: Array.from({ length: 1000 }, (_, i) => ({
        ...source.donors[i % 9]!,
        id: `d${i}`,
        model: `Model ${i}`,
      })),
    };
    expect(new Set(ids({}, many)).size).toBe(1000);
    expect(ids({ search: 'model 77' }, many).length).toBe(19);
    expect(donorName(many.donors[0]!)).toContain('Model 0');
  });
});

describe('the shortlist', () => {
  test('takes as many as there are plates, the lowest free first', () => {
    const changes = listing(['x', 'y', 'z'], dossier.candidates);
    expect(changes.map((c) => (c.after as { plate: number }).plate)).toEqual([10, 11]);
  });
  test('a candidate leaves with its build', () => {
    const candidate = dossier.candidates['c-wren-230'];
    expect(candidate && unlisting([candidate], dossier).map((c) => c.table)).toEqual([
      'candidates',
      'builds',
    ]);
  });
});
