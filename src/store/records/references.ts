import type { Reference, RecordType, Registry, Rows } from './record-type';

type Tables = Readonly<Record<string, Rows>>;

/** What is wrong among records that are good each by itself. */
export type AmongFault =
  | {
      readonly code: 'dangling';
      readonly table: string;
      readonly key: string;
      readonly reference: Reference;
    }
  | { readonly code: 'misplaced'; readonly table: string; readonly key: string }
  | {
      readonly code: 'twice';
      readonly table: string;
      readonly key: string;
      readonly what: string;
    };

const isThere = (registry: Registry, tables: Tables, table: string, key: string): boolean =>
  (tables[table] !== undefined && Object.hasOwn(tables[table], key)) ||
  registry[table]?.isThereUnstored?.(tables, key) === true;

/** Every mention that names a record of a table there is. */
const mentionsOf = (registry: Registry, type: RecordType, record: unknown): readonly Reference[] =>
  (type.references?.(record) ?? []).filter((r) => registry[r.table] !== undefined);

/** The faults of one record among the others. */
export function faultsAmong(
  registry: Registry,
  tables: Tables,
  table: string,
  key: string,
): readonly AmongFault[] {
  const type = registry[table];
  const rows = tables[table];
  const record = rows?.[key];
  if (!type || !rows || record === undefined) return [];
  const dangling = mentionsOf(registry, type, record)
    .filter((r) => !isThere(registry, tables, r.table, r.key))
    .map((reference): AmongFault => ({ code: 'dangling', table, key, reference }));
  const what = type.unique?.(record);
  const twice =
    what !== undefined &&
    Object.entries(rows).some(([other, r]) => other !== key && type.unique?.(r) === what);
  return [
    ...dangling,
    ...(type.misplaced?.(record, rows) ? [{ code: 'misplaced', table, key } as const] : []),
    ...(twice ? [{ code: 'twice', table, key, what } as const] : []),
  ];
}

/** All faults of all records among each other; of things that only one may have, the first keeps it. */
export function allFaultsAmong(registry: Registry, tables: Tables): readonly AmongFault[] {
  return Object.entries(registry).flatMap(([table, type]) => {
    const seen = new Set<string>();
    return Object.entries(tables[table] ?? {}).flatMap(([key, record]) =>
      faultsAmong(registry, tables, table, key).filter((fault) => {
        if (fault.code !== 'twice') return true;
        const first = !seen.has(fault.what);
        seen.add(type.unique?.(record) ?? '');
        return !first;
      }),
    );
  });
}

/** Records that mention this one, with the mention. */
export function mentioning(
  registry: Registry,
  tables: Tables,
  table: string,
  key: string,
): readonly { readonly table: string; readonly key: string; readonly reference: Reference }[] {
  return Object.entries(registry).flatMap(([other, type]) =>
    type.references === undefined
      ? []
      : Object.entries(tables[other] ?? {}).flatMap(([otherKey, record]) =>
          mentionsOf(registry, type, record)
            .filter((r) => r.table === table && r.key === key)
            .map((reference) => ({ table: other, key: otherKey, reference })),
        ),
  );
}
