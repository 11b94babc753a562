import { describe, expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import {
  assessmentOf,
  checksOf,
  figureOf,
  figuresOf,
  moneyOf,
  resolvedDonors,
  standing,
  partsOf,
} from '@/store/queries';
import { BRIEF_KEY, EMPTY_DOSSIER, type Dossier } from '@/store/records';

const dossier = demoDossier();
const donor = (d: Dossier, id: string) => {
  const found = resolvedDonors(d).get(id);
  if (!found) throw new Error(id);
  return found;
};

describe('what is computed of donors is computed once for a state', () => {
  test('inheritance', () => {
    expect(resolvedDonors(dossier)).toBe(resolvedDonors(dossier));
    const edited = { ...dossier, donors: { ...dossier.donors } };
    expect(resolvedDonors(edited)).not.toBe(resolvedDonors(dossier));
  });
  test('an edit of the model reaches its variants and listings', () => {
    const model = dossier.donors['drover-430'];
    if (!model) throw new Error('drover');
    const heavier = {
      ...model,
      figures: {
        ...model.figures,
        mass: {
          readings: [
            { id: 'm', amount: 200, unit: 'kg', basis: 'ready', origin: 'claimed', note: '' },
          ],
        },
      },
    } as const;
    const edited: Dossier = { ...dossier, donors: { ...dossier.donors, 'drover-430': heavier } };
    const mass = (d: Dossier) => {
      const estimate = assessmentOf(donor(d, 'drover-430-brenfold'), d)?.metrics.readyMass.estimate;
      return estimate?.kind === 'known' ? estimate.interval.mid : Number.NaN;
    };
    expect(mass(edited)).toBeCloseTo(200 + 3.2 + 0.9, 6);
    expect(mass(dossier)).not.toBe(mass(edited));
  });
  test('a listing is computed anew when its parts change, and when a part of the catalogue does', () => {
    const own = dossier.donors['drover-430-brenfold'];
    if (own?.kind !== 'machine') throw new Error('machine');
    const bare: Dossier = {
      ...dossier,
      donors: { ...dossier.donors, [own.id]: { ...own, machine: { ...own.machine, fitted: [] } } },
    };
    const clearance = (d: Dossier) => {
      const estimate = assessmentOf(donor(d, own.id), d)?.metrics.clearance.estimate;
      return estimate?.kind === 'known' ? estimate.interval.mid : Number.NaN;
    };
    expect(clearance(bare) - clearance(dossier)).toBeCloseTo(8, 6);
    const plate = partsOf(dossier)['bash-plate'];
    if (!plate) throw new Error('plate');
    const thin: Dossier = {
      ...dossier,
      parts: { ...dossier.parts, 'bash-plate': { ...plate, effects: [] } },
    };
    expect(clearance(thin)).toBeCloseTo(clearance(bare), 6);
  });
  test('one figure alone is the same as that figure of all', () => {
    const money = moneyOf(dossier);
    for (const key of ['mass', 'power', 'price', 'travelFront', 'consumption'] as const)
      expect(figureOf(donor(dossier, 'wren-230'), key, money)).toEqual(
        figuresOf(donor(dossier, 'wren-230'), money)[key],
      );
  });
  test('without a brief nothing is assessed, and money has a stand-in', () => {
    const without: Dossier = { ...dossier, briefs: {} };
    expect(assessmentOf(donor(without, 'wren-230'), without)).toBeUndefined();
    expect(moneyOf(EMPTY_DOSSIER).currency).toBe('EUR');
    expect(checksOf(donor(without, 'wren-230'), without)).toEqual([]);
  });
});

describe('a listing on the shortlist', () => {
  const entry = standing(dossier)?.candidates.find(
    (c) => c.candidate.donorId === 'drover-430-brenfold',
  );
  test('carries its parts and pays for its repairs, not for the parts', () => {
    expect(entry?.aboard.map((p) => p.id)).toEqual(['bash-plate', 'handguards']);
    const outlay = entry?.stock.metrics.outlay.estimate;
    expect(outlay).toMatchObject({ kind: 'known', interval: { mid: 4590 + 165 } });
    expect(entry?.stock.cost.parts).toBe(0);
  });
  test('parts aboard set off their cautions too', () => {
    const brief = dossier.briefs[BRIEF_KEY];
    expect(brief && entry?.stock.cautions.some((c) => c.code === 'tell-insurer')).toBe(true);
  });
});
