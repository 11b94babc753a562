import type { JugatorDb, Snapshot } from './db';
import { EMPTY_DOSSIER, isEmptyDossier, RECORD_SCHEMAS, TABLES, type Dossier } from './records';

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
}

/** Newest first. */
export async function listSnapshots(db: JugatorDb): Promise<readonly SnapshotHead[]> {
  const heads: SnapshotHead[] = [];
  await db.snapshots
    .orderBy('id')
    .reverse()
    .each(({ id, at, name, automatic, dossier }) => {
      heads.push({
        id,
        at,
        name,
        automatic,
        donors: Object.keys(dossier.donors).length,
        candidates: Object.keys(dossier.candidates).length,
      });
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
    await db.snapshots.put({ id, at, name, automatic, dossier } satisfies Snapshot);
    const old = (await db.snapshots.orderBy('id').toArray()).filter((s) => s.automatic);
    await db.snapshots.bulkDelete(
      old.slice(0, Math.max(0, old.length - AUTOMATIC_KEPT)).map((s) => s.id),
    );
  });
}

/** The dossier of a snapshot, or `undefined` when it is gone or no longer readable. */
export async function snapshotDossier(db: JugatorDb, id: string): Promise<Dossier | undefined> {
  const kept = (await db.snapshots.get(id))?.dossier;
  // A snapshot of an older version lacks the tables that came later.
  const dossier = kept && { ...EMPTY_DOSSIER, ...kept };
  const readable =
    dossier &&
    TABLES.every((t) =>
      Object.values(dossier[t]).every((record) => RECORD_SCHEMAS[t].safeParse(record).success),
    );
  return readable ? dossier : undefined;
}

export const deleteSnapshot = (db: JugatorDb, id: string): Promise<void> => db.snapshots.delete(id);

/** True when no automatic snapshot was kept within the last day. */
export async function isSnapshotDue(db: JugatorDb, at: number): Promise<boolean> {
  const last = (await db.snapshots.orderBy('id').reverse().toArray()).find((s) => s.automatic);
  return !last || at - last.at > 24 * 3600 * 1000;
}
