import { broughtUp, FORMAT_VERSION, type RawTables } from '../migrations';
import type { Registry, StoredRow } from '../records';
import type { RawFile } from './dossier-file';

/** The one record that stood by itself in files of every version until now, and its table. */
const BRIEF = { fileKey: 'brief', table: 'briefs', key: 'brief' } as const;

const rowOf = (value: unknown): StoredRow => ({
  key: String((value as { readonly id?: unknown } | null)?.id),
  value,
});

/** A file of an older version in the shape of the newest; what no table holds is left as it is, for the schema to find. */
export function fileBroughtUp(file: RawFile, registry: Registry): RawFile {
  const { version } = file;
  if (typeof version !== 'number' || !(version >= 1) || version >= FORMAT_VERSION) return file;
  const lists = Object.entries(file).filter(([, value]) => Array.isArray(value));
  const brief = file[BRIEF.fileKey];
  const tables: RawTables = {
    [BRIEF.table]: brief === null || brief === undefined ? [] : [{ key: BRIEF.key, value: brief }],
    ...Object.fromEntries(
      lists.map(([table, list]) => [table, (list as readonly unknown[]).map(rowOf)]),
    ),
  };
  const up = broughtUp(tables, version);
  const taken = new Set([BRIEF.fileKey, ...lists.map(([table]) => table)]);
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
