import type { Change } from '@/store/history';
import { freePlate, type Build, type Candidate } from '@/store/records';

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

/** Takes candidates off the shortlist, their builds with them. */
export const unlisting = (
  listed: readonly Candidate[],
  builds: Readonly<Record<string, Build>>,
): readonly ListChange[] =>
  listed.flatMap((candidate) => [
    { table: 'candidates', key: candidate.id, path: [], before: candidate },
    ...(builds[candidate.id]
      ? [{ table: 'builds', key: candidate.id, path: [], before: builds[candidate.id] } as const]
      : []),
  ]);
