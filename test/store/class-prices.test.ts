import { expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { formatDossierFile, parseDossierFile } from '@/store/files';
import { classPrice, figureOf, lookForLineIn, outlookOf, resolvedDonors } from '@/store/queries';
import { briefSchema, type Dossier } from '@/store/records';

const base = demoDossier();
const holding = (low: number, high: number): Dossier => {
  const brief = base.briefs.brief;
  if (!brief) throw new Error('the example has a brief');
  return {
    ...base,
    briefs: { brief: { ...brief, classPrices: { 'rally-twin': { low, high, currency: 'EUR' } } } },
  };
};

test('what the rider holds a class to be sold for counts before what its donors are asked', () => {
  const money = base.briefs.brief?.money ?? expect.fail('a brief');
  const asked = [...resolvedDonors(base).values()]
    .filter((d) => d.donorClass === 'rally-twin' && !d.archived)
    .flatMap((d) => {
      const { estimate } = figureOf(d, 'price', money);
      return estimate.kind === 'known' ? [estimate.interval.mid] : [];
    });
  expect(asked.length).toBeGreaterThan(0);
  const byDonors = classPrice(base, 'rally-twin') ?? expect.fail('a price by the donors');
  expect(byDonors.low).toBeLessThanOrEqual(Math.min(...asked));
  expect(byDonors.high).toBeGreaterThanOrEqual(Math.max(...asked));
  expect(classPrice(holding(3000, 5000), 'rally-twin')).toEqual({
    low: 3000,
    mid: 4000,
    high: 5000,
  });
});

test('a class that costs more keeps the must of money less often, and one that nobody priced leaves it out', () => {
  const money = (dossier: Dossier) =>
    outlookOf(dossier, 'rally-twin')?.musts.find((m) => m.key === 'money')?.chance ?? Number.NaN;
  expect(base.briefs.brief?.musts.on).toContain('money');
  // Far below and far above what there is to spend (9550 EUR).
  expect(money(holding(2000, 4000))).toBeGreaterThan(0.99);
  expect(money(holding(14_000, 18_000))).toBeLessThan(0.01);
  const bare = { ...base, donors: {}, candidates: {}, builds: {}, trials: {} };
  expect(outlookOf(bare, 'rally-twin')?.unpriced).toBe(true);
  expect(outlookOf({ ...bare, briefs: holding(2000, 4000).briefs }, 'rally-twin')?.unpriced).toBe(
    false,
  );
});

test('it stands beside the price in what to look for, and outlives a file', () => {
  const dossier = holding(3000, 5000);
  expect(lookForLineIn(dossier, 'rally-twin', 'whole', 'money')?.typical).toEqual({
    low: 3000,
    mid: 4000,
    high: 5000,
  });
  const parsed = parseDossierFile(formatDossierFile(dossier, '2026-11-27T00:00:00.000Z'));
  expect(parsed).toEqual({ kind: 'dossier', dossier });
});

test.each([
  [5000, 3000],
  [-1, 3000],
  [0, 1_000_001],
])('a span from %d to %d is refused at the door', (low, high) => {
  expect(briefSchema.safeParse(holding(low, high).briefs.brief).success).toBe(false);
});
test.each([
  [3000, 3000],
  [0, 1_000_000],
])('a span from %d to %d is taken', (low, high) => {
  expect(briefSchema.safeParse(holding(low, high).briefs.brief).success).toBe(true);
});

test('parts that help a must lower what its figure has to show, the cheaper one first, each with what it needs', () => {
  const dossier = demoDossier();
  const line = lookForLineIn(dossier, 'rally-twin', 'whole', 'range') ?? expect.fail('a line');
  if (line.wanted.kind !== 'limit') throw new Error('a limit');
  const ways = line.instead.flatMap((way) => (way.kind === 'part' ? [way] : []));
  expect(ways.length).toBe(2);
  const price = (i: number) => ways[i]?.parts.reduce((sum, p) => sum + p.price.amount, 0) ?? 0;
  expect(price(0)).toBeLessThan(price(1));
  for (const { parts, wanted } of ways) {
    if (wanted.kind !== 'limit') throw new Error('a limit');
    expect(wanted.amount).toBeLessThan(line.wanted.amount);
    // Whatever a part needs is with it.
    for (const part of parts)
      for (const group of part.needs)
        expect(
          parts.some((p) => group.includes(p.id)),
          part.id,
        ).toBe(true);
  }
  // Nobody buys money.
  expect(lookForLineIn(dossier, 'rally-twin', 'whole', 'money')?.instead).toEqual([]);
});
