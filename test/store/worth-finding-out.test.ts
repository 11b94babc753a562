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

describe('how wide a seat is', () => {
  // Of the ten only the two that stand at the edge of what the legs reach are left, and reach is the only must.
  const brief = dossier.briefs.brief;
  const [drover, postmark] = [dossier.donors['drover-430'], dossier.donors['postmark-640-v']];
  if (!brief || !drover || !postmark) throw new Error('no example');
  const seatAt = (donor: typeof drover, mm: number, width?: string) => ({
    ...donor,
    figures: {
      ...donor.figures,
      seatHeight: {
        readings: [
          {
            id: 's',
            amount: mm,
            unit: 'mm' as const,
            basis: 'standard-seat' as const,
            origin: 'measured' as const,
            note: '',
            spread: 0,
          },
        ],
      },
    },
    facts: {
      ...donor.facts,
      seatWidth: width
        ? {
            readings: [{ id: 'w', value: width, origin: 'measured' as const, note: '' }],
          }
        : undefined,
    },
  });
  const of = (width?: string) =>
    worthFindingOut(
      standingOf({
        ...dossier,
        briefs: { brief: { ...brief, musts: { ...brief.musts, on: ['stance'] } } },
        donors: {
          ...dossier.donors,
          'drover-430': seatAt(drover, 855, width),
          'postmark-640-v': seatAt(postmark, 848, width),
        },
        candidates: Object.fromEntries(
          Object.entries(dossier.candidates).filter(([id]) =>
            ['c-drover-430', 'c-postmark-640-v'].includes(id),
          ),
        ),
      }),
      'stock',
    );
  test('is worth a look where the reach hangs on it', () => {
    const seats = of().filter((w) => w.kind === 'seat');
    expect(seats.length).toBeGreaterThan(0);
    for (const w of seats) expect(w.points).toBeGreaterThanOrEqual(0.05);
  });
  test('is no question once it has been told', () =>
    expect(of('middle').filter((w) => w.kind === 'seat')).toEqual([]));
});

describe('which class a machine is of', () => {
  const postmark = dossier.donors['postmark-640-v'];
  if (!postmark) throw new Error('no example');
  // Of the one machine nobody has told more than its price.
  const of = (classGuessed?: boolean) =>
    worthFindingOut(
      standingOf({
        ...dossier,
        donors: {
          ...dossier.donors,
          'postmark-640-v': {
            ...postmark,
            classGuessed,
            figures: { price: postmark.figures.price },
            facts: {},
          },
        },
      }),
      'stock',
    );
  test('is worth finding out where it was only guessed and all the rest hangs on it', () => {
    const classes = of(true).filter((w) => w.kind === 'class');
    expect(classes).toHaveLength(1);
    expect(classes[0]?.kind === 'class' && classes[0].candidateIds).toEqual(['c-postmark-640-v']);
    expect(classes[0]?.points).toBeGreaterThan(0.05);
  });
  test('is no question once it has been said', () =>
    expect(of().filter((w) => w.kind === 'class')).toEqual([]));
});
