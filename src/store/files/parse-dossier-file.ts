import {
  allFaultsAmong,
  isId,
  RECORDS,
  type AmongFault,
  type Dossier,
  type Registry,
  type ShapeIssue,
} from '../records';
import { plainPath, shapeIssue } from '../records/check-record';
import { fileBroughtUp } from './bring-up';
import {
  dossierFileSchema,
  FILE_FORMAT,
  FILE_SIZE_LIMIT,
  FILE_VERSION,
  rowsOfFile,
  type RawFile,
} from './dossier-file';

export type FileFault =
  | { readonly code: 'file-too-large'; readonly bytes: number; readonly limit: number }
  | { readonly code: 'file-not-text' }
  | { readonly code: 'file-not-json'; readonly line: number; readonly column: number }
  | { readonly code: 'file-foreign' }
  | { readonly code: 'file-newer'; readonly version: number; readonly known: number }
  | {
      readonly code: 'file-invalid';
      readonly path: readonly (string | number)[];
      readonly issue: ShapeIssue;
      readonly others: number;
    }
  | { readonly code: 'file-twice'; readonly table: string; readonly id: string }
  | { readonly code: 'file-id'; readonly table: string; readonly id: string }
  | { readonly code: 'file-ring'; readonly id: string }
  | {
      readonly code: 'file-dangling';
      readonly table: string;
      readonly id: string;
      readonly points: string;
    };

export type ParsedFile =
  | { readonly kind: 'dossier'; readonly dossier: Dossier }
  | { readonly kind: 'fault'; readonly fault: FileFault };

const fault = (f: FileFault): ParsedFile => ({ kind: 'fault', fault: f });

/** Reads a dossier file, or says what is wrong with it and where. Never throws; nothing is stored. */
export function parseDossierFile(text: string, registry: Registry = RECORDS): ParsedFile {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > FILE_SIZE_LIMIT)
    return fault({ code: 'file-too-large', bytes, limit: FILE_SIZE_LIMIT });
  let raw: unknown;
  try {
    raw = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    return fault({ code: 'file-not-json', ...placeOf(error, text) });
  }
  const head = raw as { format?: unknown; version?: unknown } | null;
  if (typeof head !== 'object' || head === null || head.format !== FILE_FORMAT)
    return fault({ code: 'file-foreign' });
  if (typeof head.version === 'number' && head.version > FILE_VERSION)
    return fault({ code: 'file-newer', version: head.version, known: FILE_VERSION });
  const file = fileBroughtUp(raw as RawFile, registry);
  const odd = oddId(registry, file);
  if (odd) return fault(odd);
  const parsed = dossierFileSchema(registry).safeParse(file);
  if (!parsed.success) {
    const [first, ...others] = parsed.error.issues;
    return fault({
      code: 'file-invalid',
      path: plainPath(first?.path ?? []),
      issue: first ? shapeIssue(first) : { kind: 'other' },
      others: others.length,
    });
  }
  const tables = Object.fromEntries(
    Object.entries(rowsOfFile(parsed.data, registry)).map(([table, rows]) => [
      table,
      Object.fromEntries(rows.map(({ key, value }) => [key, value])),
    ]),
  );
  const [among] = allFaultsAmong(registry, tables);
  return among
    ? fault(amongFault(among))
    : { kind: 'dossier', dossier: tables as unknown as Dossier };
}

function placeOf(error: unknown, text: string): { line: number; column: number } {
  const message = error instanceof Error ? error.message : '';
  const position = Number(/position (\d+)/.exec(message)?.[1] ?? text.length);
  const before = text.slice(0, position).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}

/** An id that stands twice, or that no record may have. */
function oddId(registry: Registry, file: RawFile): FileFault | undefined {
  for (const [table, rows] of Object.entries(rowsOfFile(file, registry))) {
    const seen = new Set<string>();
    for (const { key, value } of rows) {
      const { id } = (value ?? {}) as { readonly id?: unknown };
      if (typeof id === 'string' && !isId(id)) return { code: 'file-id', table, id };
      if (seen.has(key) && typeof id === 'string') return { code: 'file-twice', table, id };
      seen.add(key);
    }
  }
  return undefined;
}

function amongFault(among: AmongFault): FileFault {
  const { table, key } = among;
  switch (among.code) {
    case 'dangling':
      return { code: 'file-dangling', table, id: key, points: among.reference.key };
    case 'misplaced':
      return { code: 'file-ring', id: key };
    case 'twice':
      return { code: 'file-twice', table, id: among.what };
  }
}
