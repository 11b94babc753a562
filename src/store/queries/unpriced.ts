import type { Money } from '@/core/brief';
import { donorLine, type DonorTable } from '@/core/donor';
import { partPrice } from '@/core/money';
import { fitsDonor, type Part } from '@/core/part';
import type { CurrencyCode } from '@/core/units';
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
  const unpriced = Object.values(parts).filter((part) => partPrice(part, money).kind === 'no-rate');
  if (unpriced.length === 0) return unpriced;
  const stands = candidates.map(({ candidate, donor, aboard }) => ({
    donor,
    line: donorLine(donors, candidate.donorId).map((d) => d.id),
    aboard: new Set(aboard.map((p) => p.id)),
  }));
  return unpriced.filter((part) =>
    stands.some((s) => !s.aboard.has(part.id) && fitsDonor(part, s.donor, s.line)),
  );
}

/** Currencies of shipped parts whose typical prices only a nominal rate brings into the brief's currency. */
export const nominalCurrencies = (
  parts: Readonly<Record<string, Part>>,
  money: Pick<Money, 'currency' | 'rates'>,
): readonly CurrencyCode[] => [
  ...new Set(
    Object.values(parts)
      .filter((part) => partPrice(part, money).kind === 'nominal')
      .map((part) => part.price.currency),
  ),
];

/** Parts without a price in the brief's currency. */
export interface Unpriced {
  readonly count: number;
  readonly currencies: readonly CurrencyCode[];
}

/** How many parts no plan of these candidates can weigh, and whose rates are missing. */
export function unpricedFor(...of: Parameters<typeof unpricedParts>): Unpriced {
  const found = unpricedParts(...of);
  return {
    count: found.length,
    currencies: [...new Set(found.map((part) => part.price.currency))],
  };
}
