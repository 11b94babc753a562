import type { Estimate } from '../numeric';
import { applyParts, applySets, looseFuel, madeFor, type Part, type PartFlag } from '../part';
import type { NormalFigures } from '../readings';
import type { SuspensionEnd } from '../suspension';
import type { Case } from './case';

const middleOf = (estimate: Estimate): number => (estimate.kind === 'known' ? estimate.mid : 0);

/** A machine with the parts of a case on it. */
export function machineOf({
  of,
  stock,
}: {
  readonly of: Pick<Case, 'donor' | 'parts' | 'aboard'>;
  readonly stock: NormalFigures;
}) {
  const { donor, aboard } = of;
  const parts = of.parts.map((part) => madeFor(part, donor));
  const standing =
    aboard.parts.length === 0
      ? stock
      : {
          ...applyParts(
            stock,
            aboard.parts.map((part) => madeFor(part, donor)),
          ),
          ...Object.fromEntries(aboard.readOnIt.map((key) => [key, stock[key]])),
        };
  const figures = applyParts(standing, parts);
  const fitted = [...aboard.parts.map((part) => madeFor(part, donor)), ...parts];
  const facts = applySets(donor.facts, fitted);
  return {
    parts,
    figures,
    fitted,
    donor: facts === donor.facts ? donor : { ...donor, facts },
    suspension: { sprungToRider: sprungEnds(fitted) },
    sheetMass: stock.mass.estimate,
    added_kg: middleOf(figures.mass.estimate) - middleOf(stock.mass.estimate),
    looseFuel_L: looseFuel(fitted),
    gripsRaised_mm: gripsRaised(parts),
  };
}

/** How much further apart parts put grips and pegs, mm. */
const gripsRaised = (parts: readonly Part[]): number =>
  parts
    .flatMap((part) => part.effects)
    .reduce(
      (sum, { figure, change, amount }) =>
        change !== 'add' || (figure !== 'barHeight' && figure !== 'pegHeight')
          ? sum
          : sum + (figure === 'barHeight' ? amount : -amount),
      0,
    );

const SPRUNG: Readonly<Record<SuspensionEnd, PartFlag>> = {
  front: 'springs-front',
  rear: 'springs-rear',
};
const sprungEnds = (parts: readonly Part[]): ReadonlySet<SuspensionEnd> =>
  new Set(
    (['front', 'rear'] as const).filter((end) => parts.some((p) => p.flags.includes(SPRUNG[end]))),
  );
