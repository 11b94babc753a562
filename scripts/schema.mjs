// Writes the JSON Schema of the dossier file from its Zod schema.
import { mkdirSync, writeFileSync } from 'node:fs';
import { load } from './lib/bundle.mjs';

const { jsonSchemaText, SCHEMA_FILE } = await load('src/store/files/json-schema.ts');
mkdirSync('public/schemas', { recursive: true });
writeFileSync(SCHEMA_FILE, jsonSchemaText());
console.log(SCHEMA_FILE);
