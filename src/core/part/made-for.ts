import type { Donor } from '../donor';
import { certain } from '../numeric';
import { normalFigure, readingInUse } from '../readings';
import { isCurrency } from '../units';
import type { Part } from './part';

const made = new WeakMap<Donor, Map<Part, Part>>();

/**
 * A part as it is for one donor. Unlocking sets the power that the donor's sheet names unrestricted, for the price that stands there; all
 * other parts are the same for everybody. The same object for the same two.
 */
export function madeFor(part: Part, donor: Donor): Part {
  if (!part.flags.includes('unlocks')) return part;
  let known = made.get(donor);
  if (!known) made.set(donor, (known = new Map<Part, Part>()));
  let own = known.get(part);
  if (!own) known.set(part, (own = unlocking(part, donor)));
  return own;
}

function unlocking(part: Part, donor: Donor): Part {
  const { estimate } = normalFigure(donor.figures, 'unrestrictedPower', () => certain(0), donor);
  const price = readingInUse(donor.figures.unlockPrice);
  return {
    ...part,
    effects:
      estimate.kind === 'known'
        ? [...part.effects, { figure: 'power', change: 'set', amount: estimate.mid }]
        : part.effects,
    ...(price && isCurrency(price.unit)
      ? { price: { amount: price.amount, currency: price.unit } }
      : {}),
  };
}

/** Fuel carried loose in cans and bladders, L: what parts flagged as such add to the tank, as far as it may be carried. */
export const looseFuel = (parts: readonly Part[]): number =>
  Math.min(
    LOOSE_LIMIT_L,
    parts
      .filter(isLoose)
      .flatMap((p) => p.effects)
      .reduce((sum, e) => sum + (e.figure === 'tank' && e.change === 'add' ? e.amount : 0), 0),
  );

/** Fuel carried outside the tank is no tank: it is poured in at a stop, and weighs like luggage. */
export const isLoose = ({ flags }: Pick<Part, 'flags'>): boolean => flags.includes('fuel-can');

/** No more loose fuel than this is counted on, L: laws and sense limit it; check the local rules. Own assumption. */
export const LOOSE_LIMIT_L = 10;
