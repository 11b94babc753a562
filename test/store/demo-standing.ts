import { demoDossier } from '@/demo/scenario';
import { standing, type Standing, type StandingCandidate } from '@/store/queries';
import type { Dossier } from '@/store/records';

/** The example and where its shortlist stands, for tests. */
export const dossier = demoDossier();

export function standingOf(of: Dossier): Standing {
  const result = standing(of);
  if (!result) throw new Error('no brief');
  return result;
}

export function entryOf(of: Standing, id: string): StandingCandidate {
  const entry = of.candidates.find((c) => c.candidate.id === id);
  if (!entry) throw new Error(id);
  return entry;
}
