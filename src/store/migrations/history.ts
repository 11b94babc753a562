import equal from 'fast-deep-equal';
import { applyToRecord, inverted, type Change, type HistoryEntry } from '../history';
import { broughtUp } from './steps';
import { isRaw, type RawTables } from './step';

type State = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

const stateOf = (tables: RawTables): State =>
  Object.fromEntries(
    Object.entries(tables).map(([table, rows]) => [
      table,
      Object.fromEntries(rows.map(({ key, value }) => [key, value])),
    ]),
  );
const rowsOf = (state: State): RawTables =>
  Object.fromEntries(
    Object.entries(state).map(([table, records]) => [
      table,
      Object.entries(records).map(([key, value]) => ({ key, value })),
    ]),
  );

/** The state after changes of whatever version; `undefined` where one does not start from what stands there. */
function stepped(state: State, changes: readonly Change[]): State | undefined {
  const next: Record<string, Record<string, unknown>> = { ...state };
  for (const change of changes) {
    const records = { ...next[change.table] };
    const result = applyToRecord(records[change.key], change);
    if (result.kind === 'conflict') return undefined;
    if (result.value === undefined) delete records[change.key];
    else records[change.key] = result.value;
    next[change.table] = records;
  }
  return next;
}

/** What leads from one record to another, as deep down as it differs. */
function differing(
  where: Pick<Change, 'table' | 'key'>,
  path: readonly string[],
  before: unknown,
  after: unknown,
): readonly Change[] {
  if (before === after || equal(before, after)) return [];
  if (!isRaw(before) || !isRaw(after)) return [{ ...where, path, before, after }];
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((name) =>
    differing(where, [...path, name], before[name], after[name]),
  );
}

const changesBetween = (before: State, after: State): readonly Change[] =>
  Object.keys({ ...before, ...after }).flatMap((table) => {
    const [a, b] = [before[table] ?? {}, after[table] ?? {}];
    return Object.keys({ ...a, ...b }).flatMap((key) =>
      a[key] === b[key]
        ? []
        : differing({ table: table as Change['table'], key }, [], a[key], b[key]),
    );
  });

/**
 * The steps of undo of an older version as steps of the newest: the states between them are gone back to one by one, brought up like
 * any other dossier, and laid beside each other. A step that cannot be gone back through ends what can be undone; undone steps that
 * cannot be gone through are dropped likewise.
 */
export function historyBroughtUp(
  tables: RawTables,
  history: readonly HistoryEntry[],
  from: number,
): readonly HistoryEntry[] {
  const present = stateOf(tables);
  const up = (state: State): State => stateOf(broughtUp(rowsOf(state), from));
  const now = up(present);
  const done: HistoryEntry[] = [];
  let [state, later]: [State, State] = [present, now];
  for (const entry of history.filter((e) => !e.undone).toReversed()) {
    const earlier = stepped(state, inverted(entry.changes));
    if (!earlier) break;
    const before = up(earlier);
    done.unshift({ ...entry, changes: changesBetween(before, later) });
    [state, later] = [earlier, before];
  }
  const undone: HistoryEntry[] = [];
  [state, later] = [present, now];
  for (const entry of history.filter((e) => e.undone)) {
    const next = stepped(state, entry.changes);
    if (!next) break;
    const after = up(next);
    undone.push({ ...entry, changes: changesBetween(later, after) });
    [state, later] = [next, after];
  }
  return [...done, ...undone];
}
