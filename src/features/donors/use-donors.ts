'use client';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { donorName, fullName, type Donor, type DonorKind } from '@/core/donor';
import { FACT_KEYS } from '@/core/facts';
import { FIGURE_KEYS } from '@/core/readings';
import { SHEET_KEYS } from '@/core/sheet';
import { resolvedDonors } from '@/store/queries';
import type { DossierStore } from '@/store/dossier-store';
import { newDonor, PLATE_COUNT, removal, type Candidate, type Dossier } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { notify } from '@/ui/notice';
import { listing, unlisting, type ListChange } from './shortlist-changes';

export interface DonorsModel {
  /** Own records by id, and the same with all they inherit. */
  readonly own: Readonly<Record<string, Donor>>;
  readonly resolved: ReadonlyMap<string, Donor>;
  readonly candidateOf: ReadonlyMap<string, Candidate>;
  readonly selected: Donor | undefined;
  /** Shown where none is selected: the first plate, else the first by name. */
  readonly first: Donor | undefined;
  readonly select: (id: string | undefined) => void;
  readonly add: () => void;
  /** Puts whole donors in, as made from a text, and onto the shortlist as far as there is room. */
  readonly putAll: (donors: readonly Donor[], code: string) => void;
  readonly addVariant: (base: Donor) => void;
  readonly addMachine: (base: Donor) => void;
  readonly duplicate: (donor: Donor) => void;
  readonly remove: (ids: readonly string[]) => void;
  readonly archive: (ids: readonly string[], archived: boolean) => void;
  readonly shortlist: (ids: readonly string[], on: boolean) => void;
}

/** Lines of the sheet that a donor knows; a power before restriction and its price of unlocking count only for restricted versions. */
const COUNTED = SHEET_KEYS.filter((k) => k !== 'unrestrictedPower' && k !== 'unlockPrice');
export const sheetSize = COUNTED.length;
export const knownCount = (donor: Donor): number =>
  FIGURE_KEYS.filter((k) => donor.figures[k] && k !== 'unrestrictedPower' && k !== 'unlockPrice')
    .length + FACT_KEYS.filter((k) => donor.facts?.[k]).length;

export function useDonors(): DonorsModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const router = useRouter();
  const id = useSearchParams().get('donor');
  // Stays the same while only the list's search changes, so that the sheet beside it is not drawn anew.
  return useMemo(
    () =>
      donorsModel({
        store,
        dossier,
        id,
        go: (path) => router.replace(path, { scroll: false }),
      }),
    [store, dossier, id, router],
  );
}

interface Setting {
  readonly store: DossierStore;
  readonly dossier: Dossier;
  readonly id: string | null;
  readonly go: (path: '/donors' | `/donors?donor=${string}`) => void;
}

function donorsModel({ store, dossier, id, go }: Setting): DonorsModel {
  const { donors: own, candidates, builds } = dossier;
  const resolved = resolvedDonors(dossier);
  const candidateOf = new Map(Object.values(candidates).map((c) => [c.donorId, c]));
  const select = (next: string | undefined) =>
    go(next ? `/donors?donor=${encodeURIComponent(next)}` : '/donors');
  const nameOf = (donorId: string) =>
    fullName(resolved.get(donorId) ?? own[donorId] ?? newDonor(donorId));
  const undo = { word: 'Undo', run: () => void store.undo() };

  const createAll = (donors: readonly Donor[], code: string, facts: Record<string, string>) => {
    store.execute({
      label: { code, facts },
      changes: [
        ...donors.map((d) => ({ table: 'donors' as const, key: d.id, path: [], after: d })),
        ...listing(
          donors.map((d) => d.id),
          candidates,
        ),
      ],
    });
    select(donors[0]?.id);
  };
  const create = (donor: Donor, code: string, facts: Record<string, string>) =>
    createAll([donor], code, facts);
  const blankChild = (base: Donor, version: string) => ({
    ...newDonor(crypto.randomUUID()),
    baseId: base.id,
    donorClass: base.donorClass,
    version,
  });

  return {
    own,
    resolved,
    candidateOf,
    select,
    selected: id ? resolved.get(id) : undefined,
    first: firstDonor(resolved, candidateOf),
    add: () => create(newDonor(crypto.randomUUID()), 'add-donor', {}),
    putAll: (donors, code) => {
      const [first] = donors;
      const name = donors.length === 1 && first ? donorName(first) : `${donors.length} donors`;
      createAll(donors, code, { name });
    },
    addVariant: (base) =>
      create({ ...blankChild(base, 'new variant'), kind: 'variant', variant: {} }, 'add-variant', {
        name: nameOf(base.id),
      }),
    addMachine: (base) =>
      create(
        {
          ...blankChild(base, 'one for sale'),
          kind: 'machine',
          state: 'for-sale',
          machine: { fitted: [] },
        },
        'add-listing',
        { name: nameOf(base.id) },
      ),
    duplicate: (donor) => {
      const record = own[donor.id] ?? donor;
      create(
        { ...record, id: crypto.randomUUID(), version: `${record.version} (copy)`.trim() },
        'duplicate-donor',
        { name: nameOf(donor.id) },
      );
    },
    remove(ids) {
      const gone = removal(
        dossier,
        ids.map((key) => ({ table: 'donors', key })),
      );
      const listed = gone.flatMap((r) => (r.table === 'candidates' ? [r.before as Candidate] : []));
      const parts = listed.reduce((sum, c) => sum + (builds[c.id]?.partIds.length ?? 0), 0);
      const [first = ''] = ids;
      const what = ids.length === 1 ? nameOf(first) : `${ids.length} donors`;
      const below = gone.filter((r) => r.table === 'donors').length - new Set(ids).size;
      store.execute({
        label: { code: 'delete-donor', facts: { name: what } },
        changes: gone.map((r) => ({ ...r, path: [] })),
      });
      select(undefined);
      const use =
        parts > 0
          ? ` ${listed.length === 1 ? 'It was' : `${listed.length} were`} on the shortlist and carried builds of ${parts} parts; they went with it.`
          : listed.length > 0
            ? ' It was on the shortlist and left it.'
            : '';
      notify({
        text: `${what} ${ids.length === 1 ? 'is' : 'are'} deleted.${below > 0 ? ` ${below} ${below === 1 ? 'variant or listing' : 'variants and listings'} went as well.` : ''}${use}`,
        tone: 'plain',
        act: undo,
      });
    },
    archive(ids, archived) {
      const changes = ids.map(
        (d) =>
          ({
            table: 'donors',
            key: d,
            path: ['archived'],
            before: own[d]?.archived,
            after: archived ? true : undefined,
          }) as const,
      );
      store.execute({
        label: {
          code: archived ? 'archive' : 'unarchive',
          facts: { name: ids.length === 1 ? nameOf(ids[0] ?? '') : `${ids.length} donors` },
        },
        changes,
      });
      notify({
        text: archived
          ? `Put away${ids.length === 1 ? '' : `: ${ids.length}`}. Tick “put away” under the search to see ${ids.length === 1 ? 'it' : 'them'}.`
          : 'Back in the list.',
        tone: 'plain',
        act: undo,
      });
    },
    shortlist(ids, on) {
      const facts = { name: ids.length === 1 ? nameOf(ids[0] ?? '') : `${ids.length} donors` };
      if (!on) {
        const listed = ids.flatMap((d) => candidateOf.get(d) ?? []);
        const parts = listed.reduce((sum, c) => sum + (builds[c.id]?.partIds.length ?? 0), 0);
        store.execute({ label: { code: 'unlist', facts }, changes: unlisting(listed, dossier) });
        if (parts > 0)
          notify({
            text: `${facts.name} left the shortlist, and its build of ${parts} parts with it.`,
            tone: 'plain',
            act: undo,
          });
        return;
      }
      const wanted = ids.filter((d) => !candidateOf.has(d));
      const changes: readonly ListChange[] = listing(wanted, candidates);
      if (changes.length > 0) store.execute({ label: { code: 'shortlist', facts }, changes });
      if (changes.length < wanted.length)
        notify({
          text: `The shortlist is full: it holds ${PLATE_COUNT}, one for each plate. Take one off first.`,
          tone: 'lasting',
        });
    },
  };
}

function firstDonor(
  resolved: ReadonlyMap<string, Donor>,
  candidateOf: ReadonlyMap<string, Candidate>,
): Donor | undefined {
  const plate = (d: Donor) => candidateOf.get(d.id)?.plate ?? PLATE_COUNT;
  return [...resolved.values()]
    .filter((d) => !d.archived)
    .reduce<Donor | undefined>(
      (best, d) =>
        best && (plate(best) - plate(d) || (fullName(best) < fullName(d) ? -1 : 1)) < 0 ? best : d,
      undefined,
    );
}

const KIND_WORDS: Readonly<Record<DonorKind, string>> = {
  model: 'model',
  variant: 'variant',
  machine: 'for sale',
};
const STATE_WORDS = { 'for-sale': 'for sale', owned: 'mine', sold: 'sold' } as const;
export const kindWord = (donor: Donor): string =>
  donor.kind === 'machine' ? STATE_WORDS[donor.state] : KIND_WORDS[donor.kind];
