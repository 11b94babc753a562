import { Dexie } from 'dexie';
import * as z from 'zod/mini';
import { DB_NAME, openDb } from './db';
import { FORMAT_VERSION } from './migrations';
import { VERSION } from './persistence';
import { TABLES, type Dossier } from './records';

/** One of the dossiers of this browser: each lies in a database of its own, so that nothing of one can touch another. */
export interface DossierEntry {
  /** Empty for the first, which lies where it always did. */
  readonly id: string;
  readonly name: string;
  /** Put away: still there, not offered to be opened. */
  readonly away: boolean;
}

export interface DossierList {
  /** The one that a new tab opens. */
  readonly current: string;
  readonly dossiers: readonly DossierEntry[];
}

/** Letters of a dossier's name. */
export const DOSSIER_NAME_LIMIT = 60;

/** Where the list is kept: the browser's own small store, or a stand-in. */
export type Keep = Pick<Storage, 'getItem' | 'setItem'>;

const KEY = 'jugator-dossiers';
const idSchema = z.string().check(z.regex(/^(?:[a-z0-9]{1,16})?$/));
const schema = z.object({
  current: idSchema,
  dossiers: z
    .array(
      z.object({
        id: idSchema,
        name: z.string().check(z.minLength(1), z.maxLength(DOSSIER_NAME_LIMIT)),
        away: z.boolean(),
      }),
    )
    .check(z.minLength(1)),
}) satisfies z.ZodMiniType<DossierList>;

const FIRST: DossierEntry = { id: '', name: 'First dossier', away: false };
export const FIRST_LIST: DossierList = { current: '', dossiers: [FIRST] };

/** The database of a dossier. */
export const dbNameOf = (id: string): string => (id === '' ? DB_NAME : `${DB_NAME}-${id}`);

/** The dossiers as they were listed; one that cannot be read is a list with the first alone. */
export function readDossiers(keep: Keep): DossierList {
  try {
    const parsed = schema.safeParse(JSON.parse(keep.getItem(KEY) ?? 'null'));
    return parsed.success ? parsed.data : FIRST_LIST;
  } catch {
    return FIRST_LIST;
  }
}

/** Writes the list; false where the browser would not. */
export function keepDossiers(keep: Keep, list: DossierList): boolean {
  try {
    keep.setItem(KEY, JSON.stringify(list));
    return true;
  } catch {
    return false;
  }
}

/** Builds that the planner kept lay under this name, as if they were a dossier, until version 0.22. */
const ONCE_PLANS = 'plans';

/** Whether a database has a dossier's tables. One that cannot be opened may be one: better listed than lost. */
async function holdsDossier(id: string): Promise<boolean> {
  const db = new Dexie(dbNameOf(id));
  try {
    await db.open();
    return db.tables.some((table) => (TABLES as readonly string[]).includes(table.name));
  } catch {
    return true;
  } finally {
    db.close();
  }
}

/** The list with those databases that it had lost, by their names in the browser, and without what is no dossier. */
export async function withLost(list: DossierList): Promise<DossierList> {
  const names = await Dexie.getDatabaseNames().catch((): string[] => []);
  const ids = names
    .filter((name) => name.startsWith(`${DB_NAME}-`))
    .map((name) => name.slice(DB_NAME.length + 1));
  const none = ids.includes(ONCE_PLANS) && !(await holdsDossier(ONCE_PLANS));
  // Nobody waits for it: another tab may hold it open.
  if (none) void Dexie.delete(dbNameOf(ONCE_PLANS)).catch(() => undefined);
  const listed = none ? list.dossiers.filter((d) => d.id !== ONCE_PLANS) : list.dossiers;
  const lost: DossierEntry[] = [];
  for (const id of ids.filter((i) => !(none && i === ONCE_PLANS)))
    if (
      idSchema.safeParse(id).success &&
      !listed.some((d) => d.id === id) &&
      (await holdsDossier(id))
    )
      lost.push({ id, name: `Found again (${id})`, away: false });
  const dossiers = [...listed, ...lost];
  return dossiers.length === list.dossiers.length && lost.length === 0
    ? list
    : { ...list, dossiers: dossiers.length > 0 ? dossiers : FIRST_LIST.dossiers };
}

const tidy = (name: string): string => name.trim().slice(0, DOSSIER_NAME_LIMIT) || 'Unnamed';

export const withDossier = (list: DossierList, id: string, name: string): DossierList => ({
  ...list,
  dossiers: [...list.dossiers, { id, name: tidy(name), away: false }],
});

export const renamed = (list: DossierList, id: string, name: string): DossierList => ({
  ...list,
  dossiers: list.dossiers.map((d) => (d.id === id ? { ...d, name: tidy(name) } : d)),
});

export const putAway = (list: DossierList, id: string, away: boolean): DossierList => ({
  ...list,
  dossiers: list.dossiers.map((d) => (d.id === id ? { ...d, away } : d)),
});

export const withoutDossier = (list: DossierList, id: string): DossierList => ({
  ...list,
  dossiers: list.dossiers.filter((d) => d.id !== id),
});

/** Which dossier a tab opens: the one it had, else the one that was opened last; never one that is put away or gone. */
export function openedBy(list: DossierList, ofTab: string | undefined): string {
  const there = (id: string | undefined) => list.dossiers.find((d) => d.id === id && !d.away)?.id;
  return there(ofTab) ?? there(list.current) ?? list.dossiers.find((d) => !d.away)?.id ?? '';
}

/** The row that tells one database from another; a copy gets its own. */
const OWN_MARK = 'epoch';

/** Copies a whole dossier, its history and snapshots with it, into a new database. */
export async function copyDossier(from: string, to: string): Promise<void> {
  const [source, target] = [openDb(dbNameOf(from)), openDb(dbNameOf(to))];
  try {
    await source.open();
    await target.open();
    for (const table of source.tables) {
      const rows = (await table.toArray()) as readonly { readonly key?: string }[];
      const own = rows.filter((row) => !(table.name === 'meta' && row.key === OWN_MARK));
      if (own.length > 0) await target.table(table.name).bulkPut(own);
    }
  } finally {
    source.close();
    target.close();
  }
}

/** Writes a whole dossier into a database that nobody has opened yet. */
export async function fillDossier(id: string, dossier: Dossier): Promise<void> {
  const db = openDb(dbNameOf(id));
  try {
    await db.open();
    for (const table of TABLES) {
      const rows = Object.entries<unknown>(dossier[table]).map(([key, value]) => ({ key, value }));
      if (rows.length > 0) await db.table(table).bulkPut(rows);
    }
    await db.meta.put({ key: VERSION, value: FORMAT_VERSION });
  } finally {
    db.close();
  }
}

/** Deletes a dossier for good. */
export const deleteDossier = (id: string): Promise<void> => Dexie.delete(dbNameOf(id));
