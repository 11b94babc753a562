import { z } from 'zod';
import { dossierFileSchema } from './dossier-file';

/** The dossier file's JSON Schema (draft 2020-12) as text. Rules that span fields are in docs/file-formats.md. */
export const jsonSchemaText = (): string =>
  `${JSON.stringify({ title: 'Jugator dossier, version 1', ...z.toJSONSchema(dossierFileSchema, { io: 'input' }) }, undefined, 2)}\n`;
