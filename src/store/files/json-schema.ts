import * as z from 'zod/mini';
import { dossierFileSchema, FILE_VERSION } from './dossier-file';

/** The dossier file's JSON Schema (draft 2020-12) as text. Rules that span fields are in docs/file-formats.md. */
export const jsonSchemaText = (): string =>
  `${JSON.stringify({ title: `Jugator dossier, version ${FILE_VERSION}`, ...z.toJSONSchema(dossierFileSchema(), { io: 'input' }) }, undefined, 2)}\n`;

/** Where the schema of the newest version is published. */
export const SCHEMA_FILE = `public/schemas/dossier-v${FILE_VERSION}.schema.json`;
