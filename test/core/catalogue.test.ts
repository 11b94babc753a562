import { describe, expect, test } from 'vitest';
import {
  correctionsSince,
  formsOf,
  SHIPPED,
  SHIPPED_PARTS,
  type Catalogue,
} from '@/core/catalogue';
import { effectLimits, PART_LIMITS, type Part } from '@/core/part';
import { findRuleFaults } from '@/core/planning';
import { partSchema } from '@/store/records';

const [pattern] = SHIPPED_PARTS;
if (!pattern) throw new Error('no shipped part');
const part = (id: string, price: number): Part => ({
  ...pattern,
  id,
  price: { amount: price, currency: 'EUR' },
});

describe('corrections', () => {
  const catalogue: Catalogue = {
    version: 4,
    parts: { link: part('link', 120), rack: part('rack', 90) },
    corrections: [
      { version: 2, id: 'link', what: 'dearer', was: part('link', 100) },
      { version: 3, id: 'rack', what: 'new' },
      { version: 4, id: 'link', what: 'dearer again', was: part('link', 110) },
    ],
  };
  test('only those that came after the version a dossier knows', () => {
    expect(correctionsSince(catalogue, 1).map((c) => c.version)).toEqual([2, 3, 4]);
    expect(correctionsSince(catalogue, 2).map((c) => c.version)).toEqual([3, 4]);
    expect(correctionsSince(catalogue, 4)).toEqual([]);
  });
  test('every form in which a part was shipped, the present one first', () => {
    expect(formsOf(catalogue, 'link').map((p) => p.price.amount)).toEqual([120, 100, 110]);
    expect(formsOf(catalogue, 'rack').map((p) => p.price.amount)).toEqual([90]);
  });
  test('a name that every object has is no part', () => {
    for (const id of ['constructor', 'toString', '__proto__', 'hasOwnProperty'])
      expect(formsOf(catalogue, id)).toEqual([]);
  });
});

describe('the shipped parts', () => {
  test('each stands once under its id', () => {
    expect(Object.keys(SHIPPED.parts)).toHaveLength(SHIPPED_PARTS.length);
    expect(SHIPPED_PARTS.length).toBeGreaterThan(90);
  });
  test.each(SHIPPED_PARTS.map((p) => [p.name, p] as const))('%s can be stored as it is', (_, p) => {
    expect(partSchema.safeParse(p).error?.message).toBeUndefined();
    expect(p.own).toBeUndefined();
    expect(p.price.amount).toBeGreaterThan(0);
    expect(p.mass_kg).toBeGreaterThanOrEqual(PART_LIMITS.mass_kg.min);
    for (const { figure, change, amount } of p.effects) {
      const { min, max } = effectLimits(figure, change);
      expect(amount).toBeGreaterThanOrEqual(min);
      expect(amount).toBeLessThanOrEqual(max);
    }
  });
  test('version 3 says how far effects may lie off; the form before it took them as told', () => {
    const forms = formsOf(SHIPPED, 'lowering-link');
    const seat = forms.map((p) => p.effects.find((e) => e.figure === 'seatHeight'));
    expect(seat[0]).toMatchObject({ amount: -26, spread: 5 });
    expect(seat.slice(1).length).toBeGreaterThan(0);
    for (const was of seat.slice(1))
      expect(was).toEqual({ figure: 'seatHeight', change: 'add', amount: -26 });
    const news = correctionsSince(SHIPPED, 2);
    expect(new Set(news.map((c) => c.what)).size).toBe(3);
    expect(formsOf(SHIPPED, 'tubes-heavy').map((p) => p.sets?.rimLocks)).toEqual([
      'yes',
      undefined,
    ]);
  });
  test('what a part needs or shuts out is in the catalogue', () => {
    const named = SHIPPED_PARTS.flatMap((p) => [...p.needs.flat(), ...p.shutsOut]);
    expect(named.length).toBeGreaterThan(10);
    expect(named.filter((id) => !Object.hasOwn(SHIPPED.parts, id))).toEqual([]);
  });
  test('taken together, no part needs what can never stand beside it', () =>
    expect(findRuleFaults(SHIPPED_PARTS)).toEqual([]));
});
