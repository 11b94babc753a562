import equal from 'fast-deep-equal';
import type { Dossier } from '../records';
import type { Change } from './command';

/** The value a change expected is not the value that stands there: somebody else was faster. */
export interface Conflict {
  readonly change: Change;
  readonly theirs: unknown;
}

export type Applied<T> =
  | { readonly kind: 'applied'; readonly value: T }
  | { readonly kind: 'conflict'; readonly conflict: Conflict };

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The value at a path of a record; `undefined` where nothing stands. */
function valueAt(record: unknown, path: readonly string[]): unknown {
  return path.reduce<unknown>(
    (at, step) => (isObject(at) && Object.hasOwn(at, step) ? at[step] : undefined),
    record,
  );
}

function withValueAt(record: unknown, path: readonly string[], value: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return value;
  const parent = isObject(record) ? record : {};
  const { [step]: old, ...others } = parent;
  const next = withValueAt(old, rest, value);
  return next === undefined ? others : { ...parent, [step]: next };
}

/** One change against one stored record. A path into a record that is gone is a conflict. */
export function applyToRecord(record: unknown, change: Change): Applied<unknown> {
  const gone = change.path.length > 0 && record === undefined;
  const theirs = valueAt(record, change.path);
  if (gone || !equal(theirs, change.before))
    return { kind: 'conflict', conflict: { change, theirs } };
  return { kind: 'applied', value: withValueAt(record, change.path, change.after) };
}

/** All changes of a command in order, or the first conflict. */
export function applyChanges(dossier: Dossier, changes: readonly Change[]): Applied<Dossier> {
  const next: Record<string, Record<string, unknown>> = { ...dossier };
  const copied = new Map<string, Record<string, unknown>>();
  for (const change of changes) {
    // One copy a table, however many records a command touches.
    let table = copied.get(change.table);
    if (!table) {
      table = { ...next[change.table] };
      copied.set(change.table, table);
      next[change.table] = table;
    }
    const result = applyToRecord(
      Object.hasOwn(table, change.key) ? table[change.key] : undefined,
      change,
    );
    if (result.kind === 'conflict') return result;
    if (result.value === undefined) delete table[change.key];
    else table[change.key] = result.value;
  }
  return { kind: 'applied', value: next as unknown as Dossier };
}

/** The changes that take a command back, last first. */
export const inverted = (changes: readonly Change[]): readonly Change[] =>
  changes
    .toReversed()
    .map(({ before, after, ...where }) => ({ ...where, before: after, after: before }));
