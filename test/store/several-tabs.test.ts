import { Dexie } from 'dexie';
import { afterEach, describe, expect, test } from 'vitest';
import { openDb } from '@/store/db';
import { createDossierStore } from '@/store/dossier-store';
import { addDonor, channelHub, closeTabs, label, openTab, setText } from './tabs';

afterEach(closeTabs);

describe('two tabs', () => {
  test('what is typed while the other tab’s write is reread is never lost, 200 times over', async () => {
    const channel = channelHub();
    const first = await openTab('race', { channel: channel() });
    const second = await openTab('race', { channel: channel() });
    first.execute({ label: label('add'), changes: [addDonor('a')] });
    await first.settled();
    await second.settled();
    await new Promise((r) => setTimeout(r, 20));
    await second.settled();
    let [model, note] = ['a', ''];
    for (let i = 0; i < 200; i += 1) {
      const [nextModel, nextNote] = [`m${i}`, `n${i}`];
      first.execute({ label: label('model'), changes: [setText('a', 'model', model, nextModel)] });
      // Fall into every moment of the other tab's write and of the rereading that follows.
      await new Promise((r) => setTimeout(r, i % 7));
      const outcome = second.execute({
        label: label('note'),
        changes: [setText('a', 'note', note, nextNote)],
      });
      expect(outcome.kind, `edit ${i}`).toBe('done');
      expect(second.getState().dossier.donors.a?.note, `at once ${i}`).toBe(nextNote);
      await new Promise((r) => setTimeout(r, (i * 3) % 5));
      expect(second.getState().dossier.donors.a?.note, `after a while ${i}`).toBe(nextNote);
      [model, note] = [nextModel, nextNote];
    }
    await first.settled();
    await second.settled();
    await new Promise((r) => setTimeout(r, 20));
    await Promise.all([first.settled(), second.settled()]);
    const stored = (await first.db.donors.get('a'))?.value;
    for (const tab of [first, second]) {
      expect(tab.getState().dossier.donors.a).toEqual(stored);
      expect(tab.getState().overtaken).toEqual([]);
    }
    expect(stored).toMatchObject({ model, note });
  });

  test('every overtaken edit waits for an answer, and can be done all the same', async () => {
    const first = await openTab('three');
    first.execute({ label: label('add'), changes: [addDonor('a')] });
    await first.settled();
    const second = await openTab('three');
    const third = await openTab('three');
    first.execute({ label: label('one'), changes: [setText('a', 'model', 'a', 'first')] });
    first.execute({ label: label('two'), changes: [setText('a', 'maker', '', 'first')] });
    await first.settled();
    second.execute({ label: label('mine'), changes: [setText('a', 'model', 'a', 'second')] });
    second.execute({ label: label('mine too'), changes: [setText('a', 'maker', '', 'second')] });
    third.execute({ label: label('theirs'), changes: [setText('a', 'note', '', 'third')] });
    await second.settled();
    await third.settled();
    const waiting = second.getState().overtaken;
    expect(waiting.map((o) => o.label.code)).toEqual(['mine', 'mine too']);
    expect(second.getState().dossier.donors.a).toMatchObject({ model: 'first', maker: 'first' });
    expect(second.insist(waiting[0]!).kind).toBe('done');
    second.forgetOvertaken(waiting[1]!);
    await second.settled();
    expect(second.getState().overtaken).toEqual([]);
    expect((await second.db.donors.get('a'))?.value).toMatchObject({
      model: 'second',
      maker: 'first',
      note: 'third',
    });
  });

  test('a donor that the other tab deleted is said and can be brought back, and so is the edit it cost', async () => {
    const channel = channelHub();
    const first = await openTab('deleted', { channel: channel() });
    first.execute({ label: label('add'), changes: [addDonor('a'), addDonor('b')] });
    await first.settled();
    const second = await openTab('deleted', { channel: channel() });
    const donor = first.getState().dossier.donors.a;
    first.execute({
      label: label('delete'),
      changes: [{ table: 'donors', key: 'a', path: [], before: donor }],
    });
    second.execute({ label: label('edit'), changes: [setText('a', 'model', 'a', 'mine')] });
    await first.settled();
    await second.settled();
    await new Promise((r) => setTimeout(r, 20));
    await second.settled();
    const [lost] = [...first.getState().overtaken, ...second.getState().overtaken];
    expect(lost).toBeDefined();
    const without = first.getState().dossier.donors.a ? second : first;
    void without;
    if (second.getState().deletedElsewhere.length > 0) {
      expect(second.getState().deletedElsewhere).toMatchObject([{ table: 'donors', key: 'a' }]);
      expect(second.bringBack().kind).toBe('done');
      expect(second.getState().dossier.donors.a?.id).toBe('a');
      expect(second.getState().deletedElsewhere).toEqual([]);
    } else expect(second.getState().dossier.donors.a?.model).toBe('mine');
  });

  test('what another tab deletes while this one rests is said there', async () => {
    const channel = channelHub();
    const first = await openTab('told', { channel: channel() });
    first.execute({ label: label('add'), changes: [addDonor('a')] });
    await first.settled();
    const second = await openTab('told', { channel: channel() });
    const donor = first.getState().dossier.donors.a;
    first.execute({
      label: label('delete'),
      changes: [{ table: 'donors', key: 'a', path: [], before: donor }],
    });
    await first.settled();
    await new Promise((r) => setTimeout(r, 20));
    await second.settled();
    expect(second.getState().deletedElsewhere).toMatchObject([{ key: 'a', record: { id: 'a' } }]);
    expect(first.getState().deletedElsewhere).toEqual([]);
    second.bringBack();
    await second.settled();
    expect((await second.db.donors.get('a'))?.value).toEqual(donor);
  });
});

describe('a database that goes away', () => {
  test('cleared under the tab: the tab keeps everything, says so, and writes it anew', async () => {
    const store = await openTab('cleared');
    store.execute({ label: label('add'), changes: [addDonor('a')] });
    await store.settled();
    await Dexie.delete('cleared');
    store.execute({ label: label('edit'), changes: [setText('a', 'model', 'a', 'b')] });
    await store.settled();
    expect(store.getState().storage).toMatchObject({ kind: 'unsaved' });
    expect(store.getState().dossier.donors.a?.model).toBe('b');
    expect(store.getState().overtaken).toEqual([]);
    store.retry();
    await store.settled();
    // A first try may only have opened it again.
    if (store.getState().storage.kind !== 'saved') store.retry();
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'saved' });
    const again = await openTab('cleared');
    expect(again.getState().dossier.donors.a?.model).toBe('b');
    expect(again.undo()).toEqual(label('edit'));
  });
  test('emptied table by table: the next edit does not empty the tab as well', async () => {
    const store = await openTab('emptied');
    store.execute({ label: label('add'), changes: [addDonor('a')] });
    await store.settled();
    await Promise.all(store.db.tables.map((t) => t.clear()));
    store.execute({ label: label('edit'), changes: [setText('a', 'model', 'a', 'b')] });
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'unsaved', fault: 'vanished' });
    expect(store.getState().dossier.donors.a?.model).toBe('b');
    store.retry();
    await store.settled();
    expect((await store.db.donors.get('a'))?.value).toMatchObject({ model: 'b' });
  });
  test('one that never answers: the tab opens all the same and says so; what it did is stored when it does', async () => {
    const holder = openDb('silent');
    await holder.open();
    const store = createDossierStore({ dbName: 'silent', tab: 'slow', patience: 30 });
    let release = () => undefined as void;
    const gate = new Promise<void>((r) => {
      release = r;
    });
    const plain = store.db.transaction.bind(store.db);
    Object.assign(store.db, {
      transaction: (...args: unknown[]) =>
        gate.then(() => (plain as (...a: unknown[]) => unknown)(...args)),
    });
    await store.open();
    expect(store.getState()).toMatchObject({
      status: 'ready',
      storage: { kind: 'unsaved', fault: 'waiting' },
    });
    store.execute({ label: label('add'), changes: [addDonor('a')] });
    expect(store.getState().dossier.donors.a?.id).toBe('a');
    release();
    await store.settled();
    expect(store.getState().storage).toEqual({ kind: 'saved' });
    expect((await holder.donors.get('a'))?.value).toMatchObject({ id: 'a' });
    holder.close();
    store.db.close();
  });
});

test('the browser is asked to keep what is stored with the first edit of the rider’s own, once', async () => {
  let asked = 0;
  const store = await openTab(undefined, {
    askToKeep: () => {
      asked += 1;
      return Promise.resolve('promised');
    },
  });
  expect(store.getState().keeping).toBe('not-asked');
  store.execute({ label: label('open-example'), changes: [addDonor('x')] });
  expect(asked).toBe(0);
  store.execute({ label: label('add'), changes: [addDonor('a')] });
  store.execute({ label: label('add'), changes: [addDonor('b')] });
  await store.settled();
  expect(asked).toBe(1);
  expect(store.getState().keeping).toBe('promised');
});
