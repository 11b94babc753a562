import { describe, expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { standing } from '@/store/queries';
import {
  BRIEF_KEY,
  EMPTY_DOSSIER,
  newBrief,
  type Dossier,
  CATALOGUE_KEY,
  newCatalogueUse,
} from '@/store/records';

const of = (dossier: Dossier) => {
  const result = standing(dossier);
  if (!result) throw new Error('no brief');
  return result;
};

describe('where the shortlist stands', () => {
  test('nowhere without a brief, empty without candidates', () => {
    expect(standing(EMPTY_DOSSIER)).toBeUndefined();
    expect(of({ ...EMPTY_DOSSIER, briefs: { [BRIEF_KEY]: newBrief('EUR') } }).candidates).toEqual(
      [],
    );
  });
  test('computed once for each state', () => {
    const dossier = demoDossier();
    expect(standing(dossier)).toBe(standing(dossier));
    expect(standing({ ...dossier })).not.toBe(standing(dossier));
  });
  test('by plate, each with its parts, stock apart from built', () => {
    const { candidates } = of(demoDossier());
    expect(candidates.map((c) => c.candidate.plate)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9]);
    for (const c of candidates) {
      if (c.parts.length === 0) expect(c.built).toBe(c.stock);
      else expect(c.built.cost.parts).toBeGreaterThan(0);
      expect(c.stock.cost.parts).toBe(0);
    }
  });
  test('a candidate whose donor is gone and a part that has left the catalogue are left out, not invented', () => {
    const dossier = demoDossier();
    const { 'wren-230': _gone, ...donors } = dossier.donors;
    expect(of({ ...dossier, donors }).candidates.map((c) => c.donor.id)).not.toContain('wren-230');
    const use = { ...newCatalogueUse(), without: ['seat-low'] };
    expect(
      of({ ...dossier, catalogues: { [CATALOGUE_KEY]: use } })
        .candidates.find((c) => c.donor.id === 'sorrel-300')
        ?.parts.map((p) => p.id),
    ).not.toContain('seat-low');
  });
  test('the example: parts bring a machine back that its small tank had ruled out', () => {
    const { stockRanking, builtRanking } = of(demoDossier());
    expect(stockRanking.find((r) => r.id === 'c-wren-230')?.place).toBeUndefined();
    expect(builtRanking.find((r) => r.id === 'c-wren-230')?.place).toBe(1);
  });
  test('every candidate is ranked once in both', () => {
    const { candidates, stockRanking, builtRanking } = of(demoDossier());
    for (const ranking of [stockRanking, builtRanking])
      expect(ranking.map((r) => r.id).toSorted()).toEqual(
        candidates.map((c) => c.candidate.id).toSorted(),
      );
  });
  test('switching all musts off rules nobody out', () => {
    const dossier = demoDossier();
    const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
    const free = of({
      ...dossier,
      briefs: { [BRIEF_KEY]: { ...brief, musts: { ...brief.musts, on: [] } } },
    });
    expect(free.stockRanking.every((r) => r.place !== undefined)).toBe(true);
  });
});
