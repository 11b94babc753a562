import type { Dossier, TableName } from './registry';
import { RECORDS } from './registry';
import { mentioning } from './references';
import type { Registry } from './record-type';

/** One record that goes or changes because others went. */
export interface Removed {
  readonly table: TableName;
  readonly key: string;
  readonly before: unknown;
  /** What is left of it; `undefined`: it goes. */
  readonly after: unknown;
}

type Tables = Record<string, Record<string, unknown>>;

/**
 * All that happens when records go: the records themselves, what cannot stand without them, and what only lets go of them. Each
 * record stands once, as it was before and as it is after; what goes comes after what only changes. What goes need not be stored.
 */
export function removal(
  dossier: Dossier,
  gone: readonly { readonly table: TableName; readonly key: string }[],
  registry: Registry = RECORDS,
): readonly Removed[] {
  const tables: Tables = Object.fromEntries(
    Object.entries(dossier).map(([table, rows]) => [table, { ...rows }]),
  );
  const touched = new Map<string, Removed>();
  const set = (table: string, key: string, after: unknown) => {
    const before = (dossier as unknown as Tables)[table]?.[key];
    touched.set(`${table}/${key}`, { table: table as TableName, key, before, after });
    const rows = tables[table] ?? {};
    if (after === undefined) delete rows[key];
    else rows[key] = after;
  };
  const queue = [...gone];
  for (let next = queue.shift(); next; next = queue.shift()) {
    if (tables[next.table]?.[next.key] !== undefined) set(next.table, next.key, undefined);
    for (const { table, key, reference } of mentioning(registry, tables, next.table, next.key)) {
      const record = tables[table]?.[key];
      const left =
        reference.gone === 'goes-too' || record === undefined
          ? undefined
          : registry[table]?.lettingGo?.(record, reference);
      if (left === undefined) queue.push({ table: table as TableName, key });
      else set(table, key, left);
    }
  }
  return [...touched.values()].sort(
    (a, b) => Number(a.after === undefined) - Number(b.after === undefined),
  );
}
