import { describe, expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { nominalFor, partsOf, standing, unpricedParts } from '@/store/queries';
import type { CurrencyCode } from '@/core/units';
import { nominalWords } from '@/ui/messages';

const dossier = demoDossier();
const now = standing(dossier);
if (!now) throw new Error('the example has a brief');
// As a rider's own entries: their prices are quotes, which only a rate of the rider's brings over.
const shipped = partsOf(dossier);
const parts = Object.fromEntries(
  Object.entries(shipped).map(([id, part]) => [id, { ...part, own: true }]),
);
const money = (currency: CurrencyCode, ...rates: readonly CurrencyCode[]) => ({
  currency,
  rates: rates.map((r) => ({ currency: r, to: currency, rate: 0.9, date: '2026-01-01' })),
});
const [wren] = now.candidates;
if (!wren) throw new Error('the example has candidates');
const ids = (list: readonly { readonly id: string }[]) => list.map((p) => p.id);

describe('parts that cannot be weighed for want of an exchange rate', () => {
  const quoted = new Set(Object.values(parts).map((p) => p.price.currency));
  test('every part that fits, where no rate is entered', () => {
    const found = unpricedParts(parts, dossier.donors, [wren], money('GBP'));
    expect(found.length).toBeGreaterThan(50);
    expect(found.length).toBeLessThan(Object.keys(parts).length);
  });
  test('none, once every currency that parts are quoted in has a rate', () => {
    expect(unpricedParts(parts, dossier.donors, now.candidates, money('GBP', ...quoted))).toEqual(
      [],
    );
  });
  test('only those of the currency that has none', () => {
    const eur = unpricedParts(parts, dossier.donors, now.candidates, money('EUR'));
    expect(eur.length).toBeGreaterThan(0);
    expect(eur.every((p) => p.price.currency !== 'EUR')).toBe(true);
  });
  test('over a shortlist: what fits any of them; nothing without candidates', () => {
    const each = now.candidates.flatMap((c) =>
      ids(unpricedParts(parts, dossier.donors, [c], money('GBP'))),
    );
    const all = ids(unpricedParts(parts, dossier.donors, now.candidates, money('GBP')));
    expect(all.toSorted()).toEqual([...new Set(each)].toSorted());
    expect(unpricedParts(parts, dossier.donors, [], money('GBP'))).toEqual([]);
  });
  test('what a machine carries already is not to be bought', () => {
    const carrying = now.candidates.find((c) => c.aboard.length > 0);
    if (!carrying) throw new Error('a machine of the example carries parts');
    const found = ids(unpricedParts(parts, dossier.donors, [carrying], money('GBP')));
    for (const part of carrying.aboard) expect(found).not.toContain(part.id);
  });
});

describe('shipped parts', () => {
  test('are weighed by a nominal rate where the rider has none, and that is said', () => {
    expect(unpricedParts(shipped, dossier.donors, now.candidates, money('USD'))).toEqual([]);
    const { count, currencies } = nominalFor(shipped, dossier.donors, now.candidates, money('USD'));
    expect(currencies).toContain('EUR');
    expect(count).toBeGreaterThan(50);
  });
  test('are no longer said to be rough once every rate is set', () => {
    const quoted = new Set(Object.values(shipped).map((p) => p.price.currency));
    expect(nominalFor(shipped, dossier.donors, now.candidates, money('USD', ...quoted))).toEqual({
      count: 0,
      currencies: [],
    });
  });
  test('are not spoken of where none of the few in that currency fits a candidate', () => {
    const rough = Object.values(shipped).filter((p) => p.price.currency !== 'EUR');
    const fits = (c: (typeof now.candidates)[number]) =>
      nominalFor(shipped, dossier.donors, [c], money('EUR')).count;
    expect(rough).toHaveLength(1);
    const counts = now.candidates.map(fits);
    expect(counts).toContain(0);
    expect(counts).toContain(1);
    expect(nominalWords(1, [{ from: 'USD', rate: 0.89 }], 'EUR', 0.08, '2026-11-01')).toMatch(
      /^One shipped part that fits has its typical price in USD\. It is shown in EUR/,
    );
  });
});
