import { assess } from '@/core/assessment';
import { kindOfMachine } from '@/core/donor';
import { meanOf } from '@/core/numeric';
import type { Part } from '@/core/part';
import { fitScore } from '@/core/preference';
import { lookFirst } from '@/core/suitability';
import type { Dossier } from '../records';
import { possibleAdditions } from './additions';
import { type Standing, type StandingCandidate } from './standing';

/** One more part, with what it needs, and what it brings. */
export interface NextBest {
  readonly added: readonly Part[];
  readonly cost: number;
  readonly points: number;
  /** The same on average over what the machine's class has, where nobody has told whether it has what these bring. */
  readonly mean?: number | undefined;
}

/**
 * The single addition to the chosen build that brings most points for at most so much money; `undefined` when none helps. What the
 * machine may have already counts with its mean.
 */
export function nextBest(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
  money: number,
): NextBest | undefined {
  const { curves, weights, brief } = standing;
  const now = entry.builtScore.total;
  const tried = possibleAdditions(dossier, brief.money, entry.donor, [
    ...entry.aboard,
    ...entry.parts,
  ])
    .filter((a) => a.cost <= money)
    .map(({ added, cost }): NextBest => {
      const full = assess({ ...entry.bare, parts: [...entry.parts, ...added] });
      const { total } = fitScore(full.metrics, curves, weights, kindOfMachine(entry.donor));
      const untold = lookFirst(added, entry.donor).length > 0;
      return {
        added,
        cost,
        points: total.mid - now.mid,
        mean: untold ? meanOf(total) - meanOf(now) : undefined,
      };
    });
  const expected = ({ points, mean = points }: NextBest) => mean;
  const [best] = tried
    .filter((t) => expected(t) > 0.05)
    .sort((a, b) => expected(b) - expected(a) || a.cost - b.cost);
  return best;
}
