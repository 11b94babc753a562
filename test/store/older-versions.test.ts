import { readFileSync } from 'node:fs';
import { Dexie } from 'dexie';
import loadHighs from 'highs';
import { afterEach, describe, expect, test } from 'vitest';
import { bestBuild } from '@/core/build';
import { surenessOf } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { formsOf, SHIPPED } from '@/core/catalogue';
import { formatDossierFile, parseDossierFile } from '@/store/files';
import { FORMAT_VERSION, STEPS } from '@/store/migrations';
import { partsOf, planSetting, standing, type Standing } from '@/store/queries';
import { TABLES, type Dossier } from '@/store/records';
import { listSnapshots, snapshotDossier } from '@/store/snapshots';
import { fileFaultWords } from '@/ui/messages';
import { closeTabs, openTab } from './tabs';

afterEach(closeTabs);

const AT = '2026-11-20T12:00:00.000Z';
const fixture = (name: string): string => readFileSync(`test/store/fixtures/${name}`, 'utf8');
type Rows = readonly { readonly key: string; readonly value: Record<string, unknown> }[];
/** Lists that came with version 10: empty in a file that was older. */
const SINCE_10 = { setups: [], gearings: [] };
/** What a database of version 4 held, table by table: history, snapshots and all. */
const DATABASE = JSON.parse(fixture('database-v4.json')) as Readonly<Record<string, Rows>>;

function opened(version: number): Dossier {
  const parsed = parseDossierFile(fixture(`dossier-v${version}.json`));
  if (parsed.kind !== 'dossier') throw new Error(fileFaultWords(parsed.fault));
  return parsed.dossier;
}

test('there is a step from every version to the next, and the last leads to the present one', () => {
  expect(STEPS.map((s) => s.from)).toEqual(STEPS.map((_, i) => i + 1));
  expect(FORMAT_VERSION).toBe(STEPS.length + 1);
  expect(new Set(STEPS.map((s) => s.name)).size).toBe(STEPS.length);
});

describe.each([1, 2, 3, 4])('a file of version %i', (version) => {
  const old = JSON.parse(fixture(`dossier-v${version}.json`)) as {
    donors: { id: string; figures: object }[];
    parts: { id: string }[];
    candidates: unknown[];
    builds: unknown[];
  };
  const dossier = opened(version);
  test('opens; donors, shortlist, builds and parts say what they said', () => {
    expect(old.donors.length).toBeGreaterThan(1);
    expect(Object.keys(dossier.donors)).toEqual(old.donors.map((d) => d.id));
    expect(Object.values(dossier.candidates)).toEqual(old.candidates);
    expect(Object.values(dossier.builds)).toEqual(old.builds);
    const parts = partsOf(dossier);
    expect(Object.keys(parts)).toEqual(expect.arrayContaining(old.parts.map((p) => p.id)));
    // A part is as it was, or the app has corrected it since, and says so.
    for (const part of old.parts)
      expect([parts[part.id], ...formsOf(SHIPPED, part.id)]).toContainEqual(part);
  });
  test('is written as the newest, and that comes back the same', () => {
    const text = formatDossierFile(dossier, AT);
    expect(JSON.parse(text)).toMatchObject({ version: FORMAT_VERSION });
    expect(parseDossierFile(text)).toEqual({ kind: 'dossier', dossier });
    expect(standing(dossier)?.candidates.length).toBe(old.candidates.length);
  });
});

/** A trial as version 13 has it: one mark of the wind was of helmet and chest. */
const withWindApart = (trial: OldTrial) => {
  const { buffeting, ...felt } = trial.observed.felt ?? {};
  return buffeting === undefined
    ? trial
    : {
        ...trial,
        observed: {
          ...trial.observed,
          felt: { ...felt, windHelmet: buffeting, windChest: buffeting },
        },
      };
};
interface OldTrial {
  readonly observed: { readonly felt?: Readonly<Record<string, number>> };
}
/** What an old file of rides says, in the words of today. */
const sameRides = (text: string): object => {
  const old = today(text) as { readonly trials: readonly OldTrial[] };
  return { ...old, trials: old.trials.map(withWindApart) };
};

interface OldBrief {
  readonly money: { readonly currency: string; readonly rates: readonly object[] };
  readonly classPrices?: Readonly<Record<string, object>>;
}
/** A brief as version 15 has it: rates and prices of classes name the currency that was the brief's. */
const withCurrenciesNamed = ({ money, classPrices, ...brief }: OldBrief): object => ({
  ...brief,
  money: { ...money, rates: money.rates.map((r) => ({ ...r, to: money.currency })) },
  ...(classPrices && {
    classPrices: Object.fromEntries(
      Object.entries(classPrices).map(([c, p]) => [c, { ...p, currency: money.currency }]),
    ),
  }),
});
/** What an old file says, in the words of today. */
const today = (text: string): object => {
  const old = JSON.parse(text) as {
    readonly brief: OldBrief;
    readonly verdicts?: readonly { readonly sheet: { readonly brief: OldBrief } }[];
  };
  return {
    ...old,
    brief: withCurrenciesNamed(old.brief),
    ...(old.verdicts && {
      verdicts: old.verdicts.map((v) => ({
        ...v,
        sheet: { ...v.sheet, brief: withCurrenciesNamed(v.sheet.brief) },
      })),
    }),
  };
};

describe('a file and a database of version 14', () => {
  test('the file opens with the currency named that its rates led to, and its prices of classes were in', () => {
    const dossier = opened(14);
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...today(fixture('dossier-v14.json')),
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    expect(dossier.briefs.brief?.money.rates).toEqual([
      { currency: 'EUR', to: 'CHF', rate: 0.95, date: '2026-11-03' },
    ]);
    expect(dossier.briefs.brief?.classPrices?.['rally-twin']?.currency).toBe('CHF');
  });
  test('the database opens like its file, and every step of undo leads back to rates that name both currencies', async () => {
    const rows = JSON.parse(fixture('database-v14.json')) as Record<string, unknown[]>;
    await databaseOf('old-14', 14, rows);
    const store = await openTab('old-14');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(14));
    expect(store.getState().history).toHaveLength(4);
    const money = () => store.getState().dossier.briefs.brief?.money;
    for (const [currency, led] of [
      ['CHF', 'CHF'],
      ['EUR', 'EUR'],
      ['EUR', 'EUR'],
      ['EUR', 'EUR'],
    ]) {
      expect(store.undo()).toBeDefined();
      expect(money()?.currency).toBe(currency);
      expect([...new Set(money()?.rates.map((r) => r.to))]).toEqual([led]);
    }
    expect(money()?.rates.map((r) => r.currency)).toEqual(['USD', 'GBP']);
    expect(store.undo()).toBeUndefined();
  });
});

describe('a file and a database of version 13', () => {
  test('the file opens as it is: a seat taped under the rider, what is held typical of a class', () => {
    const dossier = opened(13);
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...today(fixture('dossier-v13.json')),
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    expect(dossier.donors['wren-230']?.figures.seatSettle?.readings[0]?.amount).toBe(55);
    expect(dossier.briefs.brief?.typicalFacts?.['rally-twin']?.screen).toEqual({
      none: 10,
      small: 60,
      tall: 30,
    });
    for (const donor of Object.values(dossier.donors)) expect(donor.classGuessed).toBeUndefined();
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v13.json')) as Record<string, unknown[]>;
    await databaseOf('old-13', 13, rows);
    const store = await openTab('old-13');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(13));
  });
});

describe('a file and a database of version 12', () => {
  test('the file opens as it is, but for the wind: one mark of it was of helmet and chest', () => {
    const dossier = opened(12);
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...sameRides(fixture('dossier-v12.json')),
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    const felt = Object.values(dossier.trials).flatMap((t) => t.observed.felt ?? []);
    expect(felt.filter((f) => f.windChest !== undefined)).toHaveLength(4);
    for (const f of felt) expect(f.windChest).toBe(f.windHelmet);
    expect(dossier.trials['wren-week']?.observed.buzz).toEqual({ from_kmh: 88, to_kmh: 101 });
    expect(dossier.parts['own-seat']?.effects[0]?.spread).toBe(8);
    expect(dossier.briefs.brief?.ownNeeds).toEqual({ wind: 0.08, 'revs/single': -0.04 });
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v12.json')) as Record<string, unknown[]>;
    await databaseOf('old-12', 12, rows);
    const store = await openTab('old-12');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(12));
  });
});

describe('a file and a database of version 11', () => {
  test('the file opens as it is: needs learned from rides; no months, no seller’s answers, no hearts that count', () => {
    const dossier = opened(11);
    const old = sameRides(fixture('dossier-v11.json'));
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...old,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    const brief = dossier.briefs.brief as Brief;
    expect(brief.ownNeeds).toEqual({ wind: 0.08, readyMass: -6 });
    expect(brief.trip.season).toBeUndefined();
    expect(standing(dossier)?.weights.heart).toBe(0);
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v11.json')) as Record<string, unknown[]>;
    await databaseOf('old-11', 11, rows);
    const store = await openTab('old-11');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(11));
  });
});

describe('a file and a database of version 10', () => {
  test('the file opens as it is: rides, a set-up sheet; no need has been learned yet', () => {
    const dossier = opened(10);
    const old = sameRides(fixture('dossier-v10.json'));
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...old,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    expect(Object.values(dossier.trials).filter((t) => t.observed.felt).length).toBeGreaterThan(1);
    expect(Object.keys(dossier.setups)).toHaveLength(1);
    expect(dossier.briefs.brief?.ownNeeds).toBeUndefined();
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v10.json')) as Record<string, unknown[]>;
    await databaseOf('old-10', 10, rows);
    const store = await openTab('old-10');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(10));
  });
});

describe('a file and a database of version 9', () => {
  test('the file opens as it is: what classes cost; no set-up sheets and no wishes for gears yet', () => {
    const dossier = opened(9);
    const old = today(fixture('dossier-v9.json'));
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...old,
      ...SINCE_10,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    const brief = dossier.briefs.brief as Brief;
    expect(brief.classPrices).toEqual({
      'rally-twin': { low: 6200, high: 9900, currency: 'EUR' },
    });
    expect(Object.keys(dossier.setups)).toEqual([]);
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v9.json')) as Record<string, unknown[]>;
    await databaseOf('old-9', 9, rows);
    const store = await openTab('old-9');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(9));
  });
});

describe('a file and a database of version 8', () => {
  test('the file opens as it is: purposes with their own road, a loan, room, cold and wet; nobody has said what classes cost', () => {
    const dossier = opened(8);
    const old = today(fixture('dossier-v8.json'));
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...old,
      ...SINCE_10,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    const brief = dossier.briefs.brief as Brief;
    expect(brief.classPrices).toBeUndefined();
    expect(brief.money.loanMonths).toBe(36);
    expect(brief.trip.luggage_L).toBe(60);
    expect(brief.rider.lift_kg).toBe(55);
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v8.json')) as Record<string, unknown[]>;
    await databaseOf('old-8', 8, rows);
    const store = await openTab('old-8');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(8));
  });
});

describe('a file and a database of version 7', () => {
  test('the file opens as it is: what is typical of a class, a must taken as kept, the cruise as a must', () => {
    const dossier = opened(7);
    const old = today(fixture('dossier-v7.json'));
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...old,
      ...SINCE_10,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    const brief = dossier.briefs.brief as Brief;
    expect(brief.typical?.['rally-twin']?.mass?.mid).toBe(209);
    expect(brief.musts.on).toContain('cruise');
    expect(Object.values(dossier.candidates)[0]?.takenAsKept).toEqual(['payload']);
    expect(brief.purposes?.every((p) => p.trip === undefined)).toBe(true);
  });
  test('the database opens like its file', async () => {
    const rows = JSON.parse(fixture('database-v7.json')) as Record<string, unknown[]>;
    await databaseOf('old-7', 7, rows);
    const store = await openTab('old-7');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(7));
  });
});

describe('a file and a database of version 6', () => {
  test('the file opens as it is, with the sureness it asks for and nothing put right of any class', () => {
    const dossier = opened(6);
    const old = today(fixture('dossier-v6.json'));
    expect(JSON.parse(formatDossierFile(dossier, AT))).toEqual({
      ...old,
      ...SINCE_10,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    const brief = dossier.briefs.brief as Brief;
    expect(surenessOf(brief)).toBe(0.9);
    expect(brief.typical).toBeUndefined();
  });
  test('the database opens with its dossier, verdicts and history', async () => {
    const rows = JSON.parse(fixture('database-v6.json')) as Record<string, unknown[]>;
    await databaseOf('old-6', 6, rows);
    const store = await openTab('old-6');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(6));
    expect(Object.keys(store.getState().dossier.verdicts)).toHaveLength(2);
    expect(store.getState().history).toHaveLength(rows.history?.length ?? 0);
    await store.settled();
    expect(store.undo()).toBeDefined();
  });
});

describe('a file and a database of version 5', () => {
  test('the file opens as it is, with nothing said about how sure a must has to be: 80 of 100', () => {
    const dossier = opened(5);
    const text = formatDossierFile(dossier, AT);
    const old = today(fixture('dossier-v5.json'));
    expect(JSON.parse(text)).toEqual({
      ...old,
      ...SINCE_10,
      version: FORMAT_VERSION,
      exportedAt: AT,
    });
    expect(surenessOf(dossier.briefs.brief as Brief)).toBe(0.8);
  });
  test('the database opens with its dossier, verdicts and history', async () => {
    const rows = JSON.parse(fixture('database-v5.json')) as Record<string, unknown[]>;
    await databaseOf('old-5', 5, rows);
    const store = await openTab('old-5');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(4));
    expect(store.getState().history).toHaveLength(rows.history?.length ?? 0);
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'saved' });
    expect(store.undo()).toBeDefined();
  });
});

describe('what version 5 moved', () => {
  const dossier = opened(4);
  test('kinds of donor', () => {
    expect(dossier.donors['sorrel-300']?.kind).toBe('model');
    expect(dossier.donors['v-own']).toMatchObject({ kind: 'variant', variant: { year: 2025 } });
    expect(dossier.donors['drover-430-brenfold']).toMatchObject({
      kind: 'machine',
      state: 'for-sale',
      machine: { odometer_km: 15020 },
    });
  });
  test('sits, ticks, readings at the machine and findings are trials, and nothing of them is left elsewhere', () => {
    expect(Object.keys(dossier.trials)).toEqual([
      'sit-1',
      'sit-2',
      'sit-3',
      'visit-drover-430-brenfold',
      'visit-sorrel-300',
    ]);
    expect(dossier.trials['visit-sorrel-300']).toMatchObject({
      kind: 'inspection',
      on: '2026-11-18',
      donorId: 'sorrel-300',
      observed: {
        feet: 'balls',
        figures: { mass: { amount: 143 }, alternator: { amount: 260 } },
        facts: { wheelType: { value: 'spoked-tubes' } },
      },
    });
    expect(dossier.trials['visit-drover-430-brenfold']).toMatchObject({
      on: '2026-11-19',
      note: 'Rain, second owner, keys in two.',
      observed: {
        ticks: { chain: 'bad', brakes: 'good', owner: 'good' },
        findings: [{ id: 'seen-chain', cost: { amount: 140 } }],
        figures: { price: { amount: 4400 } },
      },
    });
    const { trials: _trials, verdicts: _verdicts, ...rest } = dossier;
    expect(JSON.stringify(rest)).not.toContain('seen-');
    expect(JSON.stringify(rest)).not.toContain('"sits"');
  });
  test('own and changed parts stay, shipped ones are named, one that was taken out stays out', () => {
    expect(Object.keys(dossier.parts)).toEqual(['handguards', 'own-rail']);
    expect(dossier.catalogues.catalogue).toEqual({
      id: 'catalogue',
      version: 1,
      without: ['seat-tall'],
    });
    expect(formatDossierFile(dossier, AT).length).toBeLessThan(
      fixture('dossier-v4.json').length * 0.8,
    );
  });
  test('a verdict’s sheet says its version and is otherwise word for word what was settled', () => {
    const old = today(fixture('dossier-v4.json')) as { verdicts: { sheet: object }[] };
    expect(Object.values(dossier.verdicts)).toEqual(
      old.verdicts.map((v) => ({ ...v, sheet: { version: 1, ...v.sheet } })),
    );
  });
});

describe('an older file, exported today and opened again, gives the same results to the last digit', () => {
  const dossier = opened(4);
  const again = parseDossierFile(formatDossierFile(dossier, AT));
  if (again.kind !== 'dossier') throw new Error('not read');
  test('ranking and best builds', async () => {
    const highs = await loadHighs();
    const results = (of: Dossier) => {
      const now = standing(of) as Standing;
      const rankOf = (ranked: Standing['stockRanking']) =>
        ranked.map(({ id, group, place, chance, score: { points } }) => [
          id,
          group,
          place ?? null,
          chance ?? null,
          { ...points },
        ]);
      const builds = now.candidates.slice(0, 3).map((entry) => {
        const setting = planSetting(of, now, entry, { legalOnly: false, today: '2026-11-20' });
        const best = bestBuild(highs, setting, 9550, false);
        return best.kind === 'build'
          ? [best.build.partIds.toSorted(), best.build.cost, best.build.points]
          : [best.kind];
      });
      return { rank: rankOf(now.stockRanking), built: rankOf(now.builtRanking), builds };
    };
    expect(results(again.dossier)).toEqual(results(dossier));
    expect(results(dossier).rank).toHaveLength(10);
  });
});

/** A database as the app of a version left it. */
async function databaseOf(
  name: string,
  version: number,
  rows: Readonly<Record<string, unknown[]>>,
) {
  const db = new Dexie(name);
  const first = ['briefs', 'donors', 'parts', 'candidates', 'builds'];
  db.version(1).stores({
    ...Object.fromEntries(first.map((t) => [t, 'key'])),
    history: 'id',
    preferences: 'key',
    drafts: 'key',
  });
  if (version >= 2) db.version(2).stores({ mappings: 'key', snapshots: 'id' });
  if (version >= 3) db.version(3).stores({ verdicts: 'key', visits: 'key' });
  if (version >= 5)
    db.version(4).stores({ trials: 'key', catalogues: 'key', meta: 'key', aside: 'id' });
  if (version >= 10) db.version(5).stores({ setups: 'key', gearings: 'key' });
  await db.open();
  for (const [table, list] of Object.entries(rows))
    if (db.tables.some((t) => t.name === table)) await db.table(table).bulkPut(list);
  db.close();
}
const rowsOf = (version: number): Readonly<Record<string, unknown[]>> => {
  const file = JSON.parse(fixture(`dossier-v${version}.json`)) as Record<string, unknown>;
  return {
    briefs: [{ key: 'brief', value: file.brief }],
    ...Object.fromEntries(
      ['donors', 'parts', 'candidates', 'builds'].map((t) => [
        t,
        (file[t] as { id: string }[]).map((value) => ({ key: value.id, value })),
      ]),
    ),
  };
};

describe('databases of older versions', () => {
  test.each([1, 2, 3])('version %i opens like its file', async (version) => {
    await databaseOf(`old-${version}`, version, rowsOf(version));
    const store = await openTab(`old-${version}`);
    expect(store.getState().storage).toEqual({ kind: 'saved' });
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(version));
  });
  test('version 4: the dossier, every step of undo, snapshots, and what was there before', async () => {
    await databaseOf('old-4', 3, DATABASE as unknown as Record<string, unknown[]>);
    const store = await openTab('old-4');
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(opened(4));
    // All the way back, and all the way forth again: each state is a good dossier of today.
    const steps = (DATABASE.history ?? []) as unknown as { undone: boolean }[];
    expect(store.getState().history).toHaveLength(steps.length);
    const states: Dossier[] = [store.getState().dossier];
    while (store.undo()) {
      states.push(store.getState().dossier);
      const text = formatDossierFile(store.getState().dossier, AT);
      expect(parseDossierFile(text).kind).toBe('dossier');
    }
    expect(states).toHaveLength(steps.filter((s) => !s.undone).length + 1);
    expect(store.getState().refused).toBeUndefined();
    expect(TABLES.every((t) => Object.keys(store.getState().dossier[t]).length === 0)).toBe(true);
    for (const state of states.slice(0, -1).toReversed()) {
      expect(store.redo()).toBeDefined();
      expect(store.getState().dossier).toEqual(state);
    }
    expect(store.redo()?.code).toBe('edit-brief');
    expect(store.getState().dossier.briefs.brief?.trip.luggage_kg).toBe(24);
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'saved' });
    const list = await listSnapshots(store.db);
    expect(list.map((s) => s.name).toSorted()).toEqual([
      'before the trip',
      `before version ${FORMAT_VERSION}`,
      'the day’s first',
    ]);
    for (const head of list) {
      const kept = await snapshotDossier(store.db, head.id);
      expect(kept && standing(kept)?.candidates.length, head.name).toBe(10);
    }
  });
  test('brought up once: the next opening finds the same and writes nothing', async () => {
    await databaseOf('old-once', 3, DATABASE as unknown as Record<string, unknown[]>);
    const first = await openTab('old-once');
    await first.settled();
    const again = await openTab('old-once');
    expect(again.getState().dossier).toEqual(first.getState().dossier);
    expect(again.getState().history).toEqual(first.getState().history);
    expect(await again.db.snapshots.count()).toBe(await first.db.snapshots.count());
  });
  test('a database of a newer version is left alone and said', async () => {
    const store = await openTab('newer');
    await store.settled();
    await store.db.meta.put({ key: 'version', value: FORMAT_VERSION + 1 });
    const older = await openTab('newer');
    expect(older.getState().storage).toEqual({ kind: 'unsaved', fault: 'newer' });
    expect((await older.db.meta.get('version'))?.value).toBe(FORMAT_VERSION + 1);
  });
});
