import { expect, test } from 'vitest';
import { assess, METRIC_KEYS, type Metric, type MetricKey } from '@/core/assessment';
import { demoDossier } from '@/demo/scenario';
import { standing } from '@/store/queries';
import { formulaWords } from '@/ui/messages';

const bare = standing(demoDossier())?.candidates[0]?.bare;
if (!bare) throw new Error('the example has no candidate');
const assessed = assess({ ...bare, parts: [] });
const of = (key: MetricKey) => {
  const all: Partial<Record<MetricKey, Metric>> = { ...assessed.metrics, ...assessed.underLoad() };
  const metric = all[key];
  if (!metric) throw new Error(`no ${key}`);
  return formulaWords(metric.working.formula);
};

test('every metric has a formula and a source in words, with no constant left open', () => {
  expect(METRIC_KEYS.length).toBeGreaterThan(30);
  for (const key of METRIC_KEYS) {
    const { formula, source } = of(key);
    expect(formula.length, key).toBeGreaterThan(8);
    expect(source.length, key).toBeGreaterThan(5);
    expect(`${formula} ${source}`, key).not.toMatch(/undefined|NaN|\[object/);
  }
});

// Written down by hand from reference.md's constants and the fixed table of own assumptions in docs/formulas.md.
test.each<[MetricKey, RegExp]>([
  ['powerThere', /\(99 ÷ pressure\)\^1\.2 × \(temperature ÷ 298\)\^0\.6/],
  ['standingRoom', /870 mm \+ a third of what stature is over 1\.78 m/],
  ['wattsLeft', /alternator × 0\.9 at the cruise/],
  ['lift', /sin 70°/],
  ['rollOn', /from 80 to 110 km\/h/],
  ['protection', /0\.35.*0\.3.*0\.2.*0\.15/],
])('%s names the constants it was computed with', (key, words) => {
  expect(of(key).formula).toMatch(words);
});

test.each<[MetricKey, RegExp]>([
  ['suspension', /within 10 % of the rider/],
  ['outlay', /else 3–8 % of the list price/],
  ['sagFront', /±8 mm .* 30 % for the rider/],
])('%s names the constants of its source', (key, words) => {
  expect(of(key).source).toMatch(words);
});

test('resale: 82 % after the first year of a new machine and 90 % a year after; 92 % a year of a used one', () => {
  const words = (isNew: boolean) =>
    formulaWords({
      code: 'resale',
      facts: { isNew, newFirst: 0.18, newLater: 0.1, used: 0.08 },
    }).formula;
  expect(words(true)).toBe('price × 0.82 × 0.9 for each later year kept');
  expect(words(false)).toBe('price × 0.92 for each year kept');
});
