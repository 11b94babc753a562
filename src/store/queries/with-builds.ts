import { assess } from '@/core/assessment';
import { kindOfMachine } from '@/core/donor';
import type { Part } from '@/core/part';
import { fitScore, rank } from '@/core/preference';
import type { Standing, StandingCandidate } from './standing';

/**
 * The shortlist with other parts than the chosen ones on each machine: the best for the money, say. Machines for which there are none
 * stand as they are.
 */
export function withBuilds(
  standing: Standing,
  partsOf: (entry: StandingCandidate) => readonly Part[],
): Standing {
  const { curves, weights } = standing;
  const candidates = standing.candidates.map((entry): StandingCandidate => {
    const parts = partsOf(entry);
    const built = parts.length === 0 ? entry.stock : assess({ ...entry.bare, parts });
    return {
      ...entry,
      parts,
      built,
      builtScore: fitScore(built.metrics, curves, weights, kindOfMachine(entry.donor)),
    };
  });
  return {
    ...standing,
    candidates,
    builtRanking: rank(
      candidates.map((c) => ({ id: c.candidate.id, score: c.builtScore, musts: c.built.musts })),
    ),
  };
}
