import type { Ranked } from './rank';

/** Who stands first in a state of the shortlist, and what that is worth. Every screen that names a leader reads this. */
export interface Leading {
  /** `kept`: they keep every must. `doubtful`: nobody does, they come nearest. `broken`: everybody breaks one. `none`: nobody is there. */
  readonly kind: 'kept' | 'doubtful' | 'broken' | 'none';
  /** The first and all that are level with it. */
  readonly first: readonly Ranked[];
}

/** Who leads a ranking: the first of the best group that anybody is in. */
export function leading(ranking: readonly Ranked[]): Leading {
  const [head] = ranking;
  if (!head) return { kind: 'none', first: [] };
  const first = head.place === undefined ? [head] : ranking.filter((r) => r.place === head.place);
  return { kind: head.group, first };
}
