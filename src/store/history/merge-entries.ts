import equal from 'fast-deep-equal';
import type { Change } from './command';

/** Two runs of changes as one: where both touch the same place, the first's `before` and the second's `after` stay. */
export function mergedChanges(
  first: readonly Change[],
  second: readonly Change[],
): readonly Change[] {
  const merged = [...first];
  for (const change of second) {
    const index = merged.findIndex(
      (c) => c.table === change.table && c.key === change.key && equal(c.path, change.path),
    );
    const old = merged[index];
    if (old) merged[index] = { ...old, after: change.after };
    else merged.push(change);
  }
  return merged;
}
