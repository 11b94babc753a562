'use client';
import { useEffect, useState } from 'react';
import { WHOLE } from '@/core/brief';
import { openDb } from '../db';
import type { Dossier, Preferences } from '../records';
import {
  copyDossier,
  dbNameOf,
  deleteDossier,
  fillDossier,
  keepDossiers,
  putAway,
  readDossiers,
  renamed,
  withDossier,
  withLost,
  withoutDossier,
  type DossierEntry,
  type DossierList,
} from '../dossiers';
import { dossierOfTab, DOSSIER_OF_TAB } from './dossier-of-tab';
import { localStore, sessionStore } from './small-stores';
import { PREFERENCES_KEY, useDossierStore, usePreferences } from './store-context';

export interface DossiersModel {
  readonly opened: string;
  readonly there: readonly DossierEntry[];
  readonly away: readonly DossierEntry[];
  /** Begins another one and opens it in this tab, empty or holding a whole dossier. */
  readonly add: (name: string, holding?: Dossier) => Promise<void>;
  readonly copy: (id: string, name: string) => Promise<void>;
  readonly rename: (id: string, name: string) => void;
  /** Opens another one in this tab: the page begins anew. */
  readonly open: (id: string) => void;
  readonly putAway: (id: string) => void;
  readonly bringBack: (id: string) => void;
  readonly deleteForGood: (id: string) => Promise<void>;
}

/** A dossier begins with the units that the rider reads in. */
async function keepPreferences(id: string, own: Preferences): Promise<void> {
  const db = openDb(dbNameOf(id));
  try {
    const value: Preferences = { ...own, visited: true, purpose: WHOLE };
    await db.preferences.put({ key: PREFERENCES_KEY, value });
  } catch {
    // Without them it begins in metric units.
  } finally {
    db.close();
  }
}

const freshId = (): string => Math.random().toString(36).slice(2, 10);

/** The dossiers of this browser. */
export function useDossiers(): DossiersModel {
  const store = useDossierStore();
  const [preferences] = usePreferences();
  const [list, setList] = useState<DossierList>(() => readDossiers(localStore()));
  useEffect(() => {
    void withLost(readDossiers(localStore())).then(setList);
    // Another tab's change shows up here.
    const follow = () => setList(readDossiers(localStore()));
    window.addEventListener('storage', follow);
    return () => window.removeEventListener('storage', follow);
  }, []);
  const keep = (next: DossierList) => {
    keepDossiers(localStore(), next);
    setList(next);
  };
  const opened = dossierOfTab();
  const open = (id: string, now: DossierList = list) => {
    keep({ ...now, current: id });
    sessionStore().setItem(DOSSIER_OF_TAB, id);
    // The page begins anew, on the other database.
    void store.settled().finally(() => {
      window.history.replaceState(null, '', '/');
      window.location.reload();
    });
  };
  return {
    opened,
    there: list.dossiers.filter((d) => !d.away),
    away: list.dossiers.filter((d) => d.away),
    async add(name, holding) {
      const id = freshId();
      await keepPreferences(id, preferences);
      if (holding) await fillDossier(id, holding);
      open(id, withDossier(list, id, name));
    },
    async copy(from, name) {
      const id = freshId();
      await store.settled();
      await copyDossier(from, id);
      keep(withDossier(list, id, name));
    },
    rename: (id, name) => keep(renamed(list, id, name)),
    open,
    putAway: (id) => keep(putAway(list, id, true)),
    bringBack: (id) => keep(putAway(list, id, false)),
    async deleteForGood(id) {
      await deleteDossier(id);
      keep(withoutDossier(list, id));
    },
  };
}
