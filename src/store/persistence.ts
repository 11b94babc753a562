import type { Table } from 'dexie';
import { FORMER_TABLES, type AsideRow, type JugatorDb, type StoredRecord } from './db';
import {
  applyToRecord,
  readHistory,
  type Change,
  type Conflict,
  type HistoryEntry,
} from './history';
import { broughtUp, FORMAT_VERSION, historyBroughtUp } from './migrations';
import { readRows, type Dossier, type Registry, type SetAside } from './records';

export interface Loaded {
  readonly dossier: Dossier;
  readonly history: readonly HistoryEntry[];
  /** What could not be taken as it was stored, now and earlier. */
  readonly aside: readonly AsideRow[];
  /** Steps of undo that could not be read. */
  readonly stepsDropped: number;
}

/**
 * Why the browser does not store: it refuses, is full, lost what was there, does not answer, another version of the app holds the
 * database, or another fault.
 */
export type StorageFault =
  | 'refused'
  | 'full'
  | 'vanished'
  | 'waiting'
  | 'blocked'
  | 'newer'
  | 'failed';

export class ConflictError extends Error {
  override readonly name = 'ConflictError';
  constructor(readonly conflict: Conflict) {
    super('a stored value is not the one expected');
  }
}

/** The database is not the one this tab has read: somebody cleared it. */
export class VanishedError extends Error {
  override readonly name = 'VanishedError';
}

/** How many steps of undo are kept. */
const HISTORY_KEPT = 500;
const EPOCH = 'epoch';
/** The row of `meta` that says a database's version. */
export const VERSION = 'version';
/** Rows of databases that do not say their version: what came before was added to, never changed. */
const BEFORE_VERSIONS = 4;

const NAMES: Readonly<Record<string, StorageFault>> = {
  QuotaExceededError: 'full',
  OpenFailedError: 'refused',
  InvalidStateError: 'refused',
  SecurityError: 'refused',
  MissingAPIError: 'refused',
  UnknownError: 'refused',
  VanishedError: 'vanished',
  VersionError: 'newer',
  NewerError: 'newer',
};

/** Sorts a storage error into what can be said about it. */
export function storageFault(error: unknown): StorageFault {
  const seen = new Set<unknown>();
  for (
    let e: unknown = error;
    e instanceof Object && !seen.has(e);
    e = (e as { inner?: unknown }).inner
  ) {
    seen.add(e);
    const fault = NAMES[(e as { name?: string }).name ?? ''];
    if (fault) return fault;
  }
  return 'failed';
}

/** The database was written by a newer version of the app. */
export class NewerError extends Error {
  override readonly name = 'NewerError';
}

const tablesOf = (db: JugatorDb, registry: Registry) =>
  Object.keys(registry).map((name) => db.table<StoredRecord, string>(name));

/**
 * Reads the whole database. With `epoch` it must be the one that was read before; without, it gets one.
 *
 * @throws VanishedError when the database is another one than that
 */
export async function loadAll(
  db: JugatorDb,
  registry: Registry,
  epoch: {
    readonly expected?: string | undefined;
    readonly fresh: () => string;
    readonly at: number;
  },
): Promise<Loaded & { readonly epoch: string }> {
  const all = [
    ...tablesOf(db, registry),
    ...formerTables(db),
    db.history,
    db.aside,
    db.meta,
    db.snapshots,
  ];
  return db.transaction('rw', all, async () => {
    const known = (await db.meta.get(EPOCH))?.value as string | undefined;
    if (epoch.expected !== undefined && known !== epoch.expected) throw new VanishedError();
    const rows = await broughtUpRows(db, registry, epoch.at);
    const { tables, aside } = readRows(registry, rows);
    await keepAside(db, tables, aside, epoch.at);
    const { history, dropped } = readHistory(await db.history.orderBy('id').toArray());
    const current = known ?? epoch.fresh();
    if (known === undefined) await db.meta.put({ key: EPOCH, value: current });
    return {
      dossier: tables as unknown as Dossier,
      history,
      aside: await db.aside.orderBy('id').toArray(),
      stepsDropped: dropped,
      epoch: current,
    };
  });
}

const formerTables = (db: JugatorDb) =>
  Object.keys(FORMER_TABLES).map((name) => db.table<StoredRecord, string>(name));

async function rowsOf(
  tables: readonly Table<StoredRecord, string>[],
): Promise<Record<string, readonly StoredRecord[]>> {
  const rows = await Promise.all(tables.map((table) => table.toArray()));
  return Object.fromEntries(tables.map((table, i) => [table.name, rows[i] ?? []]));
}

/**
 * Brings the rows and the history of an older version up, in the transaction that reads them. What was there is kept as a snapshot of
 * its version first.
 *
 * @returns the rows of the tables of today, as they stand now
 * @throws NewerError when the rows are of a version that is not known here
 */
async function broughtUpRows(
  db: JugatorDb,
  registry: Registry,
  at: number,
): Promise<Readonly<Record<string, readonly StoredRecord[]>>> {
  const [tables, former] = [tablesOf(db, registry), formerTables(db)];
  const said = (await db.meta.get(VERSION))?.value;
  const old = await rowsOf([...tables, ...former]);
  const empty = Object.values(old).every((rows) => rows.length === 0);
  const version = typeof said === 'number' ? said : empty ? FORMAT_VERSION : BEFORE_VERSIONS;
  if (version > FORMAT_VERSION) throw new NewerError();
  if (version < FORMAT_VERSION) {
    const { history } = readHistory(await db.history.orderBy('id').toArray());
    const up = broughtUp(old, version);
    const steps = historyBroughtUp(old, history, version);
    const dossier = Object.fromEntries(
      Object.entries(old).map(([table, rows]) => [
        table,
        Object.fromEntries(rows.map(({ key, value }) => [key, value])),
      ]),
    );
    const name = `before version ${FORMAT_VERSION}`;
    const id = `${new Date(at).toISOString()}-v${version}`;
    await db.snapshots.put({ id, at, name, automatic: true, version, dossier });
    for (const table of [...tables, ...former]) {
      await table.clear();
      await table.bulkPut([...(up[table.name] ?? [])]);
    }
    await db.history.clear();
    await db.history.bulkPut([...steps]);
  }
  if (said !== FORMAT_VERSION) await db.meta.put({ key: VERSION, value: FORMAT_VERSION });
  if (version < FORMAT_VERSION) return rowsOf(tables);
  return Object.fromEntries(tables.map(({ name }) => [name, old[name] ?? []]));
}

/** What was damaged is kept as it was in a place of its own, and what could be mended takes its place. */
async function keepAside(
  db: JugatorDb,
  tables: Readonly<Record<string, Readonly<Record<string, unknown>>>>,
  aside: readonly SetAside[],
  at: number,
): Promise<void> {
  for (const what of aside) {
    await db.aside.put({ id: `${what.table}/${what.key}/${at}`, at, what });
    const table = db.table<StoredRecord, string>(what.table);
    const mended = what.kind === 'mended' ? tables[what.table]?.[what.key] : undefined;
    if (mended === undefined) await table.delete(what.key);
    else await table.put({ key: what.key, value: mended });
  }
}

export interface Write {
  readonly changes: readonly Change[];
  readonly put: readonly HistoryEntry[];
  readonly drop: readonly string[];
}

async function assertEpoch(db: JugatorDb, epoch: string | undefined): Promise<void> {
  if ((await db.meta.get(EPOCH))?.value !== epoch) throw new VanishedError();
}

/**
 * Writes changes and their history in one transaction.
 *
 * @throws ConflictError when a stored value is not what a change expects; nothing is written then.
 * @throws VanishedError when the database is not the one that was read
 */
export async function persist(
  db: JugatorDb,
  registry: Registry,
  epoch: string | undefined,
  { changes, put, drop }: Write,
): Promise<void> {
  await db.transaction('rw', [...tablesOf(db, registry), db.history, db.meta], async () => {
    await assertEpoch(db, epoch);
    for (const table of tablesOf(db, registry)) {
      const own = changes.filter((c) => c.table === table.name);
      if (own.length === 0) continue;
      const keys = [...new Set(own.map((c) => c.key))];
      const stored = await table.bulkGet(keys);
      const fresh = new Map(keys.map((key, i): [string, unknown] => [key, stored[i]?.value]));
      for (const change of own) {
        const result = applyToRecord(fresh.get(change.key), change);
        if (result.kind === 'conflict') throw new ConflictError(result.conflict);
        fresh.set(change.key, result.value);
      }
      const rows = [...fresh].map(([key, value]): StoredRecord => ({ key, value }));
      await table.bulkDelete(rows.filter((r) => r.value === undefined).map((r) => r.key));
      await table.bulkPut(rows.filter((r) => r.value !== undefined));
    }
    await db.history.bulkDelete([...drop]);
    await db.history.bulkPut([...put]);
    await trimHistory(db);
  });
}

async function trimHistory(db: JugatorDb): Promise<void> {
  const surplus = (await db.history.count()) - HISTORY_KEPT;
  if (surplus > 0)
    await db.history.bulkDelete(await db.history.orderBy('id').limit(surplus).primaryKeys());
}

/**
 * Writes everything a tab holds into a database that has lost it, under a new epoch. A database that holds records again (another
 * tab was first) is left as it is.
 *
 * @returns the epoch that counts from now on, and whether this tab's records were written
 */
export async function rewrite(
  db: JugatorDb,
  registry: Registry,
  dossier: Dossier,
  history: readonly HistoryEntry[],
  fresh: string,
): Promise<{ readonly epoch: string; readonly written: boolean }> {
  return db.transaction('rw', [...tablesOf(db, registry), db.history, db.meta], async () => {
    const counts = await Promise.all(tablesOf(db, registry).map((t) => t.count()));
    const known = (await db.meta.get(EPOCH))?.value as string | undefined;
    if (known !== undefined && counts.some((n) => n > 0)) return { epoch: known, written: false };
    for (const table of tablesOf(db, registry)) {
      const records = (dossier as unknown as Record<string, Record<string, unknown>>)[table.name];
      await table.clear();
      await table.bulkPut(Object.entries(records ?? {}).map(([key, value]) => ({ key, value })));
    }
    await db.history.clear();
    await db.history.bulkPut([...history]);
    await db.meta.bulkPut([
      { key: EPOCH, value: fresh },
      { key: VERSION, value: FORMAT_VERSION },
    ]);
    return { epoch: fresh, written: true };
  });
}
