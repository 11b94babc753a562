import { describe, expect, test } from 'vitest';
import { between, certain, known, source, unknown } from '@/core/numeric';
import {
  AFFECTED_FIGURES,
  applyParts,
  EFFECT_CHANGES,
  effectLimits,
  effectSpreadLimits,
  hasWords,
  type EffectChange,
  type Part,
  type PartEffect,
} from '@/core/part';
import { SHIPPED_PARTS } from '@/core/catalogue';
import { figureDefinition, normalFigures, type NormalFigures } from '@/core/readings';
import { partColumns, partTable, readPartRow } from '@/core/tables';
import { partSchema } from '@/store/records';
import { partFacts } from '@/ui/messages';

const [pattern] = SHIPPED_PARTS;
if (!pattern) throw new Error('no shipped part');
const part = (...effects: readonly PartEffect[]): Part => ({
  ...pattern,
  id: 'p',
  name: 'Made-up part',
  mass_kg: 0,
  effects,
  sets: undefined,
});
const blank = normalFigures({}, () => unknown('price'));
const withClearance: NormalFigures = {
  ...blank,
  clearance: { ...blank.clearance, estimate: known(between(195, 205, 200)) },
};
const clearance = (...effects: readonly PartEffect[]) =>
  applyParts(withClearance, [part(...effects)]).clearance.estimate;
const effect = (change: EffectChange, amount: number): PartEffect => ({
  figure: 'clearance',
  change,
  amount,
});

describe('what each kind of effect does', () => {
  test('a figure that is set is that, without a span', () =>
    expect(clearance(effect('set', 250))).toEqual(known({ low: 250, mid: 250, high: 250 })));
  test('one that is scaled keeps its span in proportion', () => {
    const estimate = clearance(effect('scale', 1.1));
    if (estimate.kind === 'unknown') throw new Error('not known');
    expect(estimate.interval.low).toBeCloseTo(214.5, 1);
    expect(estimate.interval.mid).toBeCloseTo(220, 9);
    expect(estimate.interval.high).toBeCloseTo(225.5, 1);
  });
  test('one that is added to keeps its span', () => {
    const estimate = clearance(effect('add', -25));
    if (estimate.kind === 'unknown') throw new Error('not known');
    expect(estimate.interval.low).toBeCloseTo(170, 1);
    expect(estimate.interval.mid).toBe(175);
    expect(estimate.interval.high).toBeCloseTo(180, 1);
  });
  test('an effect that may lie off widens what it is added to: √(5² + 12²) = 13', () => {
    const wide: NormalFigures = {
      ...blank,
      clearance: { ...blank.clearance, estimate: source('c', between(195, 205, 200)) },
    };
    const lower = { ...effect('add', -25), spread: 12 };
    const { estimate } = applyParts(wide, [part(lower)]).clearance;
    if (estimate.kind === 'unknown') throw new Error('not known');
    expect(estimate.mid).toBe(175);
    // Two independent normals: variances add. A table of 1 024 rows is good to some percent.
    expect(Math.abs((estimate.interval.high - estimate.interval.low) / 2 - 13)).toBeLessThan(1);
  });
  test('the same part on two machines is off by the same in each row', () => {
    const lower = part({ ...effect('add', -25), spread: 12 });
    const on = (mm: number) =>
      applyParts({ ...blank, clearance: { ...blank.clearance, estimate: certain(mm) } }, [lower])
        .clearance.estimate;
    const [a, b] = [on(200), on(230)];
    if (a.kind === 'unknown' || b.kind === 'unknown') throw new Error('not known');
    const apart = [...(b.rows ?? [])].map((x, i) => x - (a.rows?.[i] ?? 0));
    expect(apart.length).toBeGreaterThan(100);
    for (const by of apart) expect(by).toBeCloseTo(30, 9);
  });
  test('a spread stays within what the figure can be, and limits are kept from both sides', () => {
    const limits = effectSpreadLimits('clearance', 'add');
    expect(limits.min).toBe(0);
    const stored = (spread: number) =>
      partSchema.safeParse(part({ ...effect('add', -25), spread })).success;
    expect(stored(limits.max)).toBe(true);
    expect(stored(limits.max + 1)).toBe(false);
    expect(stored(-1)).toBe(false);
  });
  test('set, scaled and added to, in that order whatever the order of the list', () => {
    // (250 × 1.1) + 10
    const orders = [
      [effect('set', 250), effect('scale', 1.1), effect('add', 10)],
      [effect('add', 10), effect('set', 250), effect('scale', 1.1)],
      [effect('scale', 1.1), effect('add', 10), effect('set', 250)],
    ];
    for (const order of orders) {
      const estimate = clearance(...order);
      expect(estimate.kind === 'known' && estimate.interval.mid).toBeCloseTo(285, 9);
    }
  });
  test('what is not known stays so, unless it is set', () => {
    const of = (e: PartEffect) => applyParts(blank, [part(e)]).clearance.estimate.kind;
    expect(EFFECT_CHANGES.map((change) => [change, of(effect(change, 200))])).toEqual([
      ['set', 'known'],
      ['scale', 'unknown'],
      ['add', 'unknown'],
    ]);
  });
});

describe('limits of an amount', () => {
  const { min, max } = figureDefinition('clearance').limits;
  test.each<[EffectChange, number, number]>([
    ['set', min, max],
    ['add', min - max, max - min],
    ['scale', 0.2, 5],
  ])('%s: the limit itself is inside, beyond it nothing is stored', (change, low, high) => {
    expect(effectLimits('clearance', change)).toEqual({ min: low, max: high });
    const stored = (amount: number) => partSchema.safeParse(part(effect(change, amount))).success;
    expect([low, high].map(stored)).toEqual([true, true]);
    expect([low - 0.001, high + 0.001, 1e308, -1e308].map(stored)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
  test.each([...AFFECTED_FIGURES])('%s: there is room to set it and to leave it', (figure) => {
    const set = effectLimits(figure, 'set');
    expect(set.max).toBeGreaterThan(set.min);
    const add = effectLimits(figure, 'add');
    expect(add.min).toBeLessThan(0);
    expect(add.max).toBeGreaterThan(0);
  });
});

describe('every kind goes out to a table and comes back', () => {
  test.each<[PartEffect, string]>([
    [effect('add', -25), 'clearance +-25'],
    [effect('set', 250), 'clearance =250'],
    [effect('scale', 1.02), 'clearance *1.02'],
  ])('%o', (e, cell) => {
    const { headings, rows } = partTable([part(e)]);
    const cells = (rows[0] ?? []).map(String);
    expect(cells).toContain(cell);
    const read = readPartRow(cells, partColumns(headings), 'p');
    expect(read.kind === 'part' && read.part.effects).toEqual([e]);
  });
});

test('every kind has words in the rider’s units', () => {
  const says = (e: PartEffect, units: 'metric' | 'us') =>
    partFacts(part(e), { units, currency: 'EUR' }).find((w) => w.startsWith('clearance'));
  expect(says(effect('add', -25), 'metric')).toBe('clearance −25 mm');
  expect(says(effect('set', 250), 'metric')).toBe('clearance 250 mm');
  expect(says(effect('scale', 0.9), 'metric')).toBe('clearance −10 %');
  expect(says(effect('add', 25.4), 'us')).toBe('clearance +1.0 in');
});

describe('words searched for', () => {
  const named = { ...part(), name: 'Tall Seat, firm foam', note: 'For long legs', slot: 'seat' };
  test.each([
    ['', true],
    ['  ', true],
    ['TALL', true],
    ['firm tall', true],
    ['legs seat', true],
    ['tall short', false],
  ])('“%s”: %s', (words, found) => expect(hasWords(named, words)).toBe(found));
});
