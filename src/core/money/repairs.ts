import type { Money } from '../brief';
import type { WeakPoint } from '../donor';
import { certain, unknown, type Estimate } from '../numeric';
import { inCurrency } from './in-currency';

/** What must be put right before the machine is used, in the brief's currency. One cost not known: the sum is not known. */
export function repairs(
  weakPoints: readonly WeakPoint[],
  money: Pick<Money, 'currency' | 'rates'>,
): Estimate {
  let sum = 0;
  const missing: string[] = [];
  for (const { mend, cost } of weakPoints) {
    if (!mend) continue;
    const own = cost && inCurrency(cost.amount, cost.currency, money);
    if (!own) missing.push('repairCost');
    else if (own.kind === 'no-rate') missing.push(`rate:${own.currency}`);
    else sum += own.amount;
  }
  return missing.length > 0 ? unknown(...missing) : certain(sum);
}
