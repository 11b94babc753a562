'use client';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import { DB_NAME, type Draft } from '../db';
import type { DossierState, Keeping } from '../dossier-state';
import { dbNameOf } from '../dossiers';
import { createDossierStore, type DossierStore } from '../dossier-store';
import { isSnapshotDue, keepSnapshot } from '../snapshots';
import { dossierOfTab } from './dossier-of-tab';
import { DEFAULT_PREFERENCES, preferencesSchema, type Preferences } from '../records';

/** The row that preferences lie in. */
export const PREFERENCES_KEY = 'mine';
/** How long preferences and drafts are waited for before the tab goes on without them, ms. */
const PATIENCE_MS = 2500;

/** Preferences, and whether the browser has stored the last change of them. */
interface KeptPreferences extends Preferences {
  readonly stored: boolean;
}

interface Session {
  readonly store: DossierStore;
  readonly preferences: StoreApi<KeptPreferences>;
  /** Typing that could not be stored yet, by field; kept over a reload. */
  readonly drafts: Map<string, string>;
}

const SessionContext = createContext<Session | undefined>(undefined);

function newSession(): Session {
  // Tabs on another dossier are none of this one's business.
  const dbName = dbNameOf(dossierOfTab());
  const channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(dbName);
  const tab = Math.random().toString(36).slice(2, 8);
  return {
    store: createDossierStore({ dbName, channel, tab, askToKeep }),
    preferences: createStore<KeptPreferences>(() => ({ ...DEFAULT_PREFERENCES, stored: true })),
    drafts: new Map(),
  };
}

/** Asks the browser not to drop what is stored when it runs short of room. */
async function askToKeep(): Promise<Keeping> {
  try {
    if (!('storage' in navigator) || !('persist' in navigator.storage)) return 'cannot-say';
    return (await navigator.storage.persist()) ? 'promised' : 'not-promised';
  } catch {
    return 'cannot-say';
  }
}

/** Whether the browser has promised it before. */
async function isKept(): Promise<boolean> {
  try {
    return await navigator.storage.persisted();
  } catch {
    return false;
  }
}

const inTime = <T,>(work: Promise<T>): Promise<T> =>
  Promise.race([
    work,
    new Promise<never>((_resolve, refuse) =>
      setTimeout(() => refuse(new Error('the database does not answer')), PATIENCE_MS),
    ),
  ]);

/** Preferences and typing not stored yet; whether the app was never opened here before. */
async function readOwn({ store, preferences, drafts }: Session): Promise<boolean> {
  try {
    const [row, typed] = await inTime(
      Promise.all([store.db.preferences.get(PREFERENCES_KEY), store.db.drafts.toArray()]),
    );
    for (const draft of typed)
      if (typeof draft.text === 'string') drafts.set(draft.key, draft.text);
    const stored = preferencesSchema.safeParse(row?.value);
    if (stored.success) preferences.setState(stored.data);
    return !preferences.getState().visited;
  } catch {
    // Storage refused: the dossier store says so once it has tried, too.
    return true;
  }
}

/** Called once when the app has never been opened in this browser; what it puts into the store waits until that has been read. */
type OnFirstVisit = (store: DossierStore, read: Promise<void>) => Promise<void>;

async function openSession(session: Session, onFirstVisit: OnFirstVisit): Promise<Session> {
  const { store } = session;
  const read = store.open();
  void isKept().then((kept) => kept && store.setState({ keeping: 'promised' }));
  // Only the first dossier of a browser is ever met for the first time.
  if ((await readOwn(session)) && store.db.name === DB_NAME) {
    await onFirstVisit(store, read);
    await read;
    // The visit counts as made only when what it brought is on disk; nobody waits for that.
    void inTime(store.settled()).then(
      () => savePreferences(session, { visited: true }),
      () => undefined,
    );
  }
  await read;
  // The day's first opening keeps what stands there.
  void isSnapshotDue(store.db, Date.now())
    .then((due) =>
      due
        ? keepSnapshot(store.db, store.getState().dossier, 'the day’s first', true, Date.now())
        : undefined,
    )
    .catch(() => undefined);
  return session;
}

/**
 * Opens the database and reads what is there. Begun as soon as the app's script runs, so that the database answers while the page is
 * still made ready.
 */
export const beginSession = (onFirstVisit: OnFirstVisit): Promise<Session> =>
  openSession(newSession(), onFirstVisit);

export interface SessionProviderProps {
  readonly children: ReactNode;
  /** Absent where there is no browser. */
  readonly begun: Promise<Session> | undefined;
}

/** Gives the rest of the app its session once it is open. */
export function SessionProvider({ children, begun }: SessionProviderProps) {
  const [session, setSession] = useState<Session>();
  useEffect(() => {
    let stale = false;
    void begun?.then((open) => {
      if (!stale) setSession(open);
    });
    return () => {
      stale = true;
    };
  }, [begun]);
  return <SessionContext.Provider value={session}>{children}</SessionContext.Provider>;
}

function savePreferences(session: Session, change: Partial<Preferences>): void {
  const { stored: _stored, ...now } = session.preferences.getState();
  const next: Preferences = { ...now, ...change };
  session.preferences.setState({ ...next, stored: true });
  session.store.db.preferences
    .put({ key: PREFERENCES_KEY, value: next })
    .catch(() => session.preferences.setState({ stored: false }));
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

/** False when the browser would not store the last change of preferences: it holds until the tab closes. */
export const usePreferencesStored = (): boolean => useStore(useSession().preferences).stored;

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
