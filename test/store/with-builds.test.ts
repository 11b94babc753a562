import { expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { partsOf, standing, withBuilds, type Standing } from '@/store/queries';

const dossier = demoDossier();
const shown = standing(dossier);
if (!shown) throw new Error('no standing');
const PARTS = Object.values(partsOf(dossier)).filter((p) => p.effects.length > 0);
const [first, second] = PARTS;
if (!first || !second) throw new Error('no parts');

/** The first machine with this part, the others bare. */
const oneWith = (of: Standing, part: typeof first): Standing =>
  withBuilds(of, (entry) => (entry === of.candidates[0] ? [part] : []));
const points = (of: Standing) => of.candidates.map((c) => c.builtScore.points.mid);

test('while builds are found one after the other, only the machine that got another is made anew', () => {
  const before = oneWith(shown, first);
  const again = oneWith(shown, first);
  const after = oneWith(shown, second);
  expect(again.candidates).toEqual(before.candidates);
  again.candidates.forEach((c, i) => expect(c).toBe(before.candidates[i]));
  expect(after.candidates[0]).not.toBe(before.candidates[0]);
  expect(after.candidates[0]?.parts).toEqual([second]);
  expect(after.candidates.length).toBeGreaterThan(1);
  after.candidates.slice(1).forEach((c, i) => expect(c).toBe(before.candidates[i + 1]));
});

test('what was made before says the same as what is made at once', () => {
  const kept = oneWith(shown, first);
  // Entries of their own: nothing was ever made of them.
  const fresh = oneWith({ ...shown, candidates: shown.candidates.map((c) => ({ ...c })) }, first);
  expect(points(kept)).toEqual(points(fresh));
  expect(kept.builtRanking.map((r) => [r.id, r.place, r.chance])).toEqual(
    fresh.builtRanking.map((r) => [r.id, r.place, r.chance]),
  );
});

test('other weights make the score anew, and a part that was edited is another part', () => {
  const before = oneWith(shown, first);
  const heavy = { ...shown, weights: { ...shown.weights, outlay: shown.weights.outlay + 0.2 } };
  expect(points(oneWith(heavy, first))[1]).not.toBe(points(before)[1]);
  const edited = { ...first, name: `${first.name}, second form` };
  expect(oneWith(shown, edited).candidates[0]).not.toBe(before.candidates[0]);
});
