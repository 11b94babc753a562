import { factInUse, type FactKey } from '../facts';
import type { Part } from '../part';
import { isTypicalFact, typicalChances } from '../typical';
import type { Whose } from './told';

/** Facts that a machine may have of itself and a part brings; the last two say how much of a fork or shock can be adjusted. */
const MAY_BE_THERE: readonly FactKey[] = [
  'screen',
  'handGuards',
  'sumpGuard',
  'wheelType',
  'forkAdjust',
  'shockAdjust',
];

/** Where fewer of a class than so many in a hundred have any (of rims: these), a part is hardly there already. Own assumption. */
const LEAST_CHANCE = 20;

/** A part, and what it brings that the machine may have already. */
export interface LookFirst {
  readonly part: Part;
  readonly facts: readonly FactKey[];
}

/**
 * Parts of a build that bring something of which nobody has told whether the machine has it. The sum behind a build takes the worst
 * answer, so that such a part may be worth less than it says, or be there already. Facts that hardly a machine of the class has are
 * left out; of a class without chances for a fact nothing is left out.
 */
export function lookFirst(parts: readonly Part[], donor: Whose): readonly LookFirst[] {
  const maybe = (fact: FactKey, value: string): boolean => {
    if (factInUse(donor.facts?.[fact])) return false;
    const chances = isTypicalFact(fact)
      ? typicalChances(donor.donorClass, fact, donor.usualFacts)
      : undefined;
    if (chances === undefined) return true;
    const has = chances.none === undefined ? (chances[value] ?? 0) : 100 - chances.none;
    return has >= LEAST_CHANCE;
  };
  return parts.flatMap((part) => {
    const facts = MAY_BE_THERE.filter((fact) => {
      const value = part.sets?.[fact];
      return value !== undefined && maybe(fact, value);
    });
    return facts.length > 0 ? [{ part, facts }] : [];
  });
}
