'use client';
import equal from 'fast-deep-equal';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { fullName, type DonorClass } from '@/core/donor';
import { fitsDonor, hasWords, PART_KINDS, type Part, type PartKind } from '@/core/part';
import { partColumns, partTable, readPartRow } from '@/core/tables';
import { SHIPPED } from '@/core/catalogue';
import type { Change } from '@/store/history';
import { moneyOf, partsOf, resolvedDonors } from '@/store/queries';
import { readText } from '@/store/files';
import { CATALOGUE_KEY, removal, type Dossier } from '@/store/records';
import { csvText, downloadFile, parseCsvFile } from '@/store/tables';
import { useDossierState, useDossierStore, usePreferences } from '@/store/react';
import { partCellFaultWords, recordFaultWords, tableFaultWords, type Reader } from '@/ui/messages';
import { notify } from '@/ui/notice';

export interface PartFilter {
  readonly search: string;
  readonly kind: PartKind | undefined;
  readonly donorClass: DonorClass | undefined;
  readonly onlyOwn: boolean;
}

export interface CatalogueModel {
  readonly parts: Readonly<Record<string, Part>>;
  readonly groups: readonly { readonly kind: PartKind; readonly parts: readonly Part[] }[];
  readonly found: number;
  readonly total: number;
  readonly filter: PartFilter;
  readonly setFilter: (change: Partial<PartFilter>) => void;
  readonly selected: Part | undefined;
  readonly select: (id: string | undefined) => void;
  readonly reader: Reader;
  readonly donorName: (id: string) => string;
  readonly donors: readonly { readonly id: string; readonly name: string }[];
  /** Builds and listings that carry the part. */
  readonly usedBy: (id: string) => number;
  readonly add: () => void;
  readonly copy: (part: Part) => void;
  readonly edit: <K extends keyof Part>(
    part: Part,
    field: K,
    after: Part[K],
  ) => ReturnType<ReturnType<typeof useDossierStore>['execute']>;
  readonly remove: (part: Part) => void;
  readonly write: () => void;
  /** Rows a read table was refused for. */
  readonly refused: readonly string[];
  readonly read: (file: File) => Promise<void>;
}

const EVERYTHING: PartFilter = {
  search: '',
  kind: undefined,
  donorClass: undefined,
  onlyOwn: false,
};
const FAULTS_SHOWN = 12;

/** A shipped part that is taken out stays out. */
function withoutShipped({ catalogues }: Dossier, id: string): readonly Change[] {
  const use = catalogues[CATALOGUE_KEY];
  if (!use || !Object.hasOwn(SHIPPED.parts, id) || use.without.includes(id)) return [];
  return [
    {
      table: 'catalogues',
      key: CATALOGUE_KEY,
      path: ['without'],
      before: use.without,
      after: [...use.without, id],
    },
  ];
}

export function useCatalogue(): CatalogueModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const [{ units }] = usePreferences();
  const [filter, setFilter] = useState(EVERYTHING);
  const asked = useSearchParams().get('part');
  // Until the rider picks or closes one here, the one that the address names is open.
  const [picked, setPicked] = useState<string | null>();
  const select = (id: string | undefined) => setPicked(id ?? null);
  const selectedId = (picked === undefined ? asked : picked) ?? undefined;
  const [refused, setRefused] = useState<readonly string[]>([]);
  const { builds, donors } = dossier;
  const parts = partsOf(dossier);
  const { currency } = moneyOf(dossier);
  const all = Object.values(parts).sort((a, b) => a.name.localeCompare(b.name, 'en'));
  const found = all.filter(
    (p) =>
      (filter.kind === undefined || p.kind === filter.kind) &&
      (!filter.onlyOwn || p.own) &&
      (filter.donorClass === undefined ||
        fitsDonor(p, { id: '', donorClass: filter.donorClass })) &&
      hasWords(p, filter.search),
  );
  const names = [...resolvedDonors(dossier).values()].map((d) => ({
    id: d.id,
    name: fullName(d),
  }));
  const nameOf = new Map(names.map((d) => [d.id, d.name]));
  const put = (part: Part, code: string) => {
    store.execute({
      label: { code, facts: { name: part.name } },
      changes: [{ table: 'parts', key: part.id, path: [], after: part }],
    });
    setFilter(EVERYTHING);
    select(part.id);
  };
  const undo = { word: 'Undo', run: () => void store.undo() };

  return {
    parts,
    filter,
    select,
    refused,
    found: found.length,
    total: all.length,
    selected: selectedId === undefined ? undefined : parts[selectedId],
    reader: { units, currency },
    groups: PART_KINDS.map((kind) => ({
      kind,
      parts: found.filter((p) => p.kind === kind),
    })).filter((g) => g.parts.length > 0),
    setFilter: (change) => setFilter((now) => ({ ...now, ...change })),
    donorName: (id) => nameOf.get(id) ?? id,
    donors: names,
    usedBy: (id) =>
      Object.values(builds).filter((b) => b.partIds.includes(id)).length +
      Object.values(donors).filter(
        (d) => d.kind === 'machine' && d.machine.fitted.some((f) => f.partId === id),
      ).length,
    add: () =>
      put(
        {
          id: crypto.randomUUID(),
          name: 'New part',
          kind: 'suspension',
          price: { amount: 0, currency },
          fitting_h: 0,
          workshop: false,
          mass_kg: 0,
          effects: [],
          needs: [],
          shutsOut: [],
          slot: '',
          fits: { kind: 'all' },
          flags: [],
          reversible: true,
          leadTime_days: 0,
          note: '',
          own: true,
        },
        'add-part',
      ),
    copy: (part) =>
      put({ ...part, id: crypto.randomUUID(), name: `${part.name} (copy)`, own: true }, 'add-part'),
    edit: (part, field, after) => {
      const own = dossier.parts[part.id];
      return store.execute({
        label: { code: 'edit-part', facts: { name: part.name } },
        coalesce: `${part.id}/${field}`,
        // A shipped part becomes the rider's own with its first change.
        changes: own
          ? [{ table: 'parts', key: part.id, path: [field], before: own[field], after }]
          : [
              {
                table: 'parts',
                key: part.id,
                path: [],
                after: { ...part, [field]: after, own: true },
              },
            ],
      });
    },
    remove(part) {
      const gone = removal(dossier, [{ table: 'parts', key: part.id }]);
      const touched = gone.filter((r) => r.table === 'builds');
      store.execute({
        label: { code: 'delete-part', facts: { name: part.name } },
        changes: [...gone.map((r) => ({ ...r, path: [] })), ...withoutShipped(dossier, part.id)],
      });
      select(undefined);
      notify({
        text: `${part.name} is deleted.${touched.length > 0 ? ` It was in ${touched.length} ${touched.length === 1 ? 'build' : 'builds'} and left ${touched.length === 1 ? 'it' : 'them'}.` : ''}`,
        tone: 'plain',
        act: undo,
      });
    },
    write: () =>
      downloadFile(new Blob([csvText(partTable(all))], { type: 'text/csv' }), 'jugator-parts.csv'),
    async read(file) {
      const parsed = parseCsvFile(await readText(file));
      if (parsed.kind === 'fault') {
        setRefused([tableFaultWords(parsed.fault)]);
        return;
      }
      const columns = partColumns(parsed.headings);
      const rows = parsed.rows.map((cells) => readPartRow(cells, columns, crypto.randomUUID()));
      const faults = rows.flatMap((r, i) =>
        r.kind === 'faults' ? [`Row ${i + 2}: ${r.faults.map(partCellFaultWords).join(' ')}`] : [],
      );
      if (faults.length > 0) {
        setRefused([
          ...faults.slice(0, FAULTS_SHOWN),
          ...(faults.length > FAULTS_SHOWN
            ? [`and ${faults.length - FAULTS_SHOWN} more rows.`]
            : []),
        ]);
        return;
      }
      setRefused([]);
      // Unchanged shipped parts stay shipped; the last of two rows with one id counts.
      const read = new Map(
        rows.flatMap((r) => (r.kind === 'part' ? [[r.part.id, r.part] as const] : [])),
      );
      const changed = [...read.values()].filter((p) => !equal({ ...parts[p.id], own: true }, p));
      const outcome = store.execute(
        {
          label: { code: 'import-parts', facts: { count: changed.length, file: file.name } },
          changes: changed.map(
            (p) =>
              ({
                table: 'parts',
                key: p.id,
                path: [],
                before: dossier.parts[p.id],
                after: p,
              }) as const,
          ),
        },
        'atField',
      );
      if (outcome.kind === 'refused') {
        setRefused([`${recordFaultWords(outcome.fault)} Nothing was taken.`]);
        return;
      }
      notify({
        text: `${rows.length} parts read from ${file.name}; ${changed.length} are new or changed.`,
        tone: 'plain',
        act: undo,
      });
    },
  };
}
