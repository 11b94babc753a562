import type { Money } from '../brief';
import type { Part } from '../part';
import { buildCost } from './build-cost';

/**
 * What parts that already sit on a machine are worth to this rider, in the brief's currency: what the build would otherwise
 * pay for them and their fitting, less wear (0 new, 1 worn out). Not what the seller paid. Parts without an exchange rate are named.
 */
export function fittedWorth(
  fitted: readonly { readonly part: Part; readonly wear: number }[],
  money: Money,
): { readonly worth: number; readonly noRate: readonly string[] } {
  const costs = fitted.map(({ part, wear }) => ({ wear, cost: buildCost([part], money) }));
  return {
    worth: costs.reduce((sum, { wear, cost }) => sum + (cost.parts + cost.fitting) * (1 - wear), 0),
    noRate: costs.flatMap(({ cost }) => cost.noRate.map((r) => r.partId)),
  };
}
