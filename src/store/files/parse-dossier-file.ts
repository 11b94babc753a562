import { migrated } from './migrations';
import type { Dossier } from '../records';
import {
  dossierFileSchema,
  FILE_FORMAT,
  FILE_SIZE_LIMIT,
  FILE_VERSION,
  fromFile,
  type DossierFile,
} from './dossier-file';

export type FileFault =
  | { readonly code: 'file-too-large'; readonly bytes: number; readonly limit: number }
  | { readonly code: 'file-not-json'; readonly line: number; readonly column: number }
  | { readonly code: 'file-foreign' }
  | { readonly code: 'file-newer'; readonly version: number; readonly known: number }
  | {
      readonly code: 'file-invalid';
      readonly path: readonly (string | number)[];
      readonly problem: string;
      readonly others: number;
    }
  | { readonly code: 'file-twice'; readonly table: string; readonly id: string }
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
export function parseDossierFile(text: string): ParsedFile {
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
  const parsed = dossierFileSchema.safeParse(migrated(raw as Readonly<Record<string, unknown>>));
  if (!parsed.success) {
    const [first, ...others] = parsed.error.issues;
    return fault({
      code: 'file-invalid',
      path: (first?.path ?? []).map((p) => (typeof p === 'symbol' ? String(p) : p)),
      problem: first?.message ?? '',
      others: others.length,
    });
  }
  const broken = findBrokenReference(parsed.data);
  return broken ? fault(broken) : { kind: 'dossier', dossier: fromFile(parsed.data) };
}

function placeOf(error: unknown, text: string): { line: number; column: number } {
  const message = error instanceof Error ? error.message : '';
  const position = Number(/position (\d+)/.exec(message)?.[1] ?? text.length);
  const before = text.slice(0, position).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}

function findBrokenReference(file: DossierFile): FileFault | undefined {
  for (const table of ['donors', 'parts', 'candidates', 'builds', 'verdicts', 'visits'] as const) {
    const seen = new Set<string>();
    for (const { id } of file[table]) {
      if (seen.has(id)) return { code: 'file-twice', table, id };
      seen.add(id);
    }
  }
  const donors = new Set(file.donors.map((d) => d.id));
  const candidates = new Set(file.candidates.map((c) => c.id));
  const parts = new Set(file.parts.map((p) => p.id));
  const astray = findBrokenBase(file, donors, parts);
  if (astray) return astray;
  const lost = file.candidates.find((c) => !donors.has(c.donorId));
  if (lost)
    return { code: 'file-dangling', table: 'candidates', id: lost.id, points: lost.donorId };
  const twice = file.candidates.find(
    (c, i) => file.candidates.findIndex((o) => o.plate === c.plate) !== i,
  );
  if (twice) return { code: 'file-twice', table: 'candidates', id: `plate ${twice.plate}` };
  for (const build of file.builds) {
    if (!candidates.has(build.id))
      return { code: 'file-dangling', table: 'builds', id: build.id, points: build.id };
    const missing = build.partIds.find((p) => !parts.has(p));
    if (missing !== undefined)
      return { code: 'file-dangling', table: 'builds', id: build.id, points: missing };
  }
  const stray = file.visits.find((v) => !donors.has(v.id));
  if (stray) return { code: 'file-dangling', table: 'visits', id: stray.id, points: stray.id };
  return undefined;
}

/** A variant stands on a model; a listing on a model or a variant; nothing stands on a listing. */
function findBrokenBase(
  file: DossierFile,
  donors: ReadonlySet<string>,
  parts: ReadonlySet<string>,
): FileFault | undefined {
  const byId = new Map(file.donors.map((d) => [d.id, d]));
  for (const donor of file.donors) {
    if (donor.baseId !== undefined && !donors.has(donor.baseId))
      return { code: 'file-dangling', table: 'donors', id: donor.id, points: donor.baseId };
    const base = donor.baseId === undefined ? undefined : byId.get(donor.baseId);
    if (
      base?.listing ||
      (base?.baseId !== undefined &&
        (!donor.listing || byId.get(base.baseId)?.baseId !== undefined))
    )
      return { code: 'file-ring', id: donor.id };
    const stray = donor.listing?.fitted.find((f) => !parts.has(f.partId));
    if (stray)
      return { code: 'file-dangling', table: 'donors', id: donor.id, points: stray.partId };
  }
  return undefined;
}
