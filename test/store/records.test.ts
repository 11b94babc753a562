import { describe, expect, test } from 'vitest';
import { BRIEF_LIMITS, GROUNDS, type BriefFigure } from '@/core/brief';
import { CURRENCIES } from '@/core/units';
import { SHIPPED_PARTS } from '@/core/catalogue';
import {
  briefSchema,
  buildSchema,
  candidateSchema,
  donorSchema,
  freePlate,
  isEmptyDossier,
  EMPTY_DOSSIER,
  newBrief,
  newDonor,
  partSchema,
  PLATE_COUNT,
  preferencesSchema,
} from '@/store/records';

const brief = newBrief('EUR');
const KEYS = Object.keys(BRIEF_LIMITS) as BriefFigure[];

/** The brief with one figure set. */
function withFigure(key: BriefFigure, value: unknown) {
  const [section = '', field = ''] = key.split('.');
  return {
    ...brief,
    [section]: { ...(brief as unknown as Record<string, object>)[section], [field]: value },
  };
}

describe('the brief', () => {
  test.each(CURRENCIES)('a new one in %s is good', (currency) =>
    expect(briefSchema.safeParse(newBrief(currency)).success).toBe(true),
  );
  test.each(KEYS)('%s: its limits are in, what lies beyond is out', (key) => {
    const { min, max } = BRIEF_LIMITS[key];
    expect(briefSchema.safeParse(withFigure(key, min)).success).toBe(true);
    expect(briefSchema.safeParse(withFigure(key, max)).success).toBe(true);
    for (const wrong of [
      min - 0.001,
      max + 0.001,
      Number.NaN,
      Number.POSITIVE_INFINITY,
      '12',
      null,
    ]) {
      expect(briefSchema.safeParse(withFigure(key, wrong)).success, String(wrong)).toBe(false);
    }
  });
  test('ground shares add to 100 in whole percents', () => {
    expect(GROUNDS.reduce((sum, g) => sum + brief.ground[g], 0)).toBe(100);
    expect(
      briefSchema.safeParse({ ...brief, ground: { ...brief.ground, town: brief.ground.town + 1 } })
        .success,
    ).toBe(false);
    expect(
      briefSchema.safeParse({ ...brief, ground: { ...brief.ground, town: 9.5, gravel: 20.5 } })
        .success,
    ).toBe(false);
  });
  test('a must stands once, a rate is above zero and dated', () => {
    expect(
      briefSchema.safeParse({ ...brief, musts: { ...brief.musts, on: ['range', 'range'] } })
        .success,
    ).toBe(false);
    const rate = (r: object) =>
      briefSchema.safeParse({ ...brief, money: { ...brief.money, rates: [r] } }).success;
    expect(rate({ currency: 'USD', to: 'EUR', rate: 0.9, date: '2026-02-03' })).toBe(true);
    expect(rate({ currency: 'USD', to: 'EUR', rate: 0, date: '2026-02-03' })).toBe(false);
    expect(rate({ currency: 'USD', to: 'EUR', rate: 0.9, date: 'yesterday' })).toBe(false);
    expect(rate({ currency: 'XYZ', to: 'EUR', rate: 0.9, date: '2026-02-03' })).toBe(false);
    // A rate that does not say where it leads is none.
    expect(rate({ currency: 'USD', rate: 0.9, date: '2026-02-03' })).toBe(false);
  });
});

describe('donors, parts, candidates, builds, preferences', () => {
  test('a new donor is good and knows nothing', () => {
    expect(donorSchema.safeParse(newDonor('x')).success).toBe(true);
    expect(newDonor('x').figures).toEqual({});
  });
  test('a figure without a reading, of no known name, or of no known class is refused', () => {
    const donor = newDonor('x');
    expect(donorSchema.safeParse({ ...donor, figures: { mass: { readings: [] } } }).success).toBe(
      false,
    );
    expect(donorSchema.safeParse({ ...donor, figures: { charm: { readings: [] } } }).success).toBe(
      false,
    );
    expect(donorSchema.safeParse({ ...donor, donorClass: 'spaceship' }).success).toBe(false);
  });
  test.each(SHIPPED_PARTS.map((p) => [p.id, p] as const))('shipped part %s', (_id, part) =>
    expect(partSchema.safeParse(part).success).toBe(true),
  );
  test('a part costs no less than nothing and needs no empty group', () => {
    const [part] = SHIPPED_PARTS;
    expect(partSchema.safeParse({ ...part, price: { amount: -1, currency: 'EUR' } }).success).toBe(
      false,
    );
    expect(partSchema.safeParse({ ...part, needs: [[]] }).success).toBe(false);
    expect(partSchema.safeParse({ ...part, fitting_h: Number.NaN }).success).toBe(false);
  });
  test('plates: the lowest free one, none when the shortlist is full', () => {
    const list = (plates: readonly number[]) =>
      plates.map((plate) => ({ id: `c${plate}`, donorId: 'd', plate }));
    expect(freePlate([])).toBe(0);
    expect(freePlate(list([0, 1, 3]))).toBe(2);
    expect(freePlate(list(Array.from({ length: PLATE_COUNT }, (_, i) => i)))).toBeUndefined();
    expect(candidateSchema.safeParse({ id: 'c', donorId: 'd', plate: PLATE_COUNT }).success).toBe(
      false,
    );
    expect(buildSchema.safeParse({ id: 'c', partIds: ['a', 'b'] }).success).toBe(true);
  });
  test('preferences know three unit systems', () => {
    expect(preferencesSchema.safeParse({ units: 'uk', visited: true }).success).toBe(true);
    expect(preferencesSchema.safeParse({ units: 'cubits', visited: true }).success).toBe(false);
  });
  test('the empty dossier is empty', () => {
    expect(isEmptyDossier(EMPTY_DOSSIER)).toBe(true);
    expect(isEmptyDossier({ ...EMPTY_DOSSIER, donors: { x: newDonor('x') } })).toBe(false);
  });
});
