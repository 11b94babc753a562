// Writes the JSON Schema of the dossier file from its Zod schema.
import { mkdirSync, writeFileSync } from 'node:fs';
import { load } from './lib/bundle.mjs';

const { jsonSchemaText } = await load('src/store/files/json-schema.ts');
mkdirSync('public/schemas', { recursive: true });
writeFileSync('public/schemas/dossier-v4.schema.json', jsonSchemaText());
console.log('public/schemas/dossier-v4.schema.json');
