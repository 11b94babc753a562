import fc from 'fast-check';
import { afterEach, describe, expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { createDossierStore, type DossierStore } from '@/store/dossier-store';
import { applyChanges, inverted, mergedChanges, type Change } from '@/store/history';
import { storageFault } from '@/store/persistence';
import { BRIEF_KEY, EMPTY_DOSSIER, newBrief, newDonor } from '@/store/records';

let count = 0;
const opened: DossierStore[] = [];
async function open(dbName = `test-${(count += 1)}`, now?: () => number): Promise<DossierStore> {
  const store = createDossierStore({ dbName, tab: `t${opened.length}`, ...(now ? { now } : {}) });
  opened.push(store);
  await store.open();
  return store;
}
afterEach(() => {
  for (const store of opened.splice(0)) store.db.close();
});

const add = (id: string): Change => ({
  table: 'donors',
  key: id,
  path: [],
  after: { ...newDonor(id), model: id },
});
const model = (id: string, before: string, after: string): Change => ({
  table: 'donors',
  key: id,
  path: ['model'],
  before,
  after,
});
const label = (code: string) => ({ code, facts: {} });

describe('changes', () => {
  test('apply at a path, and back again', () => {
    const one = applyChanges(EMPTY_DOSSIER, [add('a'), model('a', 'a', 'b')]);
    if (one.kind !== 'applied') throw new Error('conflict');
    expect(one.value.donors.a?.model).toBe('b');
    const back = applyChanges(one.value, inverted([add('a'), model('a', 'a', 'b')]));
    expect(back).toEqual({ kind: 'applied', value: EMPTY_DOSSIER });
  });
  test('a value that is not the expected one, or a record that is gone, is a conflict', () => {
    const one = applyChanges(EMPTY_DOSSIER, [add('a')]);
    if (one.kind !== 'applied') throw new Error('conflict');
    expect(applyChanges(one.value, [model('a', 'other', 'b')])).toMatchObject({
      kind: 'conflict',
      conflict: { theirs: 'a' },
    });
    expect(applyChanges(EMPTY_DOSSIER, [model('a', 'a', 'b')]).kind).toBe('conflict');
  });
  test('merged runs keep the first before and the last after', () => {
    expect(mergedChanges([model('a', '1', '2')], [model('a', '2', '3'), add('b')])).toEqual([
      model('a', '1', '3'),
      add('b'),
    ]);
  });
  test('any run of edits can be undone to the start and redone to the end', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('maker', 'model', 'note'), fc.string({ maxLength: 5 })), {
          maxLength: 12,
        }),
        (edits) => {
          const begun = applyChanges(EMPTY_DOSSIER, [add('a')]);
          if (begun.kind !== 'applied') throw new Error('conflict');
          let now = begun.value;
          const done: Change[] = [];
          for (const [field, after] of edits) {
            const change: Change = {
              table: 'donors',
              key: 'a',
              path: [field],
              before: now.donors.a?.[field as 'maker'],
              after,
            };
            const next = applyChanges(now, [change]);
            if (next.kind !== 'applied') throw new Error('conflict');
            now = next.value;
            done.push(change);
          }
          const back = applyChanges(now, inverted(done));
          expect(back).toEqual({ kind: 'applied', value: begun.value });
          expect(back.kind === 'applied' && applyChanges(back.value, done)).toEqual({
            kind: 'applied',
            value: now,
          });
        },
      ),
      { seed: 8 },
    );
  });
});

describe('the store', () => {
  test('what is done is there after a reload, and can still be undone and redone', async () => {
    const store = await open('reload');
    store.execute({ label: label('add-donor'), changes: [add('a')] });
    store.execute({ label: label('edit-donor'), changes: [model('a', 'a', 'b')] });
    await store.settled();
    const again = await open('reload');
    expect(again.getState().dossier.donors.a?.model).toBe('b');
    expect(again.undo()).toEqual(label('edit-donor'));
    expect(again.getState().dossier.donors.a?.model).toBe('a');
    await again.settled();
    const third = await open('reload');
    expect(third.getState().dossier.donors.a?.model).toBe('a');
    expect(third.redo()).toEqual(label('edit-donor'));
    expect(third.undo()).toEqual(label('edit-donor'));
    expect(third.undo()).toEqual(label('add-donor'));
    expect(third.undo()).toBeUndefined();
    expect(third.getState().dossier).toEqual(EMPTY_DOSSIER);
  });
  test('a new act ends what could be redone', async () => {
    const store = await open();
    store.execute({ label: label('one'), changes: [add('a')] });
    store.undo();
    store.execute({ label: label('two'), changes: [add('b')] });
    expect(store.redo()).toBeUndefined();
    expect(Object.keys(store.getState().dossier.donors)).toEqual(['b']);
  });
  test('quick edits of one field are one step; after a pause they are two', async () => {
    let time = 1000;
    const store = await open(undefined, () => time);
    store.execute({ label: label('add'), changes: [add('a')] });
    const type = (before: string, after: string) =>
      store.execute({
        label: label('edit'),
        coalesce: 'a/model',
        changes: [model('a', before, after)],
      });
    type('a', 'ab');
    time += 300;
    type('ab', 'abc');
    time += 5000;
    type('abc', 'abcd');
    expect(store.getState().history).toHaveLength(3);
    store.undo();
    expect(store.getState().dossier.donors.a?.model).toBe('abc');
    store.undo();
    expect(store.getState().dossier.donors.a?.model).toBe('a');
  });
  test('two tabs on one field: the slower one is told and takes over what stands; other fields do not clash', async () => {
    const first = await open('tabs');
    first.execute({ label: label('add'), changes: [add('a')] });
    await first.settled();
    const second = await open('tabs');
    first.execute({ label: label('mine'), changes: [model('a', 'a', 'first')] });
    await first.settled();
    second.execute({
      label: label('note'),
      changes: [{ table: 'donors', key: 'a', path: ['note'], before: '', after: 'seen' }],
    });
    await second.settled();
    expect(second.getState().overtaken).toEqual([]);
    second.execute({ label: label('theirs'), changes: [model('a', 'a', 'second')] });
    await second.settled();
    expect(second.getState().overtaken).toMatchObject([
      { label: label('theirs'), conflict: { theirs: 'first' } },
    ]);
    expect(second.getState().dossier.donors.a).toMatchObject({ model: 'first', note: 'seen' });
  });
  test('the faster tab wins one field; what was typed after it in other fields is kept', async () => {
    const first = await open('rebase');
    first.execute({ label: label('add'), changes: [add('a')] });
    await first.settled();
    const second = await open('rebase');
    first.execute({ label: label('mine'), changes: [model('a', 'a', 'first')] });
    await first.settled();
    second.execute({ label: label('theirs'), changes: [model('a', 'a', 'second')] });
    second.execute({
      label: label('note'),
      changes: [{ table: 'donors', key: 'a', path: ['note'], before: '', after: 'kept' }],
    });
    await second.settled();
    expect(second.getState().dossier.donors.a).toMatchObject({ model: 'first', note: 'kept' });
    expect(second.getState().overtaken.map((o) => o.label)).toEqual([label('theirs')]);
    expect((await second.db.donors.get('a'))?.value).toMatchObject({
      model: 'first',
      note: 'kept',
    });
    expect(second.getState().history.map((e) => e.label.code)).toEqual(
      expect.arrayContaining(['mine', 'note']),
    );
  });
  test('a stale edit is refused at once with what stands there', async () => {
    const store = await open();
    store.execute({ label: label('add'), changes: [add('a')] });
    expect(
      store.execute({ label: label('edit'), changes: [model('a', 'zzz', 'b')] }),
    ).toMatchObject({ kind: 'conflict', conflict: { theirs: 'a' } });
  });
  test('replacing everything is one step of undo', async () => {
    const store = await open();
    store.execute({
      label: label('brief'),
      changes: [{ table: 'briefs', key: BRIEF_KEY, path: [], after: newBrief('GBP') }],
    });
    const before = store.getState().dossier;
    store.replaceAll(demoDossier(), label('open-example'));
    expect(store.getState().dossier).toEqual(demoDossier());
    store.undo();
    expect(store.getState().dossier).toEqual(before);
  });
  test('storage that fails keeps the work in the tab, says so, and can be tried again', async () => {
    const store = await open();
    const real = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put') ?? {};
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    store.execute({ label: label('add'), changes: [add('a')] });
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'unsaved', fault: 'full' });
    expect(store.getState().dossier.donors.a?.id).toBe('a');
    Object.defineProperty(IDBObjectStore.prototype, 'put', real);
    store.retry();
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'saved' });
    expect((await store.db.donors.get('a'))?.value).toMatchObject({ id: 'a' });
  });
  test('kinds of storage fault', () => {
    expect(storageFault({ name: 'AbortError', inner: { name: 'QuotaExceededError' } })).toBe(
      'full',
    );
    expect(storageFault({ name: 'OpenFailedError' })).toBe('refused');
    expect(storageFault(new Error('x'))).toBe('failed');
  });
});
