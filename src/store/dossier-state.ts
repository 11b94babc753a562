import type { AsideRow } from './db';
import type { Change, CommandLabel, Conflict, HistoryEntry } from './history';
import type { StorageFault } from './persistence';
import type { Dossier, RecordFault, TableName } from './records';

export type Outcome =
  | { readonly kind: 'done' }
  | { readonly kind: 'nothing' }
  /** Another tab was faster: nothing was done. */
  | { readonly kind: 'conflict'; readonly conflict: Conflict }
  /** The result would not be a good record: nothing was done. */
  | { readonly kind: 'refused'; readonly fault: RecordFault };

/** An edit of this tab that another tab's edit of the same thing has undone; the rider decides what becomes of it. */
export interface Overtaken {
  readonly id: number;
  readonly label: CommandLabel;
  readonly changes: readonly Change[];
  readonly conflict: Conflict;
  /** The record as this tab last had it, where the other tab has deleted it. */
  readonly lost: unknown;
}

/** A record that another tab has deleted. */
export interface DeletedElsewhere {
  readonly table: TableName;
  readonly key: string;
  readonly record: unknown;
}

/** Whether the browser has promised to keep what is stored; `not-asked` until the first edit. */
export type Keeping = 'not-asked' | 'promised' | 'not-promised' | 'cannot-say';

/** `saved`: all is on disk. `saving`: on its way. `unsaved`: the tab holds changes the browser would not store. */
export type Storage =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'unsaved'; readonly fault: StorageFault };

export interface DossierState {
  readonly status: 'loading' | 'ready';
  readonly dossier: Dossier;
  readonly history: readonly HistoryEntry[];
  readonly storage: Storage;
  /** Records that could not be taken as they were stored, until the rider lets them go. */
  readonly aside: readonly AsideRow[];
  /** Steps of undo that could not be read at the last opening. */
  readonly stepsDropped: number;
  /** Oldest first. */
  readonly overtaken: readonly Overtaken[];
  readonly deletedElsewhere: readonly DeletedElsewhere[];
  readonly keeping: Keeping;
  /** The last edit that was refused without a field to say it at. */
  readonly refused:
    | { readonly label: CommandLabel; readonly fault: RecordFault; readonly count: number }
    | undefined;
}

export const canUndo = (history: readonly HistoryEntry[]): HistoryEntry | undefined =>
  history.findLast((e) => !e.undone);
export const canRedo = (history: readonly HistoryEntry[]): HistoryEntry | undefined => {
  const last = history.findLastIndex((e) => !e.undone);
  return history[last + 1];
};
