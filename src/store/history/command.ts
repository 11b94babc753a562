import type { TableName } from '../records';

/**
 * One change: the value at `path` inside a record (or the whole record, for an empty path) goes from `before` to `after`.
 * An absent value means that nothing stands there.
 */
export interface Change {
  readonly table: TableName;
  readonly key: string;
  readonly path: readonly string[];
  readonly before?: unknown;
  readonly after?: unknown;
}

/** What was done, as code and facts; the screen has the words. */
export interface CommandLabel {
  readonly code: string;
  readonly facts: Readonly<Record<string, string | number>>;
}

/** One named act of the rider: all of its changes happen or none. */
export interface Command {
  readonly label: CommandLabel;
  readonly changes: readonly Change[];
  /** Acts with the same key within {@link COALESCE_MS} become one step of undo. */
  readonly coalesce?: string;
}

export const COALESCE_MS = 1200;

/** A command that was carried out. */
export interface HistoryEntry {
  /** Sorts by time: milliseconds, then a counter, then the tab. */
  readonly id: string;
  readonly at: number;
  readonly label: CommandLabel;
  readonly changes: readonly Change[];
  readonly coalesce?: string | undefined;
  readonly undone: boolean;
}
