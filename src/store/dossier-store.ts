import { createStore, type StoreApi } from 'zustand/vanilla';
import { openDb, type JugatorDb } from './db';
import type { DossierState, Keeping, Outcome, Overtaken } from './dossier-state';
import {
  applyChanges,
  COALESCE_MS,
  inverted,
  mergedChanges,
  type Change,
  type Command,
  type CommandLabel,
  type HistoryEntry,
} from './history';
import { canRedo, canUndo } from './dossier-state';
import {
  doorFault,
  EMPTY_DOSSIER,
  RECORDS,
  type Dossier,
  type RecordFault,
  type Registry,
} from './records';
import { tabWriter } from './tab-writer';

/**
 * The dossier in this tab: memory leads, the database follows, other tabs are told.
 * Every edit is one named command, can be undone, is refused when the value it started from has changed, and is refused when the
 * records it would leave behind are not good ones.
 */
export interface DossierStore extends StoreApi<DossierState> {
  /** Reads the database. After `patience` ms without an answer the tab goes on without it. */
  readonly open: () => Promise<void>;
  /** `atField`: the caller says a refusal where the rider is typing. */
  readonly execute: (command: Command, said?: 'atField') => Outcome;
  readonly undo: () => CommandLabel | undefined;
  readonly redo: () => CommandLabel | undefined;
  /** Puts a whole dossier in the place of the present one, as one command. */
  readonly replaceAll: (next: Dossier, label: CommandLabel) => Outcome;
  /** Tries again to write what the browser would not store. */
  readonly retry: () => void;
  /** Does an overtaken edit all the same, on what stands there now. */
  readonly insist: (overtaken: Overtaken) => Outcome;
  readonly forgetOvertaken: (overtaken: Overtaken) => void;
  /** Puts back what another tab has deleted. */
  readonly bringBack: () => Outcome;
  readonly forgetDeleted: () => void;
  /** Lets go of what was set aside because it could not be read. */
  readonly forgetAside: () => Promise<void>;
  /** Resolves when everything so far is written or has failed. */
  readonly settled: () => Promise<void>;
  /** The drafts and preferences live in the same database. */
  readonly db: JugatorDb;
}

export interface StoreSetting {
  readonly dbName?: string;
  readonly now?: () => number;
  /** Tells other tabs; absent where there are none. */
  readonly channel?: BroadcastChannel | undefined;
  readonly tab?: string;
  readonly registry?: Registry;
  /** How long the database may take to answer before the tab goes on without it, ms. */
  readonly patience?: number;
  /** Asks the browser to keep what is stored, at the first edit of the rider's own. */
  readonly askToKeep?: () => Promise<Keeping>;
}

const START: DossierState = {
  status: 'loading',
  dossier: EMPTY_DOSSIER,
  history: [],
  storage: { kind: 'saved' },
  aside: [],
  stepsDropped: 0,
  overtaken: [],
  deletedElsewhere: [],
  keeping: 'not-asked',
  refused: undefined,
};

const touchedBy = (changes: readonly Change[]) => [
  ...new Map(changes.map(({ table, key }) => [`${table}/${key}`, { table, key }])).values(),
];

export function createDossierStore(setting: StoreSetting = {}): DossierStore {
  const { now = Date.now, tab = 'tab', registry = RECORDS, askToKeep } = setting;
  const db = openDb(setting.dbName, registry);
  const store = createStore<DossierState>(() => START);
  const writer = tabWriter({ ...setting, now, tab, registry, db, store });
  let counter = 0;
  let asked = askToKeep === undefined;

  /** The dossier after these changes, or why there is none. */
  const changed = (
    changes: readonly Change[],
  ):
    | { readonly kind: 'applied'; readonly value: Dossier }
    | Exclude<Outcome, { kind: 'done' | 'nothing' }> => {
    const result = applyChanges(store.getState().dossier, changes);
    if (result.kind === 'conflict') return result;
    const fault = doorFault(registry, result.value, touchedBy(changes));
    return fault ? { kind: 'refused', fault } : result;
  };
  const sayRefused = (label: CommandLabel, fault: RecordFault) =>
    store.setState(({ refused }) => ({
      refused: { label, fault, count: (refused?.count ?? 0) + 1 },
    }));

  const step = (entry: HistoryEntry | undefined, undone: boolean): CommandLabel | undefined => {
    if (!entry) return undefined;
    const changes = undone ? inverted(entry.changes) : entry.changes;
    const result = changed(changes);
    if (result.kind === 'refused') sayRefused(entry.label, result.fault);
    if (result.kind === 'conflict') writer.overtake(entry.label, changes, result.conflict);
    if (result.kind !== 'applied') return undefined;
    const marked = { ...entry, undone, coalesce: undefined };
    store.setState(({ history }) => ({
      dossier: result.value,
      history: history.map((e) => (e.id === entry.id ? marked : e)),
    }));
    writer.write({ changes, put: [marked], drop: [], label: entry.label });
    return entry.label;
  };

  const entryFor = (command: Command, history: readonly HistoryEntry[]): HistoryEntry => {
    const at = now();
    const last = history.at(-1);
    const joins =
      last &&
      !last.undone &&
      command.coalesce !== undefined &&
      last.coalesce === command.coalesce &&
      at - last.at < COALESCE_MS;
    if (joins) return { ...last, at, changes: mergedChanges(last.changes, command.changes) };
    counter += 1;
    return {
      id: `${String(at).padStart(14, '0')}-${String(counter).padStart(6, '0')}-${tab}`,
      at,
      label: command.label,
      changes: command.changes,
      coalesce: command.coalesce,
      undone: false,
    };
  };

  const execute = (command: Command, said?: 'atField'): Outcome => {
    if (command.changes.length === 0) return { kind: 'nothing' };
    const result = changed(command.changes);
    if (result.kind === 'refused' && !said) sayRefused(command.label, result.fault);
    if (result.kind !== 'applied') return result;
    const { history } = store.getState();
    const entry = entryFor(command, history);
    const kept = history.filter((e) => !e.undone && e.id !== entry.id);
    const drop = history.filter((e) => e.undone).map((e) => e.id);
    store.setState({ dossier: result.value, history: [...kept, entry] });
    writer.write({ changes: command.changes, put: [entry], drop, label: command.label });
    if (!asked && command.label.code !== 'open-example') {
      asked = true;
      void askToKeep?.().then((keeping) => store.setState({ keeping }));
    }
    return { kind: 'done' };
  };

  const forgetOvertaken = (done: Overtaken) =>
    store.setState(({ overtaken }) => ({ overtaken: overtaken.filter((o) => o.id !== done.id) }));

  return Object.assign(store, {
    db,
    execute,
    open: writer.open,
    undo: () => step(canUndo(store.getState().history), true),
    redo: () => step(canRedo(store.getState().history), false),
    replaceAll(next: Dossier, label: CommandLabel) {
      return execute({ label, changes: replacingChanges(store.getState().dossier, next) });
    },
    retry: writer.retry,
    insist(overtaken: Overtaken): Outcome {
      forgetOvertaken(overtaken);
      const { dossier } = store.getState();
      return execute({
        label: overtaken.label,
        changes: overtaken.changes.map((c) => ({ ...c, before: valueNow(dossier, c) })),
      });
    },
    forgetOvertaken,
    bringBack(): Outcome {
      const { deletedElsewhere, dossier } = store.getState();
      store.setState({ deletedElsewhere: [] });
      return execute({
        label: { code: 'bring-back', facts: { count: deletedElsewhere.length } },
        changes: deletedElsewhere
          .filter(({ table, key }) => dossier[table][key] === undefined)
          .map(({ table, key, record }) => ({ table, key, path: [], after: record })),
      });
    },
    forgetDeleted: () => store.setState({ deletedElsewhere: [] }),
    forgetAside: writer.forgetAside,
    settled: writer.settled,
  });
}

/** What stands at a change's place at this moment. */
const valueNow = (dossier: Dossier, { table, key, path }: Change): unknown =>
  path.reduce<unknown>(
    (at, part) => (at as Record<string, unknown> | undefined)?.[part],
    dossier[table][key],
  );

function replacingChanges(now: Dossier, next: Dossier): readonly Change[] {
  const tables = Object.keys(now) as readonly (keyof Dossier)[];
  return tables.flatMap((table) => {
    const keys = new Set([...Object.keys(now[table]), ...Object.keys(next[table])]);
    return [...keys]
      .filter((key) => now[table][key] !== next[table][key])
      .map(
        (key): Change => ({
          table,
          key,
          path: [],
          before: now[table][key],
          after: next[table][key],
        }),
      );
  });
}
