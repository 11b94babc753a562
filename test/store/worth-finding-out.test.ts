import { describe, expect, test } from 'vitest';
import { worthFindingOut, type WorthKnowing } from '@/store/queries';
import type { Dossier } from '@/store/records';
import { dossier, standingOf } from './demo-standing';

const found = worthFindingOut(standingOf(dossier), 'stock');
const figureOf = (list: readonly WorthKnowing[], figure: string, id: string) =>
  list.find((w) => w.kind === 'figure' && w.figure === figure && w.candidateIds.includes(id));

describe('worth finding out before choosing', () => {
  test('the most first; what would better nothing is left out', () => {
    const points = found.map((w) => w.points);
    expect(points).toEqual(points.toSorted((a, b) => b - a));
    expect(points.every((p) => p >= 0.05)).toBe(true);
    expect(found.length).toBeGreaterThan(0);
  });
  test('the fuel of those that keep the range in half of the draws, named once for a model and its listing', () => {
    const fuel = figureOf(found, 'consumption', 'c-drover-430');
    expect(fuel).toBeDefined();
    expect(fuel?.kind === 'figure' && fuel.candidateIds).toContain('c-drover-430-brenfold');
    expect(
      found.filter(
        (w) =>
          w.kind === 'figure' &&
          w.figure === 'consumption' &&
          w.candidateIds.includes('c-drover-430'),
      ),
    ).toHaveLength(1);
  });
  test('measured to the drop, it is no longer worth finding out', () => {
    const donor = dossier.donors['drover-430'];
    if (!donor) throw new Error('no donor');
    const known: Dossier = {
      ...dossier,
      donors: {
        ...dossier.donors,
        'drover-430': {
          ...donor,
          figures: {
            ...donor.figures,
            consumption: {
              readings: [
                {
                  id: 'm',
                  amount: 3.4,
                  unit: 'L/100km',
                  basis: 'mixed',
                  origin: 'measured',
                  note: '',
                  spread: 0,
                },
              ],
            },
          },
        },
      },
    };
    expect(
      figureOf(worthFindingOut(standingOf(known), 'stock'), 'consumption', 'c-drover-430'),
    ).toBeUndefined();
  });
});
