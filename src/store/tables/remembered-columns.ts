import { headingsKey, isSameTarget, type ColumnTarget } from '@/core/tables';
import type { JugatorDb } from '../db';

/** The mapping once made for these headings; `undefined` when there is none or it cannot be read. */
export async function rememberedColumns(
  db: JugatorDb,
  headings: readonly string[],
): Promise<readonly ColumnTarget[] | undefined> {
  try {
    const stored = (await db.mappings.get(headingsKey(headings)))?.value as
      | readonly ColumnTarget[]
      | undefined;
    return stored?.length === headings.length && stored.every((t) => isSameTarget(t, t))
      ? stored
      : undefined;
  } catch {
    return undefined;
  }
}

/** Keeps a mapping for the next table with the same headings. A browser that stores nothing only forgets it. */
export const rememberColumns = (
  db: JugatorDb,
  headings: readonly string[],
  columns: readonly ColumnTarget[],
): Promise<unknown> =>
  db.mappings.put({ key: headingsKey(headings), value: columns }).catch(() => undefined);
