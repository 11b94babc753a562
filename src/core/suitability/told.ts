import { kindOfMachine, type Donor, type DonorClass } from '../donor';
import { factInUse, type FactKey } from '../facts';
import { oneOfItsClass, typicalChances, type OwnTypicalFacts } from '../typical';
import type { IndexReason } from './weighted-index';

/** Whose facts they are. */
export type Whose = Pick<Donor, 'id' | 'root' | 'donorClass' | 'likelyClasses' | 'facts'> & {
  /** What the rider holds typical of classes. */
  readonly usualFacts?: OwnTypicalFacts | undefined;
};

/**
 * A reason from a fact of the sheet: each option has its worth. One that nobody has told counts as the worst answer it may have, so that
 * saying "none" never costs more than saying nothing; in the table of draws it is what its class has, as often as the class has it.
 */
export function told(
  donor: Whose,
  name: FactKey,
  weight: number,
  worths: Readonly<Record<string, number>>,
): IndexReason {
  const says = factInUse(donor.facts?.[name])?.value;
  const worth = says === undefined ? undefined : worths[says];
  if (worth !== undefined) return { name, weight, says, worth };
  const all = Object.entries(worths);
  const answersOf = (donorClass: DonorClass) => {
    const chances = typicalChances(donorClass, name, donor.usualFacts);
    const sum = all.reduce((total, [option]) => total + (chances?.[option] ?? 0), 0);
    return all.map(([option, value]) => ({
      value,
      chance: chances && sum > 0 ? (chances[option] ?? 0) / sum : 1 / all.length,
    }));
  };
  const worst = Math.min(...Object.values(worths));
  return {
    name,
    weight,
    says,
    worth,
    standIn: oneOfItsClass(`fact/${kindOfMachine(donor)}/${name}`, worst, donor, answersOf),
  };
}
