import type { Known } from '../numeric';
import { isLevel, type Contender, type Ranked } from './rank';

/** Who stands first in a state of the shortlist, and what that is worth. Every screen that names a leader reads this. */
export interface Leading {
  /** `kept`: they keep every must. `doubtful`: nobody does, they come nearest. `broken`: everybody breaks one. `none`: nobody is there. */
  readonly kind: 'kept' | 'doubtful' | 'broken' | 'none';
  /** The first and all that are level with it. */
  readonly first: readonly Ranked[];
}

const ALWAYS: Known = { kind: 'known', mid: 1, interval: { low: 1, mid: 1, high: 1 } };
/** Where everybody breaks a must, no row is left in which two keep theirs: they are set against each other by points alone. */
const onPoints = ({ score }: Ranked): Contender => ({ total: score.total, keeps: ALWAYS });

/** Who leads a ranking: the first of the best group that anybody is in. */
export function leading(ranking: readonly Ranked[]): Leading {
  const [head] = ranking;
  if (!head) return { kind: 'none', first: [] };
  const first =
    head.place === undefined
      ? ranking.filter((r) => r === head || isLevel(onPoints(head), onPoints(r)))
      : ranking.filter((r) => r.place === head.place);
  return { kind: head.group, first };
}
