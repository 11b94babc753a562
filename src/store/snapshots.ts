import type { JugatorDb, Snapshot } from './db';
import { broughtUp, FORMAT_VERSION } from './migrations';
import { isEmptyDossier, readRows, RECORDS, type Dossier, type StoredRow } from './records';

/** Automatic snapshots beyond this many make room, oldest first; the rider's own are kept until deleted. */
const AUTOMATIC_KEPT = 12;

/** A snapshot's line in the list, without its contents. */
export interface SnapshotHead {
  readonly id: string;
  readonly at: number;
  readonly name: string;
  readonly automatic: boolean;
  readonly donors: number;
  readonly candidates: number;
  /** It cannot be read as a snapshot; it can still be carried out as it is, or deleted. */
  readonly damaged: boolean;
}

const count = (dossier: unknown, table: string): number => {
  const rows = (dossier as Readonly<Record<string, unknown>> | null | undefined)?.[table];
  return typeof rows === 'object' && rows !== null ? Object.keys(rows).length : 0;
};

/** A stored snapshot's line; one that is damaged says so and does not hide the others. */
function headOf(stored: unknown): SnapshotHead {
  const { id, at, name, automatic, dossier } = stored as Partial<Snapshot>;
  const sound = typeof at === 'number' && typeof dossier === 'object' && dossier !== null;
  return {
    id: String(id),
    at: typeof at === 'number' ? at : 0,
    name: typeof name === 'string' ? name : '',
    automatic: automatic === true,
    donors: count(dossier, 'donors'),
    candidates: count(dossier, 'candidates'),
    damaged: !sound,
  };
}

/** Newest first. */
export async function listSnapshots(db: JugatorDb): Promise<readonly SnapshotHead[]> {
  const heads: SnapshotHead[] = [];
  await db.snapshots
    .orderBy('id')
    .reverse()
    .each((stored: unknown) => {
      heads.push(headOf(stored));
    });
  return heads;
}

/** Keeps the dossier as it stands. An empty one is not kept. */
export async function keepSnapshot(
  db: JugatorDb,
  dossier: Dossier,
  name: string,
  automatic: boolean,
  at: number,
): Promise<void> {
  if (isEmptyDossier(dossier)) return;
  const id = `${new Date(at).toISOString()}-${Math.random().toString(36).slice(2, 6)}`;
  await db.transaction('rw', db.snapshots, async () => {
    await db.snapshots.put({ id, at, name, automatic, version: FORMAT_VERSION, dossier });
    const old = (await db.snapshots.orderBy('id').toArray()).filter((s) => s.automatic);
    await db.snapshots.bulkDelete(
      old.slice(0, Math.max(0, old.length - AUTOMATIC_KEPT)).map((s) => s.id),
    );
  });
}

/** A snapshot as it is stored, for carrying it out of a browser in which it cannot be read. */
export const rawSnapshot = (db: JugatorDb, id: string): Promise<unknown> => db.snapshots.get(id);

/** The dossier of a snapshot, or `undefined` when it is gone or something in it is no longer readable. */
export async function snapshotDossier(db: JugatorDb, id: string): Promise<Dossier | undefined> {
  const stored = await db.snapshots.get(id);
  const kept = stored?.dossier;
  if (typeof kept !== 'object' || kept === null) return undefined;
  const rows = Object.fromEntries(
    Object.entries(kept as Readonly<Record<string, unknown>>).map(([table, records]) => [
      table,
      Object.entries(records ?? {}).map(([key, value]): StoredRow => ({ key, value })),
    ]),
  );
  // Snapshots from before their version was written down had all that version 4 has.
  const { tables, aside } = readRows(RECORDS, broughtUp(rows, stored?.version ?? 4));
  return aside.length === 0 ? (tables as unknown as Dossier) : undefined;
}

export const deleteSnapshot = (db: JugatorDb, id: string): Promise<void> => db.snapshots.delete(id);

/** True when no automatic snapshot was kept within the last day. */
export async function isSnapshotDue(db: JugatorDb, at: number): Promise<boolean> {
  const last = (await db.snapshots.orderBy('id').reverse().toArray()).find((s) => s.automatic);
  return !last || !(at - last.at <= 24 * 3600 * 1000);
}
