import { Dexie } from 'dexie';
import { afterEach, describe, expect, test, vi } from 'vitest';
import {
  copyDossier,
  dbNameOf,
  deleteDossier,
  fillDossier,
  FIRST_LIST,
  keepDossiers,
  openedBy,
  putAway,
  readDossiers,
  renamed,
  withDossier,
  withLost,
  withoutDossier,
} from '@/store/dossiers';
import { keptPlans } from '@/workers/kept-plans';
import { demoDossier } from '@/demo/scenario';
import { addDonor, closeTabs, label, openTab } from './tabs';

afterEach(closeTabs);

const keep = (text: string | null) => {
  let kept = text;
  return {
    getItem: () => kept,
    setItem: (_: string, next: string) => {
      kept = next;
    },
  };
};

describe('the list of dossiers', () => {
  test('begins with the one that lies where it always did', () => {
    expect(readDossiers(keep(null))).toEqual(FIRST_LIST);
    expect(dbNameOf('')).toBe('jugator');
    expect(dbNameOf('ab12')).toBe('jugator-ab12');
  });
  test.each([
    'no list',
    '{"current":"x"}',
    '{"current":"","dossiers":[]}',
    '{"current":"../a","dossiers":[{"id":"","name":"a","away":false}]}',
  ])('a damaged one is the first alone: %s', (text) =>
    expect(readDossiers(keep(text))).toEqual(FIRST_LIST),
  );
  test('comes back as it was kept; a browser that refuses is said to', () => {
    const place = keep(null);
    const list = renamed(withDossier(FIRST_LIST, 'a1', '  Forest tracks '), '', 'Home');
    expect(keepDossiers(place, list)).toBe(true);
    expect(readDossiers(place)).toEqual(list);
    expect(list.dossiers.map((d) => d.name)).toEqual(['Home', 'Forest tracks']);
    const full = {
      getItem: () => null,
      setItem: () => {
        throw new Error('no room');
      },
    };
    expect(keepDossiers(full, list)).toBe(false);
  });
  test('a tab keeps its own, falls back on the last opened, and never opens what is put away', () => {
    const two = { ...withDossier(FIRST_LIST, 'a1', 'Two'), current: 'a1' };
    expect(openedBy(two, '')).toBe('');
    expect(openedBy(two, undefined)).toBe('a1');
    expect(openedBy(two, 'gone')).toBe('a1');
    expect(openedBy(putAway(two, 'a1', true), 'a1')).toBe('');
    expect(openedBy(withoutDossier(two, ''), '')).toBe('a1');
  });
});

describe('dossiers in one browser', () => {
  test('stand apart; a copy holds all of it and then goes its own way', async () => {
    const mine = await openTab(dbNameOf('m1'));
    mine.execute({ label: label('add-donor'), changes: [addDonor('plover')] });
    await mine.settled();
    await copyDossier('m1', 'm2');
    const copy = await openTab(dbNameOf('m2'));
    expect(Object.keys(copy.getState().dossier.donors)).toEqual(['plover']);
    expect(copy.getState().history.length).toBe(1);
    copy.execute({ label: label('add-donor'), changes: [addDonor('heron')] });
    await copy.settled();
    expect(Object.keys(mine.getState().dossier.donors)).toEqual(['plover']);
    const again = await openTab(dbNameOf('m1'));
    expect(Object.keys(again.getState().dossier.donors)).toEqual(['plover']);
  });
  test('one may begin with all that another holds, and reads like it', async () => {
    const dossier = demoDossier();
    await fillDossier('filled', dossier);
    const store = await openTab(dbNameOf('filled'));
    expect(store.getState().aside).toEqual([]);
    expect(store.getState().dossier).toEqual(dossier);
    expect(store.getState().history).toEqual([]);
  });
  test('one that the list has lost is found again by its database, one that is deleted is not', async () => {
    const lost = await openTab(dbNameOf('f9'));
    lost.execute({ label: label('add-donor'), changes: [addDonor('plover')] });
    await lost.settled();
    closeTabs();
    const found = await withLost(FIRST_LIST);
    expect(found.dossiers.map((d) => d.id)).toContain('f9');
    await deleteDossier('f9');
    expect((await withLost(FIRST_LIST)).dossiers.map((d) => d.id)).not.toContain('f9');
  });
  test('what the planner keeps is no dossier, wherever it lies and even if it was listed', async () => {
    const plans = { kind: 'clash', limits: [] } as const;
    await keptPlans().keepBest('here', plans);
    const asBefore = keptPlans('jugator-plans');
    await asBefore.keepBest('as before', plans);
    expect(
      (await withLost(withDossier(FIRST_LIST, 'plans', 'Found again (plans)'))).dossiers.some(
        (d) => d.id === 'plans',
      ),
    ).toBe(false);
    const ids = async (list = FIRST_LIST) => (await withLost(list)).dossiers.map((d) => d.id);
    const before = await ids();
    expect(before).toContain('');
    expect(before.filter((id) => id.includes('plans'))).toEqual([]);
    await vi.waitFor(async () => {
      expect(await Dexie.getDatabaseNames()).not.toContain('jugator-plans');
    });
    expect(await Dexie.getDatabaseNames()).toContain('plans-of-jugator');
  });
  test('a dossier that was begun under that name stays', async () => {
    await deleteDossier('plans');
    await fillDossier('plans', demoDossier());
    const found = await withLost(withDossier(FIRST_LIST, 'plans', 'Long way'));
    expect(found.dossiers.map((d) => d.name)).toContain('Long way');
    await deleteDossier('plans');
  });
});
