import { DONOR_CLASSES, type ClassChance, type Donor, type DonorClass } from '../donor';
import { FACT_KEYS, factInUse } from '../facts';
import { unknown } from '../numeric';
import { normalFigure } from '../readings';
import {
  chancesOf,
  cylinderPoints,
  factPoints,
  figurePoints,
  GUESSED,
  isStrange,
  rimPoints,
  TELLING_FIGURES,
  TOLD,
  type TellingFigure,
} from './class-fit';

/** What the words of the text that a class was guessed from count for it beside the figures, in log points: own assumption. */
const WORDS_COUNT = 1;
/** Classes less likely than this are left out. */
const LEAST_CHANCE = 0.02;
const MM_PER_INCH = 25.4;

const found = new WeakMap<Donor, Donor>();

/**
 * A donor, and where its class is only guessed, the classes it may be of by all that its sheet says. The class guessed counts as told by
 * the text's words; since it is a guess, none is surer than a guess may be. The same donor gives the same object.
 */
export function withLikelyClasses(donor: Donor): Donor {
  if (!donor.classGuessed) return donor;
  const known = found.get(donor);
  if (known) return known;
  const made = { ...donor, likelyClasses: likelyClasses(donor) };
  found.set(donor, made);
  return made;
}

/** What a sheet says of its class, base units. */
interface Told {
  readonly figures: readonly (readonly [TellingFigure, number])[];
  readonly rim_in: number | undefined;
  readonly layout: string | undefined;
}

const amountOf = (donor: Donor, key: TellingFigure | 'wheelFront'): number | undefined => {
  const { estimate } = normalFigure(donor.figures, key, () => unknown(key));
  return estimate.kind === 'known' ? estimate.mid : undefined;
};

function toldOf(donor: Donor): Told {
  const rim = amountOf(donor, 'wheelFront');
  return {
    figures: TELLING_FIGURES.flatMap((key) => {
      const amount = amountOf(donor, key);
      return amount === undefined ? [] : [[key, amount] as const];
    }),
    rim_in: rim === undefined ? undefined : Math.round(rim / MM_PER_INCH),
    layout: factInUse(donor.facts?.layout)?.value,
  };
}

function pointsOf(donorClass: DonorClass, donor: Donor, told: Told): number {
  let sum = donorClass === donor.donorClass ? WORDS_COUNT : 0;
  for (const [key, amount] of told.figures) sum += figurePoints(donorClass, key, amount);
  if (told.rim_in !== undefined) sum += rimPoints(donorClass, told.rim_in);
  if (told.layout !== undefined) sum += cylinderPoints(donorClass, told.layout);
  for (const fact of FACT_KEYS) {
    const value = factInUse(donor.facts?.[fact])?.value;
    if (value !== undefined) sum += factPoints(donorClass, fact, value);
  }
  return sum;
}

/** The classes a machine may be of, the guessed one among them, the likeliest first; chances add to 1. */
function likelyClasses(donor: Donor): readonly ClassChance[] {
  const told = toldOf(donor);
  const points = DONOR_CLASSES.map((donorClass) => pointsOf(donorClass, donor, told));
  const best = DONOR_CLASSES[points.indexOf(Math.max(...points))];
  const strange = best && told.figures.some(([key, amount]) => isStrange(best, key, amount));
  const chances = noSurerThan(strange ? GUESSED : TOLD, points);
  const likely = DONOR_CLASSES.flatMap((donorClass, i) => {
    const chance = chances[i] ?? 0;
    return chance >= LEAST_CHANCE || donorClass === donor.donorClass
      ? [{ donorClass, chance }]
      : [];
  });
  const all = likely.reduce((sum, { chance }) => sum + chance, 0);
  return likely
    .map(({ donorClass, chance }) => ({ donorClass, chance: chance / all }))
    .toSorted((a, b) => b.chance - a.chance);
}

/** Log points drawn together until the likeliest is no surer than this: what makes it a guess weakens all that speaks for it alike. */
function noSurerThan(most: number, points: readonly number[]): readonly number[] {
  let [weak, strong] = [0, 1];
  const at = (share: number) => chancesOf(points.map((p) => p * share));
  if (Math.max(...at(1)) <= most) return at(1);
  // Even chances are the weakest, one in nine; twenty halvings are one in a million.
  for (let i = 0; i < 20; i += 1) {
    const middle = (weak + strong) / 2;
    if (Math.max(...at(middle)) > most) strong = middle;
    else weak = middle;
  }
  return at(weak);
}
