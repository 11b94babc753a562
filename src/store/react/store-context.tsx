'use client';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { Draft } from '../db';
import { createDossierStore, type DossierState, type DossierStore } from '../dossier-store';
import { isSnapshotDue, keepSnapshot } from '../snapshots';
import { DEFAULT_PREFERENCES, preferencesSchema, type Preferences } from '../records';

const PREFERENCES_KEY = 'mine';

interface Session {
  readonly store: DossierStore;
  readonly preferences: StoreApi<Preferences>;
  /** Typing that could not be stored yet, by field; kept over a reload. */
  readonly drafts: Map<string, string>;
}

const SessionContext = createContext<Session | undefined>(undefined);

function newSession(): Session {
  const channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('jugator');
  const tab = Math.random().toString(36).slice(2, 8);
  return {
    store: createDossierStore({ channel, tab }),
    preferences: createStore<Preferences>(() => DEFAULT_PREFERENCES),
    drafts: new Map(),
  };
}

async function openSession({ store, preferences, drafts }: Session): Promise<boolean> {
  let firstVisit = true;
  try {
    const stored = preferencesSchema.safeParse(
      (await store.db.preferences.get(PREFERENCES_KEY))?.value,
    );
    if (stored.success) preferences.setState(stored.data);
    firstVisit = !preferences.getState().visited;
    for (const draft of await store.db.drafts.toArray()) drafts.set(draft.key, draft.text);
  } catch {
    // Storage refused: the dossier store says so once it has tried, too.
  }
  await store.open();
  // The day's first opening keeps what stands there.
  void isSnapshotDue(store.db, Date.now())
    .then((due) =>
      due
        ? keepSnapshot(store.db, store.getState().dossier, 'the day’s first', true, Date.now())
        : undefined,
    )
    .catch(() => undefined);
  return firstVisit;
}

export interface SessionProviderProps {
  readonly children: ReactNode;
  /** Called once when the app has never been opened in this browser and nothing is stored. */
  readonly onFirstVisit: (store: DossierStore) => Promise<void>;
}

/** Opens the database and gives the rest of the app its session. */
export function SessionProvider({ children, onFirstVisit }: SessionProviderProps) {
  const [session, setSession] = useState<Session>();
  useEffect(() => {
    const made = newSession();
    let stale = false;
    void openSession(made).then(async (firstVisit) => {
      if (stale) return;
      if (firstVisit) {
        await onFirstVisit(made.store);
        // The visit counts as made only when what it brought is on disk.
        await made.store.settled();
        savePreferences(made, { visited: true });
      }
      if (!stale) setSession(made);
    });
    return () => {
      stale = true;
    };
  }, [onFirstVisit]);
  return <SessionContext.Provider value={session}>{children}</SessionContext.Provider>;
}

function savePreferences(session: Session, change: Partial<Preferences>): void {
  const next = { ...session.preferences.getState(), ...change };
  session.preferences.setState(next);
  session.store.db.preferences.put({ key: PREFERENCES_KEY, value: next }).catch(() => undefined);
}

/** True once the database has been read. Hooks below may be used only then. */
export const useSessionReady = (): boolean => useContext(SessionContext) !== undefined;

function useSession(): Session {
  const session = useContext(SessionContext);
  if (!session) throw new Error('used before the session is open');
  return session;
}

export const useDossierStore = (): DossierStore => useSession().store;
export const useDossierState = <T,>(select: (state: DossierState) => T): T =>
  useStore(useSession().store, select);

export function usePreferences(): readonly [Preferences, (change: Partial<Preferences>) => void] {
  const session = useSession();
  return [useStore(session.preferences), (change) => savePreferences(session, change)];
}

export interface Drafts {
  readonly get: (key: string) => string | undefined;
  readonly keep: (key: string, text: string) => void;
  readonly drop: (key: string) => void;
}

/** Typing that is not yet good enough to be stored. */
export function useDrafts(): Drafts {
  const { drafts, store } = useSession();
  return {
    get: (key) => drafts.get(key),
    keep(key, text) {
      drafts.set(key, text);
      store.db.drafts.put({ key, text } satisfies Draft).catch(() => undefined);
    },
    drop(key) {
      if (drafts.delete(key)) store.db.drafts.delete(key).catch(() => undefined);
    },
  };
}
