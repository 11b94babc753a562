import { assess } from '@/core/assessment';
import type { Part } from '@/core/part';
import { fitScore } from '@/core/preference';
import type { Dossier } from '../records';
import { possibleAdditions } from './additions';
import { type Standing, type StandingCandidate } from './standing';

/** One more part, with what it needs, and what it brings. */
export interface NextBest {
  readonly added: readonly Part[];
  readonly cost: number;
  readonly points: number;
}

/** The single addition to the chosen build that brings most points for at most so much money; `undefined` when none helps. */
export function nextBest(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
  money: number,
): NextBest | undefined {
  const now = entry.builtScore.points.mid;
  const tried = possibleAdditions(dossier, standing.brief.money, entry.donor, [
    ...entry.aboard,
    ...entry.parts,
  ])
    .filter((a) => a.cost <= money)
    .map(
      ({ added, cost }): NextBest => ({
        added,
        cost,
        points:
          fitScore(
            assess({ ...entry.bare, parts: [...entry.parts, ...added] }).metrics,
            standing.curves,
            standing.weights,
          ).points.mid - now,
      }),
    );
  const [best] = tried
    .filter((t) => t.points > 0.05)
    .sort((a, b) => b.points - a.points || a.cost - b.cost);
  return best;
}
