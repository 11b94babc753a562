import { afterEach, describe, expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { openDb, type StoredRecord } from '@/store/db';
import { parseDossierFile, formatDossierFile } from '@/store/files';
import { listSnapshots, snapshotDossier } from '@/store/snapshots';
import { FORMAT_VERSION } from '@/store/migrations';
import { standing } from '@/store/queries';
import { BRIEF_KEY, TABLES, type SetAside, type TableName } from '@/store/records';
import { asideWords } from '@/ui/messages';
import { rememberedColumns } from '@/store/tables';
import { closeTabs, label, openTab } from './tabs';

afterEach(closeTabs);
let count = 0;

/** A database that holds the example, with some of its rows changed behind the app's back. */
async function damaged(
  change: (rows: (table: TableName, key: string) => Record<string, unknown>) => void,
  extra: readonly (readonly [TableName, StoredRecord])[] = [],
): Promise<string> {
  count += 1;
  const name = `damaged-${count}`;
  const rows = structuredClone(demoDossier()) as unknown as Record<
    string,
    Record<string, Record<string, unknown>>
  >;
  change((table, key) => rows[table]?.[key] ?? {});
  const db = openDb(name);
  for (const table of TABLES)
    await db[table].bulkPut(
      Object.entries(rows[table] ?? {}).map(([key, value]) => ({ key, value })),
    );
  for (const [table, row] of extra) await db[table].put(row);
  await db.meta.put({ key: 'version', value: FORMAT_VERSION });
  db.close();
  return name;
}
const openDamaged = async (...args: Parameters<typeof damaged>) => openTab(await damaged(...args));
const asideOf = (store: Awaited<ReturnType<typeof openTab>>): readonly SetAside[] =>
  store.getState().aside.map((row) => row.what as SetAside);

describe('a stored record that cannot be read as it is', () => {
  test('a field of the brief takes its usual value, the rest stays, and what stood there is kept', async () => {
    const store = await openDamaged((rows) => {
      (rows('briefs', BRIEF_KEY).money as Record<string, unknown>).budget = 'a lot';
    });
    const brief = store.getState().dossier.briefs[BRIEF_KEY];
    expect(brief?.money).toMatchObject({ budget: 9000, tripFund: 2600 });
    expect(brief?.trip.name).toBe('Autumn crossing of the Saldorra plateau');
    const [aside] = asideOf(store);
    expect(aside).toMatchObject({ kind: 'mended', fields: ['money.budget'] });
    expect((aside?.value as { money: { budget: unknown } } | undefined)?.money.budget).toBe(
      'a lot',
    );
    expect(aside && asideWords(aside)).toMatch(/^The brief: .*budget.* usual value/i);
    expect(standing(store.getState().dossier)).toBeDefined();
  });
  test('a purpose without a name goes, the brief stays', async () => {
    const store = await openDamaged((rows) => {
      const purposes = rows('briefs', BRIEF_KEY).purposes as { name: string }[];
      (purposes[0] as { name: string }).name = '';
    });
    const brief = store.getState().dossier.briefs[BRIEF_KEY];
    expect(brief?.purposes?.map((p) => p.name)).toEqual(['Home trails']);
  });
  test('a damaged reading goes, the others of the figure stay; the machine is named', async () => {
    const store = await openDamaged((rows) => {
      const figures = rows('donors', 'wren-230').figures as {
        mass: { readings: Record<string, unknown>[] };
      };
      figures.mass.readings.push({ ...figures.mass.readings[0], id: 'bad', unit: 'furlong' });
    });
    expect(store.getState().dossier.donors['wren-230']?.figures.mass?.readings.length).toBe(
      demoDossier().donors['wren-230']?.figures.mass?.readings.length,
    );
    const [aside] = asideOf(store);
    expect(aside && asideWords(aside)).toContain('Wren 230');
    expect(aside && asideWords(aside)).toMatch(/could not be read/);
  });
  test('one that nothing can stand in for is left out whole, named, and kept as it was', async () => {
    const store = await openDamaged((rows) => {
      rows('candidates', 'c-wren-230').donorId = 7;
    });
    const { dossier } = store.getState();
    expect(dossier.candidates['c-wren-230']).toBeUndefined();
    // Its build cannot stand without it.
    expect(dossier.builds['c-wren-230']).toBeUndefined();
    expect(asideOf(store).map((a) => [a.table, a.kind])).toEqual([
      ['builds', 'left-out'],
      ['candidates', 'left-out'],
    ]);
    await store.settled();
    expect(await store.db.candidates.get('c-wren-230')).toBeUndefined();
    expect(await store.db.aside.count()).toBe(2);
  });
  test('it is said once, kept over a reload until the rider lets it go', async () => {
    const name = await damaged((rows) => {
      rows('donors', 'wren-230').maker = 7;
    });
    await openTab(name);
    const again = await openTab(name);
    expect(asideOf(again)).toHaveLength(1);
    expect(again.getState().dossier.donors['wren-230']?.maker).toBe('');
    await again.forgetAside();
    expect(asideOf(await openTab(name))).toEqual([]);
  });
  test('an unreadable brief leaves its place free: a new one can be begun', async () => {
    const store = await openDamaged(
      (rows) => rows('briefs', BRIEF_KEY),
      [['briefs', { key: BRIEF_KEY, value: 'gone to dust' }]],
    );
    const { dossier } = store.getState();
    expect(asideOf(store)).toMatchObject([{ table: 'briefs', value: 'gone to dust' }]);
    if (!dossier.briefs[BRIEF_KEY]) {
      const brief = demoDossier().briefs[BRIEF_KEY];
      expect(
        store.execute({
          label: label('start-brief'),
          changes: [{ table: 'briefs', key: BRIEF_KEY, path: [], after: brief }],
        }).kind,
      ).toBe('done');
      await store.settled();
      expect(store.getState().storage).toEqual({ kind: 'saved' });
    }
  });
});

describe('records that are good but hang together badly', () => {
  const cases: readonly (readonly [
    string,
    Parameters<typeof damaged>[0],
    readonly (readonly [TableName, StoredRecord])[],
    Partial<SetAside>,
  ])[] = [
    [
      'a candidate of a donor that is not there',
      () => undefined,
      [['candidates', { key: 'c-x', value: { id: 'c-x', donorId: 'nobody', plate: 11 } }]],
      { table: 'candidates', kind: 'left-out', why: 'dangling' },
    ],
    [
      'two on one plate: the later one gets a free one',
      (rows) => {
        rows('candidates', 'c-drover-430-brenfold').plate = 0;
      },
      [],
      { table: 'candidates', kind: 'mended', why: 'twice' },
    ],
    [
      'a ring of variants',
      (rows) => {
        Object.assign(rows('donors', 'sorrel-300'), {
          kind: 'variant',
          variant: {},
          baseId: 'sorrel-300-low',
        });
      },
      [],
      { table: 'donors', kind: 'mended', why: 'misplaced' },
    ],
    [
      'a key that is not the id',
      (rows) => {
        rows('donors', 'wren-230').id = 'other';
      },
      [],
      { table: 'donors', kind: 'mended', why: 'key' },
    ],
    [
      'a build with a part that there is not',
      (rows) => {
        rows('builds', 'c-wren-230').partIds = ['can-5', 'gone'];
      },
      [],
      { table: 'builds', kind: 'mended', why: 'dangling' },
    ],
    [
      'an id that every object has',
      () => undefined,
      [['donors', { key: 'constructor', value: { id: 'constructor' } }]],
      { table: 'donors', kind: 'left-out', why: 'key' },
    ],
  ];
  test.each(cases)('%s', async (_name, change, extra, expected) => {
    const store = await openDamaged(change, extra);
    expect(asideOf(store)).toContainEqual(expect.objectContaining(expected));
    const { dossier } = store.getState();
    // What is left is whole: it can be weighed, carried out and opened again.
    expect(standing(dossier)?.candidates.length).toBeGreaterThan(8);
    const text = formatDossierFile(dossier, '2026-11-20T12:00:00.000Z');
    expect(parseDossierFile(text)).toEqual({ kind: 'dossier', dossier });
    for (const aside of asideOf(store)) expect(asideWords(aside)).toMatch(/^The .+\.$/);
  });
});

describe('damage elsewhere in the database', () => {
  test('a damaged step of the history ends what can be undone, and is said', async () => {
    const store = await openTab('steps');
    store.replaceAll(demoDossier(), label('open-example'));
    await store.settled();
    const [entry] = await store.db.history.toArray();
    await store.db.history.put({ ...entry, changes: 'none' } as never);
    const again = await openTab('steps');
    expect(again.getState().history).toEqual([]);
    expect(again.getState().stepsDropped).toBe(1);
    expect(again.undo()).toBeUndefined();
    expect(Object.keys(again.getState().dossier.donors).length).toBeGreaterThan(5);
  });
  test('one damaged snapshot does not hide the others', async () => {
    const { db } = await openTab('shots');
    await db.snapshots.put({
      id: '2026-01-01-good',
      at: 1,
      name: 'good',
      automatic: false,
      version: FORMAT_VERSION,
      dossier: demoDossier(),
    });
    await db.snapshots.put({ id: '2026-01-02-bad', at: 'x', dossier: null } as never);
    await db.snapshots.put({ id: '2026-01-03-worse' } as never);
    const list = await listSnapshots(db);
    expect(list.map((s) => [s.id, s.damaged])).toEqual([
      ['2026-01-03-worse', true],
      ['2026-01-02-bad', true],
      ['2026-01-01-good', false],
    ]);
    expect(await snapshotDossier(db, '2026-01-02-bad')).toBeUndefined();
    expect(await snapshotDossier(db, '2026-01-01-good')).toEqual(demoDossier());
  });
  test('a damaged mapping of columns is forgotten and breaks nothing', async () => {
    const { db } = await openTab('maps');
    const key = 'model\u001fmass';
    for (const value of [
      [
        { kind: 'text', column: 'model' },
        { kind: 'figure', key: 'charm', basis: 'dry' },
      ],
      [null, 3],
      { length: 2 },
    ]) {
      await db.mappings.put({ key, value });
      expect(await rememberedColumns(db, ['Model', 'Mass'])).toBeUndefined();
      expect(await db.mappings.get(key)).toBeUndefined();
    }
  });
});
