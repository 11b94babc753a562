import type { FitScore } from './fit-score';
import type { WantKey } from './wants';

/** What one want adds to the distance between two candidates. */
export interface Difference {
  readonly want: WantKey;
  /** Points of the first less points of the second. */
  readonly points: number;
  /** Both values are known. */
  readonly known: boolean;
}

/** Where the distance between two scores comes from, the largest first. The points add to the distance of the middles. */
export const differences = (first: FitScore, second: FitScore): readonly Difference[] =>
  first.contributions
    .map((c, i): Difference => {
      const other = second.contributions[i];
      return {
        want: c.want,
        points: c.points.mid - (other?.points.mid ?? 0),
        known: c.known && other?.known === true,
      };
    })
    .sort((a, b) => Math.abs(b.points) - Math.abs(a.points));
