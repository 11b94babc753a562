import { RECORDS, type Dossier, type Reference, type Registry } from '../records';

type Tables = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

/**
 * What another rider needs to weigh the same machines. Each kind of record says whether it always goes along, never, or when a
 * record that goes mentions it; what hangs on nothing that goes stays at home.
 */
export function shortlistOnly(dossier: Dossier, registry: Registry = RECORDS): Dossier {
  const tables = dossier as unknown as Tables;
  const kept = new Set<string>();
  const queue: Pick<Reference, 'table' | 'key'>[] = Object.entries(registry)
    .filter(([, type]) => type.shared === 'always')
    .flatMap(([table]) => Object.keys(tables[table] ?? {}).map((key) => ({ table, key })));
  for (let next = queue.shift(); next; next = queue.shift()) {
    const { table, key } = next;
    const record = tables[table]?.[key];
    const type = registry[table];
    if (record === undefined || !type || type.shared === 'never' || kept.has(`${table}/${key}`))
      continue;
    kept.add(`${table}/${key}`);
    queue.push(...(type.references?.(record) ?? []));
  }
  keepWithMentions(registry, tables, kept);
  return Object.fromEntries(
    Object.entries(registry).map(([table, type]) => [
      table,
      Object.fromEntries(
        Object.entries(tables[table] ?? {})
          .filter(([key]) => kept.has(`${table}/${key}`))
          .map(([key, record]) => [key, type.forOthers?.(record) ?? record]),
      ),
    ]),
  ) as unknown as Dossier;
}

/** Records that go along because all stored records that they mention do. */
function keepWithMentions(registry: Registry, tables: Tables, kept: Set<string>): void {
  for (const [table, type] of Object.entries(registry)) {
    if (type.shared !== 'with-what-it-mentions') continue;
    for (const [key, record] of Object.entries(tables[table] ?? {})) {
      const stored = (type.references?.(record) ?? []).filter(
        (r) => tables[r.table]?.[r.key] !== undefined,
      );
      if (stored.every((r) => kept.has(`${r.table}/${r.key}`))) kept.add(`${table}/${key}`);
    }
  }
}
