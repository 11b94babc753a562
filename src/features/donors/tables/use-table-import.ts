'use client';
import { useEffect, useRef, useState } from 'react';
import { DONOR_CLASSES, type DonorClass } from '@/core/donor';
import type { Origin } from '@/core/readings';
import {
  guessColumns,
  isSameTarget,
  readDonorRow,
  type ColumnTarget,
  upright,
  type RowResult,
} from '@/core/tables';
import { readText } from '@/store/files';
import { parseCsvFile, rememberColumns, rememberedColumns, TABLE_SIZE_LIMIT } from '@/store/tables';
import { useDossierStore } from '@/store/react';
import { recordFaultWords, tableFaultWords } from '@/ui/messages';
import { notify } from '@/ui/notice';
import { listing } from '../shortlist-changes';
import { readTable, type TableImportResult } from '@/workers/table-import';

interface Loaded {
  readonly file: string;
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly remembered: boolean;
  /** Its machines stood as columns, and were turned into rows. */
  readonly turned: boolean;
}

export interface TableImportModel {
  readonly loaded: Loaded | undefined;
  readonly refused: string | undefined;
  readonly columns: readonly ColumnTarget[];
  readonly setColumn: (index: number, target: ColumnTarget) => void;
  /** Columns that mean the same as an earlier one. */
  readonly twice: ReadonlySet<number>;
  readonly origin: Origin;
  readonly setOrigin: (origin: Origin) => void;
  readonly donorClass: DonorClass;
  readonly setDonorClass: (donorClass: DonorClass) => void;
  /** Put them onto the shortlist as well, as far as there is room. */
  readonly shortlisted: boolean;
  readonly setShortlisted: (on: boolean) => void;
  readonly preview: readonly RowResult[];
  readonly progress: { readonly done: number; readonly of: number } | undefined;
  readonly faults: TableImportResult['faults'] | undefined;
  readonly open: (file: File) => Promise<void>;
  readonly run: () => Promise<boolean>;
  readonly cancel: () => void;
}

const PREVIEW_ROWS = 6;

export function useTableImport(): TableImportModel {
  const store = useDossierStore();
  const [loaded, setLoaded] = useState<Loaded>();
  const [refused, setRefused] = useState<string>();
  const [columns, setColumns] = useState<readonly ColumnTarget[]>([]);
  const [origin, setOrigin] = useState<Origin>('heard');
  const [donorClass, setDonorClass] = useState<DonorClass>(DONOR_CLASSES[0]);
  const [shortlisted, setShortlisted] = useState(false);
  const [progress, setProgress] = useState<TableImportModel['progress']>();
  const [faults, setFaults] = useState<TableImportModel['faults']>();
  const job = useRef<{ readonly cancel: () => void }>(undefined);
  useEffect(() => () => job.current?.cancel(), []);

  const setting = { columns, origin, note: loaded?.file ?? '', donorClass };
  return {
    loaded,
    refused,
    columns,
    origin,
    setOrigin,
    donorClass,
    setDonorClass,
    shortlisted,
    setShortlisted,
    progress,
    faults,
    twice: new Set(
      columns.flatMap((c, i) =>
        c.kind !== 'ignore' && columns.slice(0, i).some((d) => isSameTarget(d, c)) ? [i] : [],
      ),
    ),
    preview: loaded
      ? loaded.rows
          .slice(0, PREVIEW_ROWS)
          .map((cells, i) => readDonorRow(cells, { ...setting, id: `preview-${i}` }))
      : [],
    setColumn(index, target) {
      setFaults(undefined);
      setColumns((now) => now.map((c, i) => (i === index ? target : c)));
    },
    async open(file) {
      setRefused(undefined);
      setFaults(undefined);
      setLoaded(undefined);
      const parsed =
        file.size > TABLE_SIZE_LIMIT
          ? ({
              kind: 'fault',
              fault: { code: 'table-too-large', bytes: file.size, limit: TABLE_SIZE_LIMIT },
            } as const)
          : parseCsvFile(await readText(file));
      if (parsed.kind === 'fault') {
        setRefused(`${file.name}: ${tableFaultWords(parsed.fault)}`);
        return;
      }
      const table = upright(parsed);
      const remembered = await rememberedColumns(store.db, table.headings);
      setColumns(remembered ?? guessColumns(table.headings, undefined));
      setLoaded({
        file: file.name,
        headings: table.headings,
        rows: table.rows,
        remembered: remembered !== undefined,
        turned: table.turned,
      });
    },
    async run() {
      if (!loaded) return false;
      setFaults(undefined);
      setProgress({ done: 0, of: loaded.rows.length });
      void rememberColumns(store.db, loaded.headings, columns);
      const running = readTable(
        { ...setting, rows: loaded.rows, idStem: crypto.randomUUID() },
        (done, of) => setProgress({ done, of }),
      );
      job.current = running;
      const outcome = await running.outcome;
      job.current = undefined;
      setProgress(undefined);
      if (outcome.kind === 'cancelled') {
        notify({ text: 'Stopped. Nothing was written.', tone: 'plain' });
        return false;
      }
      if (outcome.kind === 'died') {
        setRefused(
          `The table could not be read: ${outcome.message}. Nothing was written; try again.`,
        );
        return false;
      }
      const { donors, faults: found } = outcome.result;
      if (found.length > 0) {
        setFaults(found);
        return false;
      }
      const listed = shortlisted
        ? listing(
            donors.map((d) => d.id),
            store.getState().dossier.candidates,
          )
        : [];
      const outcomeOfAll = store.execute(
        {
          label: { code: 'import-table', facts: { count: donors.length, file: loaded.file } },
          changes: [
            ...donors.map((d) => ({ table: 'donors' as const, key: d.id, path: [], after: d })),
            ...listed,
          ],
        },
        'atField',
      );
      if (outcomeOfAll.kind === 'refused') {
        setRefused(`${loaded.file}: ${recordFaultWords(outcomeOfAll.fault)} Nothing was written.`);
        return false;
      }
      notify({
        text: `${donors.length} donors from ${loaded.file} are in the list${shortlisted ? `, ${listed.length} of them on the shortlist` : ''}.`,
        tone: 'plain',
        act: { word: 'Undo', run: () => void store.undo() },
      });
      return true;
    },
    cancel: () => job.current?.cancel(),
  };
}
