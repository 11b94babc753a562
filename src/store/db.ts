import { Dexie, type EntityTable, type Table } from 'dexie';
import type { HistoryEntry } from './history';
import type { Dossier, TableName } from './records';

/** A record as stored: its key and its value apart, so that a value that cannot be read is still kept. */
export interface StoredRecord {
  readonly key: string;
  readonly value: unknown;
}

/** A piece of typing that was not yet good enough to be stored, kept over a reload. */
export interface Draft {
  readonly key: string;
  readonly text: string;
}

/** The whole dossier as it stood at one moment. */
export interface Snapshot {
  /** ISO 8601, UTC, and a few letters; sorts by time. */
  readonly id: string;
  readonly at: number;
  readonly name: string;
  /** Kept by the app before something large, not by the rider. */
  readonly automatic: boolean;
  readonly dossier: Dossier;
}

export type JugatorDb = Dexie &
  Record<TableName, Table<StoredRecord, string>> & {
    history: EntityTable<HistoryEntry, 'id'>;
    preferences: Table<StoredRecord, string>;
    drafts: EntityTable<Draft, 'key'>;
    /** Which column of a table means what, by its headings. */
    mappings: Table<StoredRecord, string>;
    snapshots: EntityTable<Snapshot, 'id'>;
  };

export const DB_NAME = 'jugator';

/** The tables of version 1. */
const FIRST_TABLES = [
  'briefs',
  'donors',
  'parts',
  'candidates',
  'builds',
] as const satisfies readonly TableName[];

/** The browser's database. Versions are append-only. */
export function openDb(name: string = DB_NAME): JugatorDb {
  const db = new Dexie(name) as JugatorDb;
  db.version(1).stores({
    ...Object.fromEntries(FIRST_TABLES.map((t) => [t, 'key'])),
    history: 'id',
    preferences: 'key',
    drafts: 'key',
  });
  // Version 2 keeps column mappings and dated snapshots; records grew optional fields only.
  db.version(2).stores({ mappings: 'key', snapshots: 'id' });
  // Version 3 keeps verdicts and what was seen at the dealer's.
  db.version(3).stores({ verdicts: 'key', visits: 'key' });
  return db;
}
