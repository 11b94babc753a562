import type { FigureProposal } from '../proposal';
import { spelt } from '../vocabulary/letters';

/** "Fork moved 187 before it bottomed, shock 178": no spring's rate, where nothing speaks of springs. */
export const isNoRate = ({ key, doubts }: FigureProposal, text: string): boolean =>
  (key === 'shockRate' || key === 'forkRate') &&
  doubts.some((d) => d.code === 'unit-unsaid') &&
  !OF_SPRINGS.test(text);
const OF_SPRINGS = spelt(
  /spring|feder|ressort|muelle|molla|molle|veer|veren|fjäder|fjær|fjeder|mola|sprężyn|pružin|jous|rate|\/ ?mm/iu,
);
