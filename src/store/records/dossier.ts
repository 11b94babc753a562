import { z } from 'zod';
import type { Brief } from '@/core/brief';
import type { Donor } from '@/core/donor';
import type { Part } from '@/core/part';
import { briefSchema } from './brief-record';
import { buildSchema, candidateSchema, type Build, type Candidate } from './candidate-record';
import { donorSchema } from './donor-record';
import { partSchema } from './part-record';
import { verdictSchema, type VerdictRecord } from './verdict-record';
import { visitSchema, type Visit } from './visit-record';

/** The one brief of a dossier lies under this key. */
export const BRIEF_KEY = 'brief';

/** Everything a rider has gathered, table by table, record by key. Immutable: an edit makes a new one. */
export interface Dossier {
  readonly briefs: Readonly<Record<string, Brief>>;
  readonly donors: Readonly<Record<string, Donor>>;
  readonly parts: Readonly<Record<string, Part>>;
  readonly candidates: Readonly<Record<string, Candidate>>;
  readonly builds: Readonly<Record<string, Build>>;
  readonly verdicts: Readonly<Record<string, VerdictRecord>>;
  readonly visits: Readonly<Record<string, Visit>>;
}

export const TABLES = [
  'briefs',
  'donors',
  'parts',
  'candidates',
  'builds',
  'verdicts',
  'visits',
] as const satisfies readonly (keyof Dossier)[];
export type TableName = (typeof TABLES)[number];

export const RECORD_SCHEMAS: Readonly<Record<TableName, z.ZodType>> = {
  briefs: briefSchema,
  donors: donorSchema,
  parts: partSchema,
  candidates: candidateSchema,
  builds: buildSchema,
  verdicts: verdictSchema,
  visits: visitSchema,
};

export const EMPTY_DOSSIER: Dossier = {
  briefs: {},
  donors: {},
  parts: {},
  candidates: {},
  builds: {},
  verdicts: {},
  visits: {},
};

export const isEmptyDossier = (dossier: Dossier): boolean =>
  TABLES.every((t) => Object.keys(dossier[t]).length === 0);
