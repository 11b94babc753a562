import type { StoredRow } from '../records';

/** All rows of a dossier as some version stored them: by table, nothing known of their shape. */
export type RawTables = Readonly<Record<string, readonly StoredRow[]>>;

/** From one version of the format to the next. Files, rows of the database, snapshots and the states between the steps of undo all take it. */
export interface Step {
  readonly from: number;
  readonly name: string;
  /** Must not throw, whatever the rows hold: what it cannot read it hands on as it is. */
  readonly run: (tables: RawTables) => RawTables;
}

export type Raw = Readonly<Record<string, unknown>>;

export const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A function of records that gives the same object for the same object, so that states that share records go on sharing them. */
export function onceForEach(convert: (record: Raw) => unknown): (value: unknown) => unknown {
  const made = new WeakMap<Raw, unknown>();
  return (value) => {
    if (!isRaw(value)) return value;
    if (!made.has(value)) made.set(value, convert(value));
    return made.get(value);
  };
}
