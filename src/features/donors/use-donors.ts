'use client';
import { useRouter, useSearchParams } from 'next/navigation';
import type { Donor } from '@/core/donor';
import { FIGURE_KEYS } from '@/core/readings';
import type { Change } from '@/store/history';
import { freePlate, newDonor, PLATE_COUNT, type Candidate } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { notify } from '@/ui/notice';

export interface DonorsModel {
  /** Shortlisted first, by plate, then by name. */
  readonly donors: readonly Donor[];
  readonly candidateOf: ReadonlyMap<string, Candidate>;
  readonly selected: Donor | undefined;
  readonly select: (id: string | undefined) => void;
  readonly add: () => void;
  readonly duplicate: (donor: Donor) => void;
  readonly remove: (donor: Donor) => void;
  readonly toggleShortlist: (donor: Donor) => void;
}

export const donorName = (donor: Donor): string => [donor.maker, donor.model].filter(Boolean).join(' ') || 'Unnamed donor';

/** Figures that count towards a full sheet; a power before restriction is only there for restricted versions. */
export const SHEET_KEYS = FIGURE_KEYS.filter((k) => k !== 'unrestrictedPower');
export const knownCount = (donor: Donor): number => SHEET_KEYS.filter((k) => donor.figures[k]).length;

export function useDonors(): DonorsModel {
  const store = useDossierStore();
  const { donors: table, candidates, builds } = useDossierState((s) => s.dossier);
  const router = useRouter();
  const id = useSearchParams().get('donor');
  const candidateOf = new Map(Object.values(candidates).map((c) => [c.donorId, c]));
  const plate = (d: Donor) => candidateOf.get(d.id)?.plate ?? PLATE_COUNT;
  const donors = Object.values(table).toSorted((a, b) => plate(a) - plate(b) || donorName(a).localeCompare(donorName(b), 'en'));
  const select = (next: string | undefined) => router.replace(next ? `/donors?donor=${encodeURIComponent(next)}` : '/donors', { scroll: false });

  const listing = (donorId: string): readonly Change[] => {
    const free = freePlate(Object.values(candidates));
    if (free === undefined) return [];
    const candidate: Candidate = { id: crypto.randomUUID(), donorId, plate: free };
    return [{ table: 'candidates', key: candidate.id, path: [], after: candidate }];
  };
  const create = (donor: Donor, code: string, facts: Record<string, string>) => {
    store.execute({ label: { code, facts }, changes: [{ table: 'donors', key: donor.id, path: [], after: donor }, ...listing(donor.id)] });
    select(donor.id);
  };
  const unlisting = (candidate: Candidate): readonly Change[] => [
    { table: 'candidates', key: candidate.id, path: [], before: candidate },
    ...(builds[candidate.id] ? [{ table: 'builds', key: candidate.id, path: [], before: builds[candidate.id] } as const] : []),
  ];

  return {
    donors, candidateOf, selected: id ? table[id] : undefined, select,
    add: () => create(newDonor(crypto.randomUUID()), 'add-donor', {}),
    duplicate: (donor) => create({ ...donor, id: crypto.randomUUID(), version: `${donor.version} (copy)`.trim() }, 'duplicate-donor', { name: donorName(donor) }),
    remove(donor) {
      const candidate = candidateOf.get(donor.id);
      const parts = candidate ? (builds[candidate.id]?.partIds.length ?? 0) : 0;
      store.execute({
        label: { code: 'delete-donor', facts: { name: donorName(donor) } },
        changes: [...(candidate ? unlisting(candidate) : []), { table: 'donors', key: donor.id, path: [], before: donor }],
      });
      select(undefined);
      const use = parts > 0 ? ` It was on the shortlist and carried a build of ${parts} parts; both went with it.` : candidate ? ' It was on the shortlist and left it.' : '';
      notify({ text: `${donorName(donor)} is deleted.${use}`, tone: 'plain', act: { word: 'Undo', run: () => store.undo() } });
    },
    toggleShortlist(donor) {
      const candidate = candidateOf.get(donor.id);
      if (candidate) {
        const parts = builds[candidate.id]?.partIds.length ?? 0;
        store.execute({ label: { code: 'unlist', facts: { name: donorName(donor) } }, changes: unlisting(candidate) });
        if (parts > 0) notify({ text: `${donorName(donor)} left the shortlist, and its build of ${parts} parts with it.`, tone: 'plain', act: { word: 'Undo', run: () => store.undo() } });
        return;
      }
      const changes = listing(donor.id);
      if (changes.length === 0) notify({ text: `The shortlist is full: it holds ${PLATE_COUNT}, one for each plate. Take one off first.`, tone: 'lasting' });
      else store.execute({ label: { code: 'shortlist', facts: { name: donorName(donor) } }, changes });
    },
  };
}
