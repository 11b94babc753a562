import { apportion } from '../numeric';
import { GROUNDS, type Ground, type GroundShares } from './brief';

export type SharesFault =
  | { readonly code: 'share-out-of-range'; readonly asked: number }
  | {
      readonly code: 'shares-locked';
      readonly asked: number;
      readonly locked: number;
      readonly free: number;
    };

export type Rebalanced =
  | { readonly kind: 'shares'; readonly shares: GroundShares }
  | { readonly kind: 'fault'; readonly fault: SharesFault };

/**
 * Sets one ground's share and moves the others, in proportion, so that all still add to 100.
 * Shares the rider has locked stay; when they leave no room the change is refused.
 *
 * @param asked whole percent, 0–100
 */
export function rebalanceShares(
  shares: GroundShares,
  changed: Ground,
  asked: number,
  locked: ReadonlySet<Ground> = new Set(),
): Rebalanced {
  if (!Number.isInteger(asked) || asked < 0 || asked > 100)
    return { kind: 'fault', fault: { code: 'share-out-of-range', asked } };
  const held = GROUNDS.filter((g) => g !== changed && locked.has(g));
  const free = GROUNDS.filter((g) => g !== changed && !locked.has(g));
  const heldSum = held.reduce((sum, g) => sum + shares[g], 0);
  const rest = 100 - asked - heldSum;
  if (rest < 0 || (free.length === 0 && rest !== 0)) {
    return {
      kind: 'fault',
      fault: { code: 'shares-locked', asked, locked: heldSum, free: 100 - heldSum },
    };
  }
  const parts = apportion(
    free.map((g) => shares[g]),
    rest,
  );
  const next = { ...shares, [changed]: asked } as Record<Ground, number>;
  free.forEach((g, i) => {
    next[g] = parts[i] ?? 0;
  });
  return { kind: 'shares', shares: next };
}
