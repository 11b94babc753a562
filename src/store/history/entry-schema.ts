import * as z from 'zod/mini';
import type { HistoryEntry } from './command';

const changeSchema = z.object({
  table: z.string().check(z.minLength(1)),
  key: z.string().check(z.minLength(1)),
  path: z.array(z.string()),
  before: z.optional(z.unknown()),
  after: z.optional(z.unknown()),
});

/** A stored step of the history. What its values are is checked when it is undone. */
const entrySchema = z.object({
  id: z.string().check(z.minLength(1)),
  at: z.number(),
  label: z.object({
    code: z.string(),
    facts: z.record(z.string(), z.union([z.string(), z.number()])),
  }),
  changes: z.array(changeSchema),
  coalesce: z.optional(z.string()),
  undone: z.boolean(),
});

/**
 * The stored steps that can be used, oldest first. A damaged step ends what can be undone: those before it start from a state that
 * nobody can come back to, so they are dropped with it.
 */
export function readHistory(rows: readonly unknown[]): {
  readonly history: readonly HistoryEntry[];
  readonly dropped: number;
} {
  const last = rows.findLastIndex((row) => !entrySchema.safeParse(row).success);
  return { history: rows.slice(last + 1) as readonly HistoryEntry[], dropped: last + 1 };
}
