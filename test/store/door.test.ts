import fc from 'fast-check';
import { afterEach, describe, expect, test } from 'vitest';
import { BRIEF_LIMITS, PURPOSE_NAME_LIMITS, RATE_LIMITS, type Brief } from '@/core/brief';
import type { Sit } from '@/core/evidence';
import { putTrial, sitTrial } from '@/store/trial-changes';
import { FIGURE_DEFINITIONS } from '@/core/readings';
import { SHIPPED } from '@/core/catalogue';
import { demoDossier } from '@/demo/scenario';
import type { DossierStore } from '@/store/dossier-store';
import type { Change } from '@/store/history';
import { BRIEF_KEY, isId, newBrief, TABLES, type Dossier, type TableName } from '@/store/records';
import { recordFaultWords } from '@/ui/messages';
import { addDonor, closeTabs, label, openTab, setText } from './tabs';

afterEach(closeTabs);

const brief = (store: DossierStore): Brief => store.getState().dossier.briefs[BRIEF_KEY] as Brief;
const onBrief = (path: readonly string[], before: unknown, after: unknown): Change => ({
  table: 'briefs',
  key: BRIEF_KEY,
  path,
  before,
  after,
});
const SIT: Sit = { id: 'x', machine: 'y', seatHeight_mm: 800, seatWidth: 'wide', feet: 'flat' };

async function withExample(): Promise<DossierStore> {
  const store = await openTab();
  store.replaceAll(demoDossier(), label('open-example'));
  return store;
}

describe('what an editor could once lose the brief with is refused, and nothing changes', () => {
  test('a purpose without a name', async () => {
    const store = await withExample();
    const { purposes = [] } = brief(store);
    const nameless = purposes.map((p, i) => (i === 0 ? { ...p, name: '' } : p));
    const outcome = store.execute({
      label: label('edit-purposes'),
      changes: [onBrief(['purposes'], purposes, nameless)],
    });
    expect(outcome.kind).toBe('refused');
    expect(outcome.kind === 'refused' && recordFaultWords(outcome.fault)).toBe(
      'The name of a purpose must not be empty.',
    );
    expect(brief(store).purposes).toEqual(purposes);
    expect(store.getState().refused).toMatchObject({ label: label('edit-purposes') });
  });
  test.each([
    ['lowest seat', FIGURE_DEFINITIONS.seatHeight.limits.min, true],
    ['below it', FIGURE_DEFINITIONS.seatHeight.limits.min - 1, false],
    ['highest seat', FIGURE_DEFINITIONS.seatHeight.limits.max, true],
    ['above it', FIGURE_DEFINITIONS.seatHeight.limits.max + 1, false],
  ])('a sit on the %s', async (_name, seatHeight_mm, good) => {
    const store = await withExample();
    const changes = [putTrial(undefined, sitTrial({ ...SIT, seatHeight_mm }))];
    expect(store.execute({ label: label('edit-sits'), changes }).kind).toBe(
      good ? 'done' : 'refused',
    );
  });
  test.each([
    [RATE_LIMITS.max, true],
    [RATE_LIMITS.max + 1, false],
    [RATE_LIMITS.min, true],
    [0, false],
  ])('a rate of %d', async (rate, good) => {
    const store = await withExample();
    const { rates } = brief(store).money;
    const after = [{ currency: 'USD', to: 'EUR', rate, date: '2026-05-01' }];
    const changes = [onBrief(['money', 'rates'], rates, after)];
    expect(store.execute({ label: label('edit-brief'), changes }).kind).toBe(
      good ? 'done' : 'refused',
    );
  });
  test('a day that no calendar has, a part without bounds, an id that every object has', async () => {
    const store = await withExample();
    const can = SHIPPED.parts['can-5'];
    const tries: readonly (readonly Change[])[] = [
      [onBrief(['trip', 'days', 'trip'], '2027-09-12', '2026-99-99')],
      [
        {
          table: 'parts',
          key: 'can-5',
          path: [],
          after: { ...can, effects: [{ figure: 'tank', change: 'add', amount: 1e308 }] },
        },
      ],
      ...['constructor', 'toString', '__proto__', 'hasOwnProperty'].map((id) => [addDonor(id)]),
    ];
    for (const changes of tries)
      expect(store.execute({ label: label('edit'), changes }).kind).toBe('refused');
    expect(store.getState().dossier).toEqual(demoDossier());
  });
  test('a record that others mention does not go alone, and none comes that mentions nothing', async () => {
    const store = await withExample();
    const { donors } = store.getState().dossier;
    expect(
      store.execute({
        label: label('delete-donor'),
        changes: [{ table: 'donors', key: 'wren-230', path: [], before: donors['wren-230'] }],
      }),
    ).toMatchObject({ kind: 'refused', fault: { code: 'dangling', table: 'candidates' } });
    expect(
      store.execute({
        label: label('shortlist'),
        changes: [
          {
            table: 'candidates',
            key: 'c-x',
            path: [],
            after: { id: 'c-x', donorId: 'nobody', plate: 11 },
          },
        ],
      }),
    ).toMatchObject({ kind: 'refused', fault: { code: 'dangling' } });
  });
});

test('the limits of a purpose’s name and of every figure of the brief are those of the schema, both ends', async () => {
  const store = await openTab();
  const put = (b: Brief): boolean =>
    store.execute({
      label: label('edit'),
      changes: [onBrief([], store.getState().dossier.briefs[BRIEF_KEY], b)],
    }).kind === 'done';
  const named = (name: string): Brief => ({
    ...newBrief('EUR'),
    purposes: [{ id: 'p', name, ground: newBrief('EUR').ground }],
  });
  expect(put(named('x'.repeat(PURPOSE_NAME_LIMITS.min)))).toBe(true);
  expect(put(named('x'.repeat(PURPOSE_NAME_LIMITS.max)))).toBe(true);
  expect(put(named('x'.repeat(PURPOSE_NAME_LIMITS.min - 1)))).toBe(false);
  expect(put(named('x'.repeat(PURPOSE_NAME_LIMITS.max + 1)))).toBe(false);
  expect(Object.keys(BRIEF_LIMITS).length).toBeGreaterThan(20);
});

describe('whatever is done, nothing is lost over a reload', () => {
  /** Values of every kind that an editor, a file or a fault could hand over. */
  const anything = fc.oneof(
    fc.string({ maxLength: 70 }),
    fc.double({ noNaN: false }),
    fc.integer({ min: -10, max: 2000 }),
    fc.constantFrom('', 'constructor', '2026-99-99', null, true, 'A2', 'EUR'),
    fc.array(fc.string({ maxLength: 5 }), { maxLength: 3 }),
    fc.constant(undefined),
  );
  /** Every place of every record, as a path to one of its leaves or branches. */
  const places = (dossier: Dossier): readonly { table: TableName; key: string; path: string[] }[] =>
    TABLES.flatMap((table) =>
      Object.entries(dossier[table])
        .slice(0, 4)
        .flatMap(([key, record]) =>
          pathsOf(record as unknown, 3).map((path) => ({ table, key, path })),
        ),
    );
  const pathsOf = (value: unknown, depth: number): readonly string[][] =>
    typeof value !== 'object' || value === null || Array.isArray(value) || depth === 0
      ? [[]]
      : [
          [],
          ...Object.entries(value).flatMap(([k, v]) =>
            pathsOf(v, depth - 1).map((rest) => [k, ...rest]),
          ),
        ];
  const valueAt = (dossier: Dossier, table: TableName, key: string, path: readonly string[]) =>
    path.reduce<unknown>(
      (at, step) => (at as Record<string, unknown> | undefined)?.[step],
      dossier[table][key],
    );

  test('random edits of every place: done ones are there again, refused ones change nothing', async () => {
    const all = places(demoDossier());
    expect(all.length).toBeGreaterThan(300);
    let [done, refused] = [0, 0];
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.constantFrom(...all), anything), { minLength: 5, maxLength: 25 }),
        async (edits) => {
          const dbName = `random-${done}-${refused}`;
          const store = await openTab(dbName);
          store.replaceAll(demoDossier(), label('open-example'));
          for (const [{ table, key, path }, after] of edits) {
            const { dossier } = store.getState();
            const before = valueAt(dossier, table, key, path);
            const outcome = store.execute({
              label: label('edit'),
              changes: [{ table, key, path, before, after }],
            });
            if (outcome.kind === 'done') done += 1;
            else {
              refused += 1;
              expect(store.getState().dossier).toBe(dossier);
            }
          }
          await store.settled();
          const again = await openTab(dbName);
          expect(again.getState().aside).toEqual([]);
          expect(again.getState().dossier).toEqual(store.getState().dossier);
          closeTabs();
        },
      ),
      { seed: 12, numRuns: 40 },
    );
    expect(done).toBeGreaterThan(30);
    expect(refused).toBeGreaterThan(200);
  });

  test('an undo that would leave something bad behind is refused and said', async () => {
    const store = await openTab();
    store.execute({ label: label('add'), changes: [addDonor('a')] });
    store.execute({ label: label('edit'), changes: [setText('a', 'model', 'a', 'b')] });
    store.setState(({ history }) => ({
      history: history.map((e) =>
        e.label.code === 'edit'
          ? { ...e, changes: [setText('a', 'model', 'x'.repeat(500), 'b')] }
          : e,
      ),
    }));
    expect(store.undo()).toBeUndefined();
    expect(store.getState().refused).toMatchObject({ label: label('edit') });
    expect(store.getState().dossier.donors.a?.model).toBe('b');
  });
});

test.each([
  ['x', true],
  ['a'.repeat(64), true],
  ['a'.repeat(65), false],
  ['', false],
  ['toString', false],
  ['__proto__', false],
])('“%s” can be an id: %s', (id, good) => expect(isId(id)).toBe(good));
