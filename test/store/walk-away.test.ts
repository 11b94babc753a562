import { describe, expect, test } from 'vitest';
import { assess } from '@/core/assessment';
import { spendable } from '@/core/brief';
import { kindOfMachine } from '@/core/donor';
import { fitScore } from '@/core/preference';
import { offerFor } from '@/store/queries';
import type { Dossier } from '@/store/records';
import { dossier, entryOf, standingOf } from './demo-standing';

const LISTED = 'c-drover-430-brenfold';
const own = dossier.donors['drover-430-brenfold'];
if (own?.kind !== 'machine') throw new Error('the example has one for sale');

/** The example with only some of its shortlist. */
const among = (...ids: readonly string[]): Dossier => ({
  ...dossier,
  candidates: Object.fromEntries(
    Object.entries(dossier.candidates).filter(([id]) => ids.includes(id)),
  ),
  builds: {},
});
const offerAmong = (of: Dossier, id = LISTED) => {
  const standing = standingOf(of);
  return { standing, offer: offerFor(of, standing, entryOf(standing, id)) };
};

describe('the offer for one that stands somewhere', () => {
  test('a model is not for sale', () =>
    expect(offerAmong(dossier, 'c-drover-430').offer).toBeUndefined());
  test('asked and what must be put right are those of the sheet: 4590, and a seal at 165', () => {
    const { offer } = offerAmong(dossier);
    expect(offer?.asked).toBe(4590);
    expect(offer?.mending).toBe(165);
    expect(offer?.aboard ?? 0).toBeGreaterThan(0);
  });
  test('alone on the shortlist: never more than the same new, its parts added and its repairs taken off', () => {
    const { standing, offer } = offerAmong(among(LISTED, 'c-drover-430'));
    const model = entryOf(standing, 'c-drover-430').stock.figures.price.estimate;
    if (model.kind === 'unknown') throw new Error('price');
    expect(offer?.walkAway).toEqual({
      kind: 'new',
      amount: Math.round(model.mid + (offer?.aboard ?? 0) - 165),
    });
  });
  test('where nobody knows what its model costs only the money ends it: what there is to spend less what must be put right', () => {
    const base = dossier.donors[own.baseId ?? ''];
    const { price: _price, ...figures } = base?.figures ?? {};
    const of: Dossier = {
      ...among(LISTED),
      donors: { ...dossier.donors, ...(base ? { [base.id]: { ...base, figures } } : {}) },
    };
    const { standing, offer } = offerAmong(of);
    expect(offer?.walkAway).toEqual({
      kind: 'money',
      amount: spendable(standing.brief.money) - 165,
    });
  });
  test('beside a better one that is better even where it is given away: at no price', () => {
    const { standing, offer } = offerAmong(among(LISTED, 'c-sorrel-300-longway'));
    const rival = entryOf(standing, 'c-sorrel-300-longway').stockScore.points.mid;
    expect(pointsAt(standing, 1)).toBeLessThan(rival);
    expect(offer?.walkAway).toEqual({ kind: 'never', rivalId: 'c-sorrel-300-longway' });
  });
  test('the line is where both are worth the same: a little under it stays ahead, a little over it falls behind', () => {
    const base = dossier.donors[own.baseId ?? ''];
    const { price: _price, ...figures } = base?.figures ?? {};
    const of: Dossier = {
      ...among(LISTED, 'c-postmark-640-v'),
      donors: { ...dossier.donors, ...(base ? { [base.id]: { ...base, figures } } : {}) },
    };
    const { standing, offer } = offerAmong(of);
    const { walkAway } = offer ?? {};
    if (walkAway?.kind !== 'rival') throw new Error(walkAway?.kind);
    const rival = entryOf(standing, walkAway.rivalId).stockScore.points.mid;
    expect(pointsAt(standing, walkAway.amount - 5)).toBeGreaterThan(rival);
    expect(pointsAt(standing, walkAway.amount + 5)).toBeLessThan(rival);
  });
  test('a fault without a price: nothing is said of where to walk away', () => {
    const weakPoints = [
      { id: 'w', what: 'bent hanger', mend: true, origin: 'heard' as const, note: '' },
    ];
    const of: Dossier = {
      ...dossier,
      donors: { ...dossier.donors, [own.id]: { ...own, weakPoints } },
    };
    const { offer } = offerAmong(of);
    expect(offer?.mending).toBeUndefined();
    expect(offer?.walkAway).toEqual({ kind: 'unknown' });
  });
  test('nobody has said what is asked: not known, never nothing', () => {
    const { price: _price, usedPrice: _used, ...figures } = own.figures;
    const of: Dossier = {
      ...dossier,
      donors: { ...dossier.donors, [own.id]: { ...own, figures } },
    };
    // The model's own list price is inherited: that is no asking price of this one, but it is a price.
    const { offer } = offerAmong(of);
    expect(offer?.asked === undefined || offer.asked > 0).toBe(true);
  });
});

/** The machine's fit as it stands, had for a price; worked here as the whole assessment does it. */
function pointsAt(standing: ReturnType<typeof standingOf>, amount: number): number {
  const { bare } = entryOf(standing, LISTED);
  const donor = {
    ...bare.donor,
    figures: {
      ...bare.donor.figures,
      price: {
        readings: [
          {
            id: 'p',
            amount,
            unit: standing.brief.money.currency,
            basis: 'paid' as const,
            origin: 'measured' as const,
            note: '',
          },
        ],
      },
    },
  };
  const { metrics } = assess({ ...bare, donor, parts: [] });
  return fitScore(metrics, standing.curves, standing.weights, kindOfMachine(donor)).points.mid;
}
