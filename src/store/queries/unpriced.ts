import type { Money } from '@/core/brief';
import { donorLine, type DonorTable } from '@/core/donor';
import { inCurrency } from '@/core/money';
import { fitsDonor, type Part } from '@/core/part';
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
  const unpriced = Object.values(parts).filter(
    ({ price }) => inCurrency(price.amount, price.currency, money).kind === 'no-rate',
  );
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
