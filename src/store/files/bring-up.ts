import { broughtUp, FORMAT_VERSION, type RawTables } from '../migrations';
import type { Registry, StoredRow } from '../records';
import type { RawFile } from './dossier-file';

const rowOf = (value: unknown): StoredRow => ({
  key: String((value as { readonly id?: unknown } | null)?.id),
  value,
});

/** A file of an older version in the shape of the newest; what no table holds is left as it is, for the schema to find. */
export function fileBroughtUp(file: RawFile, registry: Registry): RawFile {
  const { version } = file;
  if (typeof version !== 'number' || !(version >= 1) || version >= FORMAT_VERSION) return file;
  const lists = Object.entries(file).filter(([, value]) => Array.isArray(value));
  // Records that stand by themselves: the brief in every version, the catalogue from version 5 on.
  const alone = Object.entries(registry).flatMap(([table, { single }]) =>
    single ? [{ table, ...single }] : [],
  );
  const tables: RawTables = {
    ...Object.fromEntries(
      alone.map(({ table, fileKey, key }) => {
        const value = file[fileKey];
        return [table, value === null || value === undefined ? [] : [{ key, value }]];
      }),
    ),
    ...Object.fromEntries(
      lists.map(([table, list]) => [table, (list as readonly unknown[]).map(rowOf)]),
    ),
  };
  const up = broughtUp(tables, version);
  const taken = new Set([...alone.map((a) => a.fileKey), ...lists.map(([table]) => table)]);
  const rest = Object.fromEntries(Object.entries(file).filter(([key]) => !taken.has(key)));
  return {
    ...rest,
    version: FORMAT_VERSION,
    ...Object.fromEntries(
      Object.entries(registry).map(([table, { single }]) => {
        const values = (up[table] ?? []).map((r) => r.value);
        return single ? [single.fileKey, values[0] ?? null] : [table, values];
      }),
    ),
  };
}
