import { createDossierStore, type DossierStore, type StoreSetting } from '@/store/dossier-store';
import type { Change } from '@/store/history';
import { newDonor } from '@/store/records';

/** Longer than any machine takes to answer, ms: a tab that goes on without its database is a test of its own. */
const ANY_LOAD = 120_000;
let count = 0;
const opened: DossierStore[] = [];

/** A tab on a database of its own, or on one that other tabs share by its name. */
export async function openTab(
  dbName = `tab-${(count += 1)}`,
  more: StoreSetting = {},
): Promise<DossierStore> {
  const store = createDossierStore({
    dbName,
    tab: `t${opened.length}`,
    patience: ANY_LOAD,
    ...more,
  });
  opened.push(store);
  await store.open();
  return store;
}

/** Closes every tab that was opened. */
export function closeTabs(): void {
  for (const store of opened.splice(0)) store.db.close();
}

export const label = (code: string) => ({ code, facts: {} });
export const addDonor = (id: string): Change => ({
  table: 'donors',
  key: id,
  path: [],
  after: { ...newDonor(id), model: id },
});
export const setText = (
  id: string,
  field: 'model' | 'note' | 'maker',
  before: string,
  after: string,
): Change => ({ table: 'donors', key: id, path: [field], before, after });

/** Messages between the tabs of one test, each told in a task of its own like a browser does. */
export function channelHub(): () => BroadcastChannel {
  const members: { listeners: Set<() => void> }[] = [];
  return () => {
    const me = { listeners: new Set<() => void>() };
    members.push(me);
    return {
      postMessage: () =>
        members
          .filter((m) => m !== me)
          .forEach((m) => m.listeners.forEach((l) => setTimeout(l, Math.random() * 2))),
      addEventListener: (_type: string, listener: () => void) => me.listeners.add(listener),
    } as unknown as BroadcastChannel;
  };
}
