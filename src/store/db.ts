import { Dexie, type EntityTable, type Table } from 'dexie';
import type { HistoryEntry } from './history';
import type { Photo } from './photos/photo';
import { RECORDS, type Registry, type TableName } from './records';

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
  /** Version of the dossier's format; absent in snapshots from before it was written down. */
  readonly version?: number;
  /** As it was then: read through the migrations. */
  readonly dossier: unknown;
}

/** A record that could not be taken as it was stored, kept until the rider lets it go. */
export interface AsideRow {
  readonly id: string;
  readonly at: number;
  readonly what: unknown;
}

export type JugatorDb = Dexie &
  Record<TableName, Table<StoredRecord, string>> & {
    history: EntityTable<HistoryEntry, 'id'>;
    preferences: Table<StoredRecord, string>;
    drafts: EntityTable<Draft, 'key'>;
    /** Which column of a table means what, by its headings. */
    mappings: Table<StoredRecord, string>;
    snapshots: EntityTable<Snapshot, 'id'>;
    /** Which database this is, and the version of the format its records have. */
    meta: Table<StoredRecord, string>;
    aside: EntityTable<AsideRow, 'id'>;
    photos: EntityTable<Photo, 'id'>;
  };

export const DB_NAME = 'jugator';

/** Tables of the app itself, by the version in which they came. */
const OWN_TABLES: Readonly<Record<number, Readonly<Record<string, string>>>> = {
  1: { history: 'id', preferences: 'key', drafts: 'key' },
  2: { mappings: 'key', snapshots: 'id' },
  4: { meta: 'key', aside: 'id' },
  6: { photos: 'id, donorId' },
};
/** Tables of records that there are no more; their rows are read when an older database is brought up. */
export const FORMER_TABLES: Readonly<Record<string, number>> = { visits: 3 };

/** The browser's database. Versions are append-only: each adds the tables that came with it. */
export function openDb(name: string = DB_NAME, registry: Registry = RECORDS): JugatorDb {
  const db = new Dexie(name) as JugatorDb;
  const tables = [
    ...Object.entries(registry).map(([table, { since }]) => [table, since] as const),
    ...Object.entries(FORMER_TABLES),
  ];
  const newest = Math.max(
    ...tables.map(([, since]) => since),
    ...Object.keys(OWN_TABLES).map(Number),
  );
  for (let version = 1; version <= newest; version += 1)
    db.version(version).stores({
      ...Object.fromEntries(tables.filter(([, s]) => s === version).map(([t]) => [t, 'key'])),
      ...OWN_TABLES[version],
    });
  return db;
}
