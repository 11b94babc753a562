import type { Money } from '@/core/brief';
import { donorLine, type Donor, type DonorTable } from '@/core/donor';
import { partPrice } from '@/core/money';
import { fitsDonor, type Part } from '@/core/part';
import { isCurrency, type CurrencyCode } from '@/core/units';
import type { StandingCandidate } from './standing';

/**
 * Parts that could be fitted to one of these candidates and have no price in the brief's currency, for want of an exchange rate: no
 * plan can weigh them, so nothing may be called the best before that is said. Parts that are aboard already are not counted.
 */
export function unpricedParts(
  parts: Readonly<Record<string, Part>>,
  donors: DonorTable,
  candidates: readonly StandingCandidate[],
  money: Pick<Money, 'currency' | 'rates'>,
): readonly Part[] {
  return thatFit(
    Object.values(parts).filter((part) => partPrice(part, money).kind === 'no-rate'),
    donors,
    candidates,
  );
}

/** Those of some parts that could be fitted to one of these candidates and are not aboard it. */
function thatFit(
  parts: readonly Part[],
  donors: DonorTable,
  candidates: readonly StandingCandidate[],
): readonly Part[] {
  if (parts.length === 0) return parts;
  const stands = candidates.map(({ candidate, donor, aboard }) => ({
    donor,
    line: donorLine(donors, candidate.donorId).map((d) => d.id),
    aboard: new Set(aboard.map((p) => p.id)),
  }));
  return parts.filter((part) =>
    stands.some((s) => !s.aboard.has(part.id) && fitsDonor(part, s.donor, s.line)),
  );
}

/** Parts or machines whose price in the brief's currency is wanting or rough. */
export interface Unpriced {
  readonly count: number;
  readonly currencies: readonly CurrencyCode[];
}

const counted = (found: readonly Part[]): Unpriced => ({
  count: found.length,
  currencies: [...new Set(found.map((part) => part.price.currency))],
});

/** How many parts no plan of these candidates can weigh, and whose rates are missing. */
export const unpricedFor = (...of: Parameters<typeof unpricedParts>): Unpriced =>
  counted(unpricedParts(...of));

/** How many shipped parts that fit these candidates have a price that only a nominal rate brings into the brief's currency, and from which. */
export const nominalFor = (
  ...[parts, donors, candidates, money]: Parameters<typeof unpricedParts>
): Unpriced =>
  counted(
    thatFit(
      Object.values(parts).filter((part) => partPrice(part, money).kind === 'nominal'),
      donors,
      candidates,
    ),
  );

const RATE = 'rate:';

/** Candidates whose price a missing rate keeps out of the sums; where it is one, which. */
export interface Unrated extends Unpriced {
  readonly only?: Donor;
}

/** How many candidates cost nobody knows how much for want of an exchange rate, and whose rates are missing. */
export function withoutRate(candidates: readonly StandingCandidate[]): Unrated {
  const unrated = candidates.flatMap(({ donor, stock }) => {
    const outlay = stock.metrics.outlay.estimate;
    const missing =
      outlay.kind === 'unknown' ? outlay.missing.filter((name) => name.startsWith(RATE)) : [];
    return missing.length > 0 ? [{ donor, missing }] : [];
  });
  const [one, ...others] = unrated;
  return {
    count: unrated.length,
    currencies: [
      ...new Set(unrated.flatMap(({ missing }) => missing.map((name) => name.slice(RATE.length)))),
    ].filter(isCurrency),
    ...(one && others.length === 0 ? { only: one.donor } : {}),
  };
}
