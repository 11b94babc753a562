import type { StoreApi } from 'zustand/vanilla';
import type { JugatorDb } from './db';
import type { DeletedElsewhere, DossierState, Overtaken } from './dossier-state';
import {
  applyChanges,
  type Change,
  type CommandLabel,
  type Conflict,
  type HistoryEntry,
} from './history';
import {
  ConflictError,
  loadAll,
  persist,
  rewrite,
  storageFault,
  VanishedError,
} from './persistence';
import { doorFault, type Dossier, type Registry, type TableName } from './records';

interface QueuedWrite {
  readonly changes: readonly Change[];
  readonly put: readonly HistoryEntry[];
  readonly drop: readonly string[];
  readonly label: CommandLabel;
}

export interface WriterSetting {
  readonly db: JugatorDb;
  readonly store: StoreApi<DossierState>;
  readonly registry: Registry;
  readonly now: () => number;
  readonly tab: string;
  readonly channel?: BroadcastChannel | undefined;
  readonly patience?: number;
}

export interface TabWriter {
  readonly open: () => Promise<void>;
  /** Queues what memory has taken already. */
  readonly write: (write: QueuedWrite) => void;
  readonly overtake: (label: CommandLabel, changes: readonly Change[], conflict: Conflict) => void;
  readonly retry: () => void;
  readonly forgetAside: () => Promise<void>;
  readonly settled: () => Promise<void>;
}

/** How long the database may take to answer, ms. */
const PATIENCE_MS = 3000;

/**
 * Between memory and the database: one piece of work at a time, writing or rereading, so that no reading of the disk is ever older
 * than a write that was done meanwhile. What waits in the queue is in memory already and is put on top of whatever is read.
 */
export function tabWriter(setting: WriterSetting): TabWriter {
  const { db, store, registry, now, tab, channel, patience = PATIENCE_MS } = setting;
  let queue: readonly QueuedWrite[] = [];
  let chain: Promise<void> = Promise.resolve();
  let epoch: string | undefined;
  let opened = false;
  let overtakenCount = 0;
  const freshEpoch = () => `${now()}-${tab}`;

  const exclusive = (work: () => Promise<void>): Promise<void> => {
    chain = chain.then(work, work);
    return chain;
  };
  const unsaved = (error: unknown) =>
    store.setState({ storage: { kind: 'unsaved', fault: storageFault(error) } });
  const overtake: TabWriter['overtake'] = (label, changes, conflict) => {
    overtakenCount += 1;
    const { table, key, path } = conflict.change;
    const gone = path.length > 0 && conflict.theirs === undefined;
    const { dossier } = store.getState();
    const entry: Overtaken = {
      id: overtakenCount,
      label,
      changes,
      conflict,
      lost: gone ? dossier[table][key] : undefined,
    };
    store.setState(({ overtaken }) => ({ overtaken: [...overtaken, entry] }));
  };

  /** Takes over what is on disk and puts the writes still waiting on top; one that no longer fits is said. */
  const rebase = async () => {
    const loaded = await loadAll(db, registry, { expected: epoch, fresh: freshEpoch, at: now() });
    const first = !opened;
    epoch = loaded.epoch;
    opened = true;
    let { dossier } = loaded;
    const put = new Map<string, HistoryEntry>();
    queue = queue.filter((waiting) => {
      const result = applyChanges(dossier, waiting.changes);
      if (result.kind === 'conflict') {
        overtake(waiting.label, waiting.changes, result.conflict);
        return false;
      }
      if (doorFault(registry, result.value, waiting.changes)) return false;
      dossier = result.value;
      for (const entry of waiting.put) put.set(entry.id, entry);
      return true;
    });
    const history = [...loaded.history.filter((e) => !put.has(e.id)), ...put.values()].toSorted(
      (a, b) => (a.id < b.id ? -1 : 1),
    );
    store.setState((was) => ({
      dossier,
      history,
      aside: loaded.aside,
      stepsDropped: was.stepsDropped + loaded.stepsDropped,
      deletedElsewhere: first
        ? []
        : [...was.deletedElsewhere, ...deletedBetween(was.dossier, dossier)],
    }));
  };

  const drain = async () => {
    for (let write = queue[0]; write; write = queue[0]) {
      const current = write;
      try {
        if (!opened) await rebase();
        if (!queue.includes(current)) continue;
        await persist(db, registry, epoch, current);
        queue = queue.filter((w) => w !== current);
        channel?.postMessage('changed');
      } catch (error) {
        if (!(error instanceof ConflictError)) {
          unsaved(error);
          return;
        }
        queue = queue.filter((w) => w !== current);
        overtake(current.label, current.changes, error.conflict);
        await rebase();
      }
    }
    store.setState({ storage: { kind: 'saved' } });
  };
  const kick = () => {
    void exclusive(() => (queue.length === 0 ? Promise.resolve() : drain()).catch(unsaved));
  };

  /** Rereads after another tab has written. */
  const refresh = () =>
    void exclusive(() =>
      opened
        ? rebase().catch((error: unknown) => {
            if (error instanceof VanishedError) unsaved(error);
          })
        : Promise.resolve(),
    );
  channel?.addEventListener('message', refresh);
  db.on('blocked', () => store.setState({ storage: { kind: 'unsaved', fault: 'blocked' } }));

  return {
    overtake,
    write(write) {
      queue = [...queue, write];
      if (store.getState().storage.kind === 'saved')
        store.setState({ storage: { kind: 'saving' } });
      kick();
    },
    async open() {
      const reading = exclusive(() =>
        rebase().then(() => {
          if (store.getState().storage.kind === 'unsaved')
            store.setState({ storage: { kind: queue.length === 0 ? 'saved' : 'saving' } });
        }, unsaved),
      );
      let timer: ReturnType<typeof setTimeout> | undefined;
      const waited = new Promise<void>((resolve) => {
        timer = setTimeout(() => {
          if (store.getState().storage.kind === 'saved')
            store.setState({ storage: { kind: 'unsaved', fault: 'waiting' } });
          resolve();
        }, patience);
      });
      await Promise.race([reading, waited]);
      clearTimeout(timer);
      store.setState({ status: 'ready' });
    },
    retry() {
      void exclusive(async () => {
        try {
          if (!db.isOpen()) await db.open();
          const { storage, dossier, history } = store.getState();
          if (storage.kind === 'unsaved' && storage.fault === 'vanished' && opened) {
            const made = await rewrite(db, registry, dossier, history, freshEpoch());
            epoch = made.epoch;
            if (made.written) queue = [];
            else await rebase();
          }
          await drain();
        } catch (error) {
          unsaved(error);
        }
      });
    },
    async forgetAside() {
      store.setState({ aside: [], stepsDropped: 0 });
      await db.aside.clear().catch(() => undefined);
    },
    async settled() {
      for (let seen: Promise<void> | undefined; seen !== chain; ) {
        seen = chain;
        await seen;
      }
    },
  };
}

/** What stood in one state and stands no more in the next. */
const deletedBetween = (before: Dossier, after: Dossier): readonly DeletedElsewhere[] =>
  (Object.keys(before) as readonly TableName[]).flatMap((table) =>
    Object.entries<unknown>(before[table])
      .filter(([key]) => after[table][key] === undefined)
      .map(([key, record]) => ({ table, key, record })),
  );
