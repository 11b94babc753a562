import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { ROOT } from './run.mjs';

/** Bundles a TypeScript entry for Node and loads it; the file is named after the entry's whole path, as many are called `index.ts`. */
export async function load(entry) {
  const name = entry.replace(/\.ts$/, '').replaceAll('/', '.');
  const outfile = path.join(ROOT, '.out', `${name}.mjs`);
  mkdirSync(path.dirname(outfile), { recursive: true });
  await build({
    entryPoints: [path.join(ROOT, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'error',
    alias: { '@': path.join(ROOT, 'src') },
  });
  return import(`${pathToFileURL(outfile).href}?${Date.now()}`);
}
