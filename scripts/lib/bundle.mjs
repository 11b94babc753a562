import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { ROOT } from './run.mjs';

/** Bundles a TypeScript entry for Node and loads it. */
export async function load(entry) {
  const outfile = path.join(ROOT, '.out', `${path.basename(entry, '.ts')}.mjs`);
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
