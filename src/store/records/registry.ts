import type * as z from 'zod/mini';
import { briefRecord } from './brief-record';
import { buildRecord, candidateRecord } from './candidate-record';
import { catalogueRecord } from './catalogue-record';
import { donorRecord } from './donor-record';
import { gearingRecord } from './gearing-record';
import { partRecord } from './part-record';
import type { Registry } from './record-type';
import { setupRecord } from './setup-record';
import { trialRecord } from './trial-record';
import { verdictRecord } from './verdict-record';

/** Every kind of record that a dossier holds, by its table, in the order in which files list them. */
export const RECORDS = {
  briefs: briefRecord,
  donors: donorRecord,
  parts: partRecord,
  candidates: candidateRecord,
  builds: buildRecord,
  verdicts: verdictRecord,
  trials: trialRecord,
  setups: setupRecord,
  gearings: gearingRecord,
  catalogues: catalogueRecord,
} as const satisfies Registry;

export type TableName = keyof typeof RECORDS;
type RecordOf<T extends TableName> = z.output<(typeof RECORDS)[T]['schema']>;

/** Everything a rider has gathered, table by table, record by key. Immutable: an edit makes a new one. */
export type Dossier = { readonly [T in TableName]: Readonly<Record<string, RecordOf<T>>> };

export const TABLES = Object.keys(RECORDS) as readonly TableName[];

/** No records at all, in every table of a registry. */
export const emptyTables = (
  registry: Registry,
): Readonly<Record<string, Readonly<Record<string, unknown>>>> =>
  Object.fromEntries(Object.keys(registry).map((table) => [table, {}]));

export const EMPTY_DOSSIER = emptyTables(RECORDS) as Dossier;

export const isEmptyDossier = (dossier: Dossier): boolean =>
  Object.values(dossier).every((rows) => Object.keys(rows).length === 0);
