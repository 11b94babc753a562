import type { Quantity } from '../../lattice/quantity';
import { gramsOf, mayMatch, neededGrams } from '../../vocabulary/grams';
import { spelt } from '../../vocabulary/letters';

/** Why a number is no figure of the machine that its text is about. */
export type BlockedBy = 'noise' | 'other-machine' | 'changed' | 'currency-unknown';

/** A pattern, and how far from the number it may reach, characters. */
type Words = readonly [pattern: RegExp, reach: number];

/** Words at a number that keep it from being a figure of this machine: all that are given have to be there. */
export interface Guard {
  readonly as: BlockedBy;
  /** Numbers that it is about; all where it does not say. */
  readonly of?: (q: Quantity, text: string) => boolean;
  /** What ends right before the number. */
  readonly before?: Words | undefined;
  /** What begins right behind it. */
  readonly behind?: Words | undefined;
}

const stands = ({ of, before, behind }: Guard, text: string, q: Quantity): boolean =>
  (of === undefined || of(q, text)) &&
  (before === undefined || before[0].test(text.slice(Math.max(0, q.from - before[1]), q.from))) &&
  (behind === undefined || behind[0].test(text.slice(q.to, q.to + behind[1])));

const looked = ([pattern, reach]: Words): Words => [spelt(pattern), reach];

/**
 * A table of guards as a question to ask of a sentence, then of each of its numbers: the reason of the last that stands, `undefined`
 * where none does. Guards whose words cannot be in the sentence are not tried at its numbers.
 */
export function guarded(
  guards: readonly Guard[],
): (text: string) => (q: Quantity) => BlockedBy | undefined {
  const known = guards.map((guard) => ({
    guard: {
      ...guard,
      before: guard.before && looked(guard.before),
      behind: guard.behind && looked(guard.behind),
    },
    needed: [guard.before, guard.behind].flatMap((w) => (w ? [neededGrams(w[0])] : [])),
  }));
  return (text) => {
    const grams = gramsOf(text);
    const may = known.filter(({ needed }) => needed.every((n) => mayMatch(n, grams)));
    return (q) => may.findLast(({ guard }) => stands(guard, text, q))?.guard.as;
  };
}
