import { describe, expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { createDossierStore } from '@/store/dossier-store';
import {
  deleteSnapshot,
  isSnapshotDue,
  keepSnapshot,
  listSnapshots,
  snapshotDossier,
} from '@/store/snapshots';
import { rememberColumns, rememberedColumns } from '@/store/tables';
import { SHIPPED } from '@/core/catalogue';
import type { Donor } from '@/core/donor';
import { EMPTY_DOSSIER } from '@/store/records';

const DAY = 24 * 3600 * 1000;
const NOON = Date.UTC(2026, 4, 1, 12);
let count = 0;
async function opened() {
  count += 1;
  const store = createDossierStore({ dbName: `snapshots-${count}`, now: () => NOON });
  await store.open();
  return store;
}

describe('dated snapshots', () => {
  test('kept, listed newest first, read back whole, deleted', async () => {
    const { db } = await opened();
    const dossier = demoDossier();
    await keepSnapshot(db, dossier, 'first', false, NOON);
    await keepSnapshot(db, { ...dossier, candidates: {}, builds: {} }, 'second', false, NOON + 1);
    const list = await listSnapshots(db);
    expect(list.map((s) => [s.name, s.automatic, s.candidates])).toEqual([
      ['second', false, 0],
      ['first', false, 10],
    ]);
    expect(await snapshotDossier(db, list[1]?.id ?? '')).toEqual(dossier);
    await deleteSnapshot(db, list[0]?.id ?? '');
    expect(await listSnapshots(db)).toHaveLength(1);
    expect(await snapshotDossier(db, 'nobody')).toBeUndefined();
  });
  test('an empty dossier is not kept; of those kept by itself the last twelve stay, the rider’s own all', async () => {
    const { db } = await opened();
    await keepSnapshot(db, EMPTY_DOSSIER, 'nothing', false, NOON);
    expect(await listSnapshots(db)).toEqual([]);
    await keepSnapshot(db, demoDossier(), 'mine', false, NOON);
    for (let i = 1; i <= 15; i += 1)
      await keepSnapshot(db, demoDossier(), `auto ${i}`, true, NOON + i * DAY);
    const list = await listSnapshots(db);
    expect(list.filter((s) => s.automatic).map((s) => s.name)).toEqual(
      Array.from({ length: 12 }, (_, i) => `auto ${15 - i}`),
    );
    expect(list.some((s) => s.name === 'mine')).toBe(true);
  });
  test('one a day is due', async () => {
    const { db } = await opened();
    expect(await isSnapshotDue(db, NOON)).toBe(true);
    await keepSnapshot(db, demoDossier(), '', true, NOON);
    expect(await isSnapshotDue(db, NOON + DAY - 1)).toBe(false);
    expect(await isSnapshotDue(db, NOON + DAY + 1)).toBe(true);
  });
  test('one that no schema accepts any more is not restored', async () => {
    const { db } = await opened();
    const dossier = demoDossier();
    await keepSnapshot(
      db,
      { ...dossier, donors: { x: { id: 'x' } } } as unknown as typeof dossier,
      'broken',
      false,
      NOON,
    );
    expect(await snapshotDossier(db, (await listSnapshots(db))[0]?.id ?? '')).toBeUndefined();
  });
  test('restoring is one step of undo, and outlives a new opening of the database', async () => {
    const store = await opened();
    store.replaceAll(demoDossier(), { code: 'open-example', facts: {} });
    const before = store.getState().dossier;
    store.replaceAll(
      { ...before, donors: {}, candidates: {}, builds: {}, trials: {}, setups: {} },
      { code: 'restore-snapshot', facts: {} },
    );
    await store.settled();
    const again = createDossierStore({ dbName: `snapshots-${count}`, now: () => NOON });
    await again.open();
    expect(Object.keys(again.getState().dossier.donors)).toEqual([]);
    again.undo();
    expect(again.getState().dossier).toEqual(before);
  });
});

test('a mapping of columns is found again by its headings, and forgotten when it cannot be read', async () => {
  const { db } = await opened();
  const columns = [
    { kind: 'text', column: 'model' },
    { kind: 'figure', key: 'mass', unit: 'lb', basis: 'dry' },
  ] as const;
  await rememberColumns(db, ['Model', 'Mass'], columns);
  expect(await rememberedColumns(db, [' model', 'MASS'])).toEqual(columns);
  expect(await rememberedColumns(db, ['Mass', 'Model'])).toBeUndefined();
  await db.mappings.put({ key: 'model\u001fmass', value: 'nonsense' });
  expect(await rememberedColumns(db, ['Model', 'Mass'])).toBeUndefined();
});

test('a snapshot from before verdicts were kept is read back with none', async () => {
  const { db } = await opened();
  const { verdicts: _verdicts, trials: _trials, ...kept } = demoDossier();
  const old = { ...kept, parts: SHIPPED.parts, catalogues: undefined };
  await db.snapshots.put({
    id: '2026-01-01T00:00:00.000Z-old',
    at: NOON,
    name: 'old',
    automatic: false,
    dossier: withoutKinds(old),
  });
  expect(await snapshotDossier(db, '2026-01-01T00:00:00.000Z-old')).toEqual({
    ...demoDossier(),
    trials: {},
    // Of the catalogue as it was then, so that what has been corrected since is told.
    catalogues: { catalogue: { ...demoDossier().catalogues.catalogue, version: 1 } },
  });
});

/** Donors as they were told apart before they had a kind. */
function withoutKinds<T extends { readonly donors: Readonly<Record<string, Donor>> }>(of: T) {
  const donors = Object.entries(of.donors).map(([key, donor]) => {
    const { kind: _kind, ...rest } = donor;
    if (!('machine' in rest)) return [key, rest];
    const { machine, state: _state, ...sheet } = rest;
    return [key, { ...sheet, listing: machine }];
  });
  return { ...of, donors: Object.fromEntries(donors) as unknown };
}
