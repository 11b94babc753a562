import * as z from 'zod/mini';
import { FORMAT_VERSION } from '../migrations';
import { RECORDS, type Dossier, type Registry, type StoredRow } from '../records';

export const FILE_FORMAT = 'jugator-dossier';
export const FILE_VERSION = FORMAT_VERSION;
/** Largest file that is read, bytes. */
export const FILE_SIZE_LIMIT = 8 * 1024 * 1024;

/** Under which name a table's records stand in a file. */
const fileKeyOf = (registry: Registry, table: string): string =>
  registry[table]?.single?.fileKey ?? table;

/** The newest version of the dossier file; docs/file-formats.md describes it, public/schemas holds it as JSON Schema. */
export const dossierFileSchema = (registry: Registry = RECORDS) =>
  z.strictObject({
    format: z.literal(FILE_FORMAT),
    version: z.literal(FILE_VERSION),
    exportedAt: z.iso.datetime(),
    ...Object.fromEntries(
      Object.entries(registry).map(([table, type]) => [
        fileKeyOf(registry, table),
        type.single ? z.nullable(type.schema) : z.array(type.schema).check(z.maxLength(type.most)),
      ]),
    ),
  });

export type RawFile = Readonly<Record<string, unknown>>;

/** The records of a file as rows, table by table, in the file's order. Takes what lists there are; says nothing about their shape. */
export const rowsOfFile = (
  file: RawFile,
  registry: Registry = RECORDS,
): Readonly<Record<string, readonly StoredRow[]>> =>
  Object.fromEntries(
    Object.entries(registry).map(([table, type]) => {
      const stored = file[fileKeyOf(registry, table)];
      if (type.single)
        return [
          table,
          stored === null || stored === undefined ? [] : [{ key: type.single.key, value: stored }],
        ];
      const list = Array.isArray(stored) ? (stored as readonly { readonly id?: unknown }[]) : [];
      return [table, list.map((value) => ({ key: String(value?.id), value }))];
    }),
  );

/** By id, so that two files of one dossier can be compared line by line. */
const sorted = (rows: Readonly<Record<string, unknown>>): readonly unknown[] =>
  Object.entries(rows)
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(([, record]) => record);

/** The dossier as file text, two-space indented so that it can be read and compared. `exportedAt` is ISO 8601, UTC. */
export function formatDossierFile(
  dossier: Dossier,
  exportedAt: string,
  registry: Registry = RECORDS,
): string {
  const tables = dossier as unknown as Readonly<Record<string, Readonly<Record<string, unknown>>>>;
  const file = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt,
    ...Object.fromEntries(
      Object.entries(registry).map(([table, type]) => [
        fileKeyOf(registry, table),
        type.single ? (tables[table]?.[type.single.key] ?? null) : sorted(tables[table] ?? {}),
      ]),
    ),
  };
  return `${JSON.stringify(file, undefined, 2)}\n`;
}
