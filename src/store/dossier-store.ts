import { createStore, type StoreApi } from 'zustand/vanilla';
import { openDb, type JugatorDb } from './db';
import {
  applyChanges,
  COALESCE_MS,
  inverted,
  mergedChanges,
  type Change,
  type Command,
  type CommandLabel,
  type Conflict,
  type HistoryEntry,
} from './history';
import { ConflictError, loadAll, persist, storageFault, type StorageFault } from './persistence';
import { EMPTY_DOSSIER, TABLES, type Dossier, type TableName } from './records';

export type Outcome =
  | { readonly kind: 'done' }
  | { readonly kind: 'nothing' }
  | { readonly kind: 'conflict'; readonly conflict: Conflict };

export interface DossierState {
  readonly status: 'loading' | 'ready';
  readonly dossier: Dossier;
  readonly history: readonly HistoryEntry[];
  /** `saved`: all is on disk. `saving`: on its way. `unsaved`: the tab holds changes the browser would not store. */
  readonly storage:
    | { readonly kind: 'saved' }
    | { readonly kind: 'saving' }
    | { readonly kind: 'unsaved'; readonly fault: StorageFault };
  readonly unreadable: readonly { readonly table: TableName; readonly key: string }[];
  /** A conflict found while writing: another tab was faster and this tab has taken over its value. */
  readonly overtaken: { readonly label: CommandLabel; readonly conflict: Conflict } | undefined;
}

/**
 * The dossier in this tab: memory leads, the database follows, other tabs are told.
 * Every edit is one named command, can be undone, and is refused when the value it started from has changed.
 */
export interface DossierStore extends StoreApi<DossierState> {
  readonly open: () => Promise<void>;
  readonly execute: (command: Command) => Outcome;
  readonly undo: () => CommandLabel | undefined;
  readonly redo: () => CommandLabel | undefined;
  /** Puts a whole dossier in the place of the present one, as one command. */
  readonly replaceAll: (next: Dossier, label: CommandLabel) => Outcome;
  /** Tries again to write what the browser would not store. */
  readonly retry: () => void;
  readonly forgetOvertaken: () => void;
  /** Resolves when everything so far is written or has failed. */
  readonly settled: () => Promise<void>;
  /** The drafts and preferences live in the same database. */
  readonly db: JugatorDb;
}

interface Write {
  readonly changes: readonly Change[];
  readonly put: readonly HistoryEntry[];
  readonly drop: readonly string[];
  readonly label: CommandLabel;
}

export interface StoreSetting {
  readonly dbName?: string;
  readonly now?: () => number;
  /** Tells other tabs; absent where there are none. */
  readonly channel?: BroadcastChannel | undefined;
  readonly tab?: string;
}

export const canUndo = (history: readonly HistoryEntry[]): HistoryEntry | undefined =>
  history.findLast((e) => !e.undone);
export const canRedo = (history: readonly HistoryEntry[]): HistoryEntry | undefined => {
  const last = history.findLastIndex((e) => !e.undone);
  return history[last + 1];
};

export function createDossierStore(setting: StoreSetting = {}): DossierStore {
  const { now = Date.now, channel, tab = 'tab' } = setting;
  const db = openDb(setting.dbName);
  const store = createStore<DossierState>(() => ({
    status: 'loading',
    dossier: EMPTY_DOSSIER,
    history: [],
    storage: { kind: 'saved' },
    unreadable: [],
    overtaken: undefined,
  }));
  let queue: Write[] = [];
  let running: Promise<void> | undefined;
  let counter = 0;

  /** Takes over what is on disk and puts the writes still waiting on top; one that no longer fits is dropped. */
  const rebase = async () => {
    const loaded = await loadAll(db);
    let { dossier } = loaded;
    const put = new Map<string, HistoryEntry>();
    queue = queue.filter((waiting) => {
      const result = applyChanges(dossier, waiting.changes);
      if (result.kind === 'conflict') return false;
      dossier = result.value;
      for (const entry of waiting.put) put.set(entry.id, entry);
      return true;
    });
    const history = [...loaded.history.filter((e) => !put.has(e.id)), ...put.values()].toSorted(
      (a, b) => (a.id < b.id ? -1 : 1),
    );
    store.setState({ dossier, history, unreadable: loaded.unreadable });
  };

  const drain = async () => {
    for (let write = queue[0]; write; write = queue[0]) {
      try {
        await persist(db, write.changes, write.put, write.drop);
        queue = queue.filter((w) => w !== write);
        store.setState({ storage: { kind: queue.length === 0 ? 'saved' : 'saving' } });
        channel?.postMessage('changed');
      } catch (error) {
        if (!(error instanceof ConflictError)) {
          store.setState({ storage: { kind: 'unsaved', fault: storageFault(error) } });
          return;
        }
        queue = queue.filter((w) => w !== write);
        await rebase();
        store.setState({
          storage: { kind: queue.length === 0 ? 'saved' : 'saving' },
          overtaken: { label: write.label, conflict: error.conflict },
        });
      }
    }
  };
  const write = (w: Write) => {
    queue.push(w);
    if (store.getState().storage.kind === 'saved') store.setState({ storage: { kind: 'saving' } });
    kick();
  };
  const kick = () => {
    running ??= drain().finally(() => {
      running = undefined;
      // Something may have been queued while the last write was being put away.
      if (queue.length > 0 && store.getState().storage.kind !== 'unsaved') kick();
    });
  };

  /** Rereads after another tab has written: never while a write of this tab is half done. */
  const refresh = async () => {
    await running;
    if (queue.length === 0) await rebase();
  };
  channel?.addEventListener('message', () => void refresh().catch(() => undefined));

  const step = (entry: HistoryEntry | undefined, undone: boolean): CommandLabel | undefined => {
    if (!entry) return undefined;
    const { dossier, history } = store.getState();
    const changes = undone ? inverted(entry.changes) : entry.changes;
    const result = applyChanges(dossier, changes);
    if (result.kind === 'conflict') {
      store.setState({ overtaken: { label: entry.label, conflict: result.conflict } });
      return undefined;
    }
    const marked = { ...entry, undone, coalesce: undefined };
    store.setState({
      dossier: result.value,
      history: history.map((e) => (e.id === entry.id ? marked : e)),
    });
    write({ changes, put: [marked], drop: [], label: entry.label });
    return entry.label;
  };

  const execute = (command: Command): Outcome => {
    const { dossier, history } = store.getState();
    if (command.changes.length === 0) return { kind: 'nothing' };
    const result = applyChanges(dossier, command.changes);
    if (result.kind === 'conflict') return result;
    const at = now();
    const last = history.at(-1);
    const joins =
      last &&
      !last.undone &&
      command.coalesce !== undefined &&
      last.coalesce === command.coalesce &&
      at - last.at < COALESCE_MS;
    const entry: HistoryEntry = joins
      ? { ...last, at, changes: mergedChanges(last.changes, command.changes) }
      : {
          id: `${String(at).padStart(14, '0')}-${String((counter += 1)).padStart(6, '0')}-${tab}`,
          at,
          label: command.label,
          changes: command.changes,
          coalesce: command.coalesce,
          undone: false,
        };
    const kept = history.filter((e) => !e.undone && e.id !== entry.id);
    const drop = history.filter((e) => e.undone).map((e) => e.id);
    store.setState({ dossier: result.value, history: [...kept, entry] });
    write({ changes: command.changes, put: [entry], drop, label: command.label });
    return { kind: 'done' };
  };

  return Object.assign(store, {
    db,
    execute,
    async open() {
      try {
        await rebase();
      } catch (error) {
        store.setState({ storage: { kind: 'unsaved', fault: storageFault(error) } });
      }
      store.setState({ status: 'ready' });
    },
    undo: () => step(canUndo(store.getState().history), true),
    redo: () => step(canRedo(store.getState().history), false),
    replaceAll(next: Dossier, label: CommandLabel) {
      return execute({ label, changes: replacingChanges(store.getState().dossier, next) });
    },
    retry: kick,
    forgetOvertaken: () => store.setState({ overtaken: undefined }),
    settled: async () => {
      await running;
    },
  });
}

function replacingChanges(now: Dossier, next: Dossier): readonly Change[] {
  return TABLES.flatMap((table) => {
    const keys = new Set([...Object.keys(now[table]), ...Object.keys(next[table])]);
    return [...keys].map(
      (key): Change => ({ table, key, path: [], before: now[table][key], after: next[table][key] }),
    );
  });
}
