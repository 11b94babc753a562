import type { JugatorDb, StoredRecord } from './db';
import { applyToRecord, type Change, type Conflict, type HistoryEntry } from './history';
import { EMPTY_DOSSIER, RECORD_SCHEMAS, TABLES, type Dossier, type TableName } from './records';

export interface Loaded {
  readonly dossier: Dossier;
  readonly history: readonly HistoryEntry[];
  /** Stored records that no schema accepts; they stay in the database untouched. */
  readonly unreadable: readonly { readonly table: TableName; readonly key: string }[];
}

/** Why the browser would not store: refused altogether, full, or another fault. */
export type StorageFault = 'refused' | 'full' | 'failed';

export class ConflictError extends Error {
  override readonly name = 'ConflictError';
  constructor(readonly conflict: Conflict) {
    super('a stored value is not the one expected');
  }
}

/** How many steps of undo are kept. */
const HISTORY_KEPT = 500;

const NAMES: Readonly<Record<string, StorageFault>> = {
  QuotaExceededError: 'full',
  OpenFailedError: 'refused',
  InvalidStateError: 'refused',
  SecurityError: 'refused',
  MissingAPIError: 'refused',
  UnknownError: 'refused',
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

/** Reads the whole database. */
export async function loadAll(db: JugatorDb): Promise<Loaded> {
  const unreadable: { table: TableName; key: string }[] = [];
  const dossier: Record<string, Record<string, unknown>> = { ...EMPTY_DOSSIER };
  const rows = await Promise.all(TABLES.map((t) => db[t].toArray()));
  TABLES.forEach((table, i) => {
    const readable = (rows[i] ?? []).filter((row) => {
      const good = RECORD_SCHEMAS[table].safeParse(row.value).success;
      if (!good) unreadable.push({ table, key: row.key });
      return good;
    });
    dossier[table] = Object.fromEntries(readable.map((row) => [row.key, row.value]));
  });
  const history = await db.history.orderBy('id').toArray();
  return { dossier: dossier as unknown as Dossier, history, unreadable };
}

/**
 * Writes changes and their history in one transaction.
 *
 * @throws ConflictError when a stored value is not what a change expects; nothing is written then.
 */
export async function persist(
  db: JugatorDb,
  changes: readonly Change[],
  put: readonly HistoryEntry[],
  drop: readonly string[],
): Promise<void> {
  await db.transaction('rw', [...TABLES.map((t) => db[t]), db.history], async () => {
    for (const table of TABLES) {
      const own = changes.filter((c) => c.table === table);
      if (own.length === 0) continue;
      const keys = [...new Set(own.map((c) => c.key))];
      const stored = await db[table].bulkGet(keys);
      const fresh = new Map(keys.map((key, i): [string, unknown] => [key, stored[i]?.value]));
      for (const change of own) {
        const result = applyToRecord(fresh.get(change.key), change);
        if (result.kind === 'conflict') throw new ConflictError(result.conflict);
        fresh.set(change.key, result.value);
      }
      const rows = [...fresh].map(([key, value]): StoredRecord => ({ key, value }));
      await db[table].bulkDelete(rows.filter((r) => r.value === undefined).map((r) => r.key));
      await db[table].bulkPut(rows.filter((r) => r.value !== undefined));
    }
    await db.history.bulkDelete([...drop]);
    await db.history.bulkPut([...put]);
    const surplus = (await db.history.count()) - HISTORY_KEPT;
    if (surplus > 0)
      await db.history.bulkDelete(await db.history.orderBy('id').limit(surplus).primaryKeys());
  });
}
