export { applyChanges, applyToRecord, inverted, type Conflict } from './apply-changes';
export {
  COALESCE_MS,
  type Change,
  type Command,
  type CommandLabel,
  type HistoryEntry,
} from './command';
export { readHistory } from './entry-schema';
export { mergedChanges } from './merge-entries';
