import * as z from 'zod/mini';
import { FACT_KEYS, type FactKey } from '@/core/facts';
import { BASES, FIGURE_KEYS, type FigureKey } from '@/core/readings';
import { headingsKey, TEXT_COLUMNS, type ColumnTarget } from '@/core/tables';
import { UNIT_IDS, type UnitId } from '@/core/units';
import type { JugatorDb } from '../db';

const columnSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('ignore') }),
  z.strictObject({ kind: z.literal('text'), column: z.enum(TEXT_COLUMNS) }),
  z.strictObject({
    kind: z.literal('figure'),
    key: z.enum(FIGURE_KEYS as readonly [FigureKey, ...FigureKey[]]),
    unit: z.optional(z.enum(UNIT_IDS as readonly [UnitId, ...UnitId[]])),
    basis: z.enum(BASES),
  }),
  z.strictObject({
    kind: z.literal('fact'),
    key: z.enum(FACT_KEYS as readonly [FactKey, ...FactKey[]]),
  }),
]) satisfies z.ZodMiniType<ColumnTarget>;

/** The mapping once made for these headings; `undefined` when there is none. One that cannot be read is forgotten. */
export async function rememberedColumns(
  db: JugatorDb,
  headings: readonly string[],
): Promise<readonly ColumnTarget[] | undefined> {
  const key = headingsKey(headings);
  try {
    const stored = await db.mappings.get(key);
    if (!stored) return undefined;
    const read = z.array(columnSchema).check(z.length(headings.length)).safeParse(stored.value);
    if (read.success) return read.data;
    await db.mappings.delete(key);
    return undefined;
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
