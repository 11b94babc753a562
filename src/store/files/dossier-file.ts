import { z } from 'zod';
import {
  briefSchema,
  buildSchema,
  candidateSchema,
  donorSchema,
  EMPTY_DOSSIER,
  partSchema,
  BRIEF_KEY,
  verdictSchema,
  visitSchema,
  type Dossier,
} from '../records';

export const FILE_FORMAT = 'jugator-dossier';
export const FILE_VERSION = 4;
/** Largest file that is read, bytes. */
export const FILE_SIZE_LIMIT = 8 * 1024 * 1024;

/** Version 4 of the dossier file; docs/file-formats.md describes it, public/schemas holds it as JSON Schema. */
export const dossierFileSchema = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  exportedAt: z.iso.datetime(),
  brief: briefSchema.nullable(),
  donors: z.array(donorSchema).max(5000),
  parts: z.array(partSchema).max(5000),
  candidates: z.array(candidateSchema).max(12),
  builds: z.array(buildSchema).max(200),
  verdicts: z.array(verdictSchema).max(500),
  visits: z.array(visitSchema).max(500),
});
export type DossierFile = z.infer<typeof dossierFileSchema>;

const byId = <T extends { readonly id: string }>(list: readonly T[]): Readonly<Record<string, T>> =>
  Object.fromEntries(list.map((r) => [r.id, r]));

export const fromFile = (file: DossierFile): Dossier => ({
  ...EMPTY_DOSSIER,
  briefs: file.brief ? { [BRIEF_KEY]: file.brief } : {},
  donors: byId(file.donors),
  parts: byId(file.parts),
  candidates: byId(file.candidates),
  builds: byId(file.builds),
  verdicts: byId(file.verdicts),
  visits: byId(file.visits),
});

/** By id, so that two files of one dossier can be compared line by line. */
const sorted = <T extends { readonly id: string }>(
  table: Readonly<Record<string, T>>,
): readonly T[] => Object.values(table).toSorted((a, b) => (a.id < b.id ? -1 : 1));

/** The dossier as file text, two-space indented so that it can be read and compared. `exportedAt` is ISO 8601, UTC. */
export function formatDossierFile(dossier: Dossier, exportedAt: string): string {
  const file = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt,
    brief: dossier.briefs[BRIEF_KEY] ?? null,
    donors: sorted(dossier.donors),
    parts: sorted(dossier.parts),
    candidates: sorted(dossier.candidates),
    builds: sorted(dossier.builds),
    verdicts: sorted(dossier.verdicts),
    visits: sorted(dossier.visits),
  };
  return `${JSON.stringify(file, undefined, 2)}\n`;
}
