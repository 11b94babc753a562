import { assess } from '@/core/assessment';
import { kindOfMachine } from '@/core/donor';
import type { Part } from '@/core/part';
import { fitScore, rank } from '@/core/preference';
import type { Standing, StandingCandidate } from './standing';

interface Made {
  readonly curves: Standing['curves'];
  readonly weights: Standing['weights'];
  readonly entry: StandingCandidate;
}

/** What was last made of each: while a planner finds one build after the other, only the machine that got a new one is assessed. */
const lastMade = new WeakMap<StandingCandidate, Made>();

function withParts(
  { curves, weights }: Standing,
  entry: StandingCandidate,
  parts: readonly Part[],
): StandingCandidate {
  const last = lastMade.get(entry);
  if (
    last?.curves === curves &&
    last.weights === weights &&
    last.entry.parts.length === parts.length &&
    last.entry.parts.every((p, i) => p === parts[i])
  )
    return last.entry;
  const built = parts.length === 0 ? entry.stock : assess({ ...entry.bare, parts });
  const made = {
    ...entry,
    parts,
    built,
    builtScore: fitScore(built.metrics, curves, weights, kindOfMachine(entry.donor)),
  };
  lastMade.set(entry, { curves, weights, entry: made });
  return made;
}

/**
 * The shortlist with other parts than the chosen ones on each machine: the best for the money, say. Machines for which there are none
 * stand as they are.
 */
export function withBuilds(
  standing: Standing,
  partsOf: (entry: StandingCandidate) => readonly Part[],
): Standing {
  const candidates = standing.candidates.map((entry) => withParts(standing, entry, partsOf(entry)));
  return {
    ...standing,
    candidates,
    builtRanking: rank(
      candidates.map((c) => ({ id: c.candidate.id, score: c.builtScore, musts: c.built.musts })),
    ),
  };
}
