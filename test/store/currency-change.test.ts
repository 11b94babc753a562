import { describe, expect, test } from 'vitest';
import { BRIEF_FIGURES, BRIEF_LIMITS, briefFigure, type Brief } from '@/core/brief';
import { nominalRate } from '@/core/money';
import { CURRENCIES, type CurrencyCode } from '@/core/units';
import { demoDossier } from '@/demo/scenario';
import { currencyChange, ownSums, type SumsBecome } from '@/store/currency-change';
import { applyChanges, inverted } from '@/store/history';
import { classPrice, standing, withoutRate } from '@/store/queries';
import { withoutRateWords } from '@/ui/messages';
import { briefSchema, newBrief, type Dossier } from '@/store/records';

const base = demoDossier();
const brief = base.briefs.brief ?? expect.fail('the example has a brief');
const SUMS = BRIEF_FIGURES.filter((f) => BRIEF_LIMITS[f].dimension === 'money');
const SAME = { kind: 'the-same-numbers' } as const;
const ROUGHLY = { kind: 'reckoned' } as const;
const at = (rate: number): SumsBecome => ({
  kind: 'reckoned',
  typed: { rate, date: '2026-11-20' },
});

function changed(dossier: Dossier, to: CurrencyCode, sums: SumsBecome): Dossier {
  const before = dossier.briefs.brief ?? expect.fail('a brief');
  const result = applyChanges(dossier, currencyChange(before, to, sums));
  if (result.kind !== 'applied') throw new Error('conflict');
  expect(briefSchema.safeParse(result.value.briefs.brief).success).toBe(true);
  return result.value;
}
const briefOf = (dossier: Dossier): Brief => dossier.briefs.brief ?? expect.fail('a brief');
const withBrief = (brief: Brief): Dossier => ({ ...base, briefs: { brief } });
const outlays = (dossier: Dossier) =>
  new Map(
    standing(dossier)?.candidates.map((c) => [c.candidate.id, c.stock.metrics.outlay.estimate]),
  );

describe('no price keeps its number in another currency', () => {
  const before = outlays(base);
  test.each(CURRENCIES.filter((c) => c !== 'EUR'))('%s', (to) => {
    for (const sums of [SAME, ROUGHLY]) {
      const now = outlays(changed(base, to, sums));
      expect(now.size).toBe(before.size);
      for (const [id, was] of before) {
        const is = now.get(id);
        if (was.kind !== 'known' || is?.kind !== 'known') continue;
        expect(Math.abs(is.interval.mid / was.interval.mid - 1), `${id} in ${to}`).toBeGreaterThan(
          0.01,
        );
      }
    }
  });
  test('what is priced in euros is not known in francs until a rate leads there, and then comes to that rate', () => {
    const rough = outlays(changed(base, 'CHF', ROUGHLY));
    const told = outlays(changed(base, 'CHF', at(0.95)));
    expect([...before.values()].filter((e) => e.kind === 'known').length).toBeGreaterThan(5);
    for (const [id, was] of before) {
      if (was.kind !== 'known') continue;
      expect(rough.get(id)?.kind, id).toBe('unknown');
      const is = told.get(id);
      if (is?.kind !== 'known') throw new Error(`${id} has a price`);
      // Dollars and pounds by the cross rate: every sum is 0.95 of what it was, to what rounding a franc of costs makes.
      expect(Math.abs(is.interval.mid - 0.95 * was.interval.mid), id).toBeLessThan(1);
    }
  });
  test('how many cost nobody knows how much, and whose rates are missing, is counted', () => {
    const counted = (dossier: Dossier) => withoutRate(standing(dossier)?.candidates ?? []);
    expect(counted(base)).toEqual({ count: 0, currencies: [] });
    const rough = counted(changed(base, 'CHF', ROUGHLY));
    expect(rough.only).toBeUndefined();
    expect(rough.count).toBe([...before.values()].filter((e) => e.kind === 'known').length);
    expect(rough.currencies.toSorted()).toEqual(['EUR', 'GBP', 'USD']);
    const all = changed(base, 'CHF', ROUGHLY);
    const [id, one] =
      Object.entries(all.candidates).find(([key]) => before.get(key)?.kind === 'known') ?? [];
    const alone = counted({ ...all, candidates: id && one ? { [id]: one } : {} });
    expect(alone.only?.id).toBe(one?.donorId);
    expect(withoutRateWords(1, alone.currencies, 'CHF', alone.only)).toMatch(
      /^What [A-Z].* costs is not known: no exchange rate leads from (?:EUR|GBP|USD) to CHF\.$/,
    );
    expect(counted(changed(base, 'CHF', at(0.95)))).toEqual({ count: 0, currencies: [] });
  });
  test('in dollars, which a rate turned round leads to, without being asked again', () => {
    const now = outlays(changed(base, 'USD', ROUGHLY));
    for (const [id, was] of before) {
      const is = now.get(id);
      if (was.kind !== 'known' || is?.kind !== 'known') continue;
      expect(Math.abs(is.interval.mid - was.interval.mid / 0.91), id).toBeLessThan(1.5);
    }
    expect(briefOf(changed(base, 'USD', ROUGHLY)).money.budget).toBe(
      Math.round(brief.money.budget / 0.91),
    );
  });
});

describe('the rider’s own sums', () => {
  test('every sum of the brief is asked about, but those that nobody typed and those of nothing', () => {
    expect(ownSums(newBrief('EUR'))).toEqual([]);
    expect(ownSums(brief)).toContain('money.budget');
    expect(ownSums({ ...brief, money: { ...brief.money, gear: 0 } })).not.toContain('money.gear');
    const { 'money.budget': _typed, ...others } = newBrief('EUR').origins ?? {};
    expect(ownSums({ ...newBrief('EUR'), origins: others })).toEqual(['money.budget']);
  });
  test('by a rate that was typed: each, and the rate is kept', () => {
    const now = briefOf(changed(base, 'SEK', at(11.2)));
    for (const figure of SUMS) {
      const was = briefFigure(brief, figure);
      if (was === undefined) expect(briefFigure(now, figure)).toBeUndefined();
      else
        expect(Math.abs((briefFigure(now, figure) ?? 0) - was * 11.2), figure).toBeLessThanOrEqual(
          0.5,
        );
    }
    expect(now.money.rates).toContainEqual({
      currency: 'EUR',
      to: 'SEK',
      rate: 11.2,
      date: '2026-11-20',
    });
    expect(now.money.rates).toHaveLength(brief.money.rates.length + 1);
    expect(now.origins).toEqual(brief.origins);
    // Small sums keep their cents.
    const fuel = briefOf(
      changed(withBrief({ ...brief, money: { ...brief.money, fuel_perL: 1.79 } }), 'GBP', at(0.86)),
    );
    expect(fuel.money.fuel_perL).toBe(1.54);
  });
  test('by the nominal rate: three figures, and marked as taken from what was typed', () => {
    const now = briefOf(changed(base, 'SEK', ROUGHLY));
    const rough = brief.money.budget * nominalRate('EUR', 'SEK');
    expect(Math.abs(now.money.budget / rough - 1)).toBeLessThan(0.005);
    expect(now.origins?.['money.budget']).toEqual({
      kind: 'taken',
      from: `${brief.money.budget} EUR, by a rough rate`,
    });
    expect(now.money.rates).toEqual(brief.money.rates);
  });
  test('the same numbers, for they were meant so: then they are typed', () => {
    const rough = changed(base, 'SEK', ROUGHLY);
    const now = briefOf(changed(rough, 'NOK', SAME));
    expect(now.money.budget).toBe(briefOf(rough).money.budget);
    expect(now.origins?.['money.budget']).toBeUndefined();
  });
  test('what nobody typed begins anew in the other currency, there and back', () => {
    const begun = withBrief(newBrief('EUR'));
    const there = changed(begun, 'SEK', SAME);
    expect(briefOf(there)).toEqual(newBrief('SEK'));
    expect(briefOf(changed(there, 'EUR', SAME))).toEqual(newBrief('EUR'));
  });
  test('one command, which is taken back whole', () => {
    const changes = currencyChange(brief, 'CHF', at(0.95));
    const back = applyChanges(changed(base, 'CHF', at(0.95)), inverted(changes));
    expect(back).toEqual({ kind: 'applied', value: base });
    expect(currencyChange(brief, 'EUR', at(0.95))).toEqual([]);
  });
  test('a sum that the other currency has no room for is refused at the door, not cut', () => {
    const rich = { ...brief, money: { ...brief.money, budget: 90_000 } };
    const result = applyChanges(withBrief(rich), currencyChange(rich, 'ZAR', at(20)));
    if (result.kind !== 'applied') throw new Error('conflict');
    expect(result.value.briefs.brief?.money.budget).toBe(1_800_000);
    expect(briefSchema.safeParse(result.value.briefs.brief).success).toBe(false);
  });
});

test('what a class is held to be sold for is in the currency that it was typed in', () => {
  const held = withBrief({
    ...brief,
    classPrices: { 'rally-twin': { low: 6000, high: 9000, currency: 'EUR' } },
  });
  const ofClass = (dossier: Dossier) => classPrice(dossier, 'rally-twin');
  expect(ofClass(held)).toEqual({ low: 6000, mid: 7500, high: 9000 });
  const told = ofClass(changed(held, 'CHF', at(0.95)));
  expect(told?.low).toBeCloseTo(5700, 6);
  expect(told?.high).toBeCloseTo(8550, 6);
  // Without a rate neither it nor the donors' prices say anything.
  expect(ofClass(changed(held, 'CHF', ROUGHLY))).toBeUndefined();
});
