import { shapeFault } from './check-record';
import { isId } from './id';
import { mendRecord } from './mend';
import type { Registry } from './record-type';
import { allFaultsAmong } from './references';

export interface StoredRow {
  readonly key: string;
  readonly value: unknown;
}

/** A stored record that could not be taken as it was. */
export interface SetAside {
  readonly table: string;
  readonly key: string;
  /** As it was stored, to the last field. */
  readonly value: unknown;
  /** What a rider would call it; empty where nothing in it says. */
  readonly name: string;
  /** `mended`: it is there, with the usual value or nothing in these fields. `left-out`: it is not there. */
  readonly kind: 'mended' | 'left-out';
  /** Dotted paths of what could not be read. */
  readonly fields: readonly string[];
  /** `shape`: it does not read as what it should be; otherwise what it says of other records. */
  readonly why: 'shape' | 'key' | 'dangling' | 'misplaced' | 'twice';
}

type Tables = Record<string, Record<string, unknown>>;

/**
 * Stored rows as tables of good records. What is damaged is mended where that can be done, left out where not, and in both cases
 * handed back as it was; nothing is dropped without a word.
 */
export function readRows(
  registry: Registry,
  rows: Readonly<Record<string, readonly StoredRow[]>>,
): { readonly tables: Tables; readonly aside: readonly SetAside[] } {
  const tables = emptyRows(registry);
  const aside = new Map<string, SetAside>();
  const raw = new Map<string, unknown>();
  const put = (found: Omit<SetAside, 'name' | 'value'>) => {
    const id = `${found.table}/${found.key}`;
    const before = aside.get(id);
    const value = raw.get(id);
    const name = registry[found.table]?.name(value, tables) ?? '';
    aside.set(id, {
      ...found,
      name,
      value,
      fields: [...new Set([...(before?.fields ?? []), ...found.fields])],
    });
  };
  for (const [table, type] of Object.entries(registry)) {
    for (const { key, value } of rows[table] ?? []) {
      raw.set(`${table}/${key}`, value);
      if (!isId(key) || (type.single && type.single.key !== key)) {
        put({ table, key, kind: 'left-out', fields: [], why: 'key' });
        continue;
      }
      const mended = mendRecord(type, key, withKey(value, key));
      if (mended.kind === 'lost') {
        const fields = mended.field === '' ? [] : [mended.field];
        put({ table, key, kind: 'left-out', fields, why: 'shape' });
        continue;
      }
      (tables[table] ??= {})[key] = mended.record;
      const wrongKey = withKey(value, key) !== value;
      const fields = [
        ...(wrongKey ? ['id'] : []),
        ...(mended.kind === 'mended' ? mended.fields : []),
      ];
      if (fields.length > 0)
        put({ table, key, kind: 'mended', fields, why: wrongKey ? 'key' : 'shape' });
    }
  }
  settle(registry, tables, put);
  return { tables, aside: [...aside.values()] };
}

const emptyRows = (registry: Registry): Tables =>
  Object.fromEntries(Object.keys(registry).map((table) => [table, {}]));

/** A record that carries another id than the key it lies under takes the key's. */
function withKey(value: unknown, key: string): unknown {
  const id = (value as { readonly id?: unknown } | null | undefined)?.id;
  return typeof id === 'string' && id !== key ? { ...(value as object), id: key } : value;
}

/** Makes the records good among each other: mentions of what is not there are let go, or take the record with them. */
function settle(
  registry: Registry,
  tables: Tables,
  put: (found: Omit<SetAside, 'name' | 'value'>) => void,
): void {
  for (let faults = allFaultsAmong(registry, tables); faults.length > 0; ) {
    for (const fault of faults) {
      const { table, key } = fault;
      const record = tables[table]?.[key];
      const type = registry[table];
      if (record === undefined || !type) continue;
      const left = mendedAmong(registry, tables, fault, record);
      const good = left !== undefined && shapeFault(registry, table, key, left) === undefined;
      const fields = fault.code === 'dangling' ? [fault.reference.key] : [];
      put({ table, key, kind: good ? 'mended' : 'left-out', fields, why: fault.code });
      if (good) (tables[table] ??= {})[key] = left;
      else delete tables[table]?.[key];
    }
    faults = allFaultsAmong(registry, tables);
  }
}

function mendedAmong(
  registry: Registry,
  tables: Tables,
  fault: ReturnType<typeof allFaultsAmong>[number],
  record: unknown,
): unknown {
  const type = registry[fault.table];
  switch (fault.code) {
    case 'dangling':
      return fault.reference.gone === 'lets-go'
        ? type?.lettingGo?.(record, fault.reference)
        : fault.reference.table === fault.table
          ? type?.lettingGo?.(record, fault.reference)
          : undefined;
    case 'misplaced': {
      const own = type?.references?.(record).find((r) => r.table === fault.table);
      return own && type?.lettingGo?.(record, own);
    }
    case 'twice': {
      const others = Object.entries(tables[fault.table] ?? {}).filter(([k]) => k !== fault.key);
      return type?.madeUnique?.(record, new Set(others.map(([, r]) => type.unique?.(r) ?? '')));
    }
  }
}
