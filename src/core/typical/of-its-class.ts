import {
  DONOR_CLASSES,
  kindOfMachine,
  type ClassChance,
  type Donor,
  type DonorClass,
} from '../donor';
import { fromRows, oneOf, ROWS, strataOf, type Known } from '../numeric';

import {
  typicalChances,
  type Chances,
  type OwnTypicalFacts,
  type TypicalFactKey,
} from './typical-facts';

/** Whose class it is. */
export type OfClass = Pick<Donor, 'id' | 'root' | 'donorClass' | 'likelyClasses'>;

/** A value of several, and how likely it is, 0–1. */
interface Answer {
  readonly value: number;
  readonly chance: number;
}

const columns = new WeakMap<readonly ClassChance[], Known>();

/**
 * Which class a machine is of, by its place in `DONOR_CLASSES`: in row 0 the one that was guessed, in the others each as often as it is
 * likely. Nothing where its class was said.
 */
export function classInRows({ likelyClasses, ...donor }: OfClass): Known | undefined {
  if (!likelyClasses) return undefined;
  const known = columns.get(likelyClasses);
  if (known) return known;
  const made = oneOf(
    `class/${kindOfMachine(donor)}`,
    DONOR_CLASSES.indexOf(donor.donorClass),
    likelyClasses.map(({ donorClass, chance }) => ({
      value: DONOR_CLASSES.indexOf(donorClass),
      chance,
    })),
  );
  columns.set(likelyClasses, made);
  return made;
}

/** The first answer with which the chances reach a share, the last where rounding leaves none. */
function answerAt(answers: readonly Answer[], share: number): number | undefined {
  let left = share;
  return (answers.find(({ chance }) => (left -= chance) <= 0) ?? answers.at(-1))?.value;
}

/**
 * A number that is one of several, as often as the machine's class has it: where the class is only guessed, as the class of that row has
 * it, so that whatever is typical of one class goes together.
 *
 * @param key of the source
 * @param mid its value in row 0
 * @param answersOf chances of a class; they add to 1
 */
export function oneOfItsClass(
  key: string,
  mid: number,
  donor: OfClass,
  answersOf: (donorClass: DonorClass) => readonly Answer[],
): Known {
  const classes = classInRows(donor)?.rows;
  if (!classes) return oneOf(key, mid, answersOf(donor.donorClass));
  return fromRows(mid, () => {
    const answers = DONOR_CLASSES.map(answersOf);
    return Float64Array.from(strataOf(key), (stratum, row) => {
      const ofRow = answers[classes[row] ?? 0] ?? [];
      return answerAt(ofRow, (stratum + 0.5) / ROWS) ?? mid;
    });
  });
}

/** How likely a machine has which answer to a fact, 0–1: as often as its class has it, or each of its likely classes. */
export function chancesOfMachine(
  { donorClass, likelyClasses = [{ donorClass, chance: 1 }] }: OfClass,
  fact: TypicalFactKey,
  own?: OwnTypicalFacts,
): Chances {
  const sums: Record<string, number> = {};
  for (const { donorClass: likely, chance } of likelyClasses) {
    const answers = Object.entries(typicalChances(likely, fact, own) ?? {});
    const all = answers.reduce((sum, [, share]) => sum + share, 0);
    for (const [option, share] of answers)
      sums[option] = (sums[option] ?? 0) + (chance * share) / all;
  }
  return sums;
}
