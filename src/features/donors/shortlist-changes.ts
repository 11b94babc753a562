import type { Change } from '@/store/history';
import { freePlate, removal, type Candidate, type Dossier } from '@/store/records';

export type ListChange = Change;

/** Puts donors on the shortlist, each with the lowest free plate, as many as there are plates for. */
export function listing(
  donorIds: readonly string[],
  candidates: Readonly<Record<string, Candidate>>,
): readonly ListChange[] {
  const taken = [...Object.values(candidates)];
  return donorIds.flatMap((donorId): ListChange[] => {
    const plate = freePlate(taken);
    if (plate === undefined) return [];
    const candidate: Candidate = { id: crypto.randomUUID(), donorId, plate };
    taken.push(candidate);
    return [{ table: 'candidates', key: candidate.id, path: [], after: candidate }];
  });
}

/** Takes candidates off the shortlist, and what cannot stand without them. */
export const unlisting = (listed: readonly Candidate[], dossier: Dossier): readonly ListChange[] =>
  removal(
    dossier,
    listed.map((c) => ({ table: 'candidates', key: c.id })),
  ).map((r) => ({ ...r, path: [] }));
