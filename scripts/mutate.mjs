// npm run mutate [-- folder …]: changes src/core in many small ways, one at a time, and counts how many of them the tests notice.
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { Stryker } from '@stryker-mutator/core';
import { ROOT } from './lib/run.mjs';

const CORE = path.join(ROOT, 'src/core');
const asked = process.argv.slice(2).filter((a) => !a.startsWith('--'));
const folders = asked.length > 0 ? asked : readdirSync(CORE).filter((f) => !f.includes('.'));
const report = path.join(ROOT, '.out/mutation.json');
const NOTICED = new Set(['Killed', 'Timeout']);
const COUNTED = new Set(['Killed', 'Timeout', 'Survived', 'NoCoverage']);

/** Changes made and noticed in the files of one folder. */
function countOf(files) {
  const counted = Object.values(files)
    .flatMap((file) => file.mutants)
    .filter((m) => COUNTED.has(m.status));
  return { made: counted.length, noticed: counted.filter((m) => NOTICED.has(m.status)).length };
}

mkdirSync(path.dirname(report), { recursive: true });
const rows = [];
for (const folder of folders) {
  process.env.MUTATED_FOLDER = folder;
  await new Stryker({
    mutate: [`src/core/${folder}/**/*.ts`, '!src/core/**/index.ts'],
    testRunner: 'vitest',
    plugins: ['@stryker-mutator/vitest-runner'],
    vitest: { configFile: 'vitest.mutate.config.ts' },
    coverageAnalysis: 'perTest',
    ignoreStatic: true,
    concurrency: 2,
    timeoutMS: 20_000,
    tempDirName: '.out/stryker',
    ignorePatterns: ['.next', '.out', 'docs', 'e2e'],
    reporters: ['json'],
    jsonReporter: { fileName: report },
    logLevel: 'error',
    allowConsoleColors: false,
  }).runMutationTest();
  const { made, noticed } = countOf(JSON.parse(readFileSync(report, 'utf8')).files);
  const share = made === 0 ? '' : ((noticed / made) * 100).toFixed(0);
  rows.push([folder, made, noticed, share]);
  console.log(`${folder}: ${noticed} of ${made} noticed${share === '' ? '' : `, ${share} %`}`);
  for (const [file, { mutants }] of Object.entries(JSON.parse(readFileSync(report, 'utf8')).files))
    for (const m of mutants.filter((x) => x.status === 'Survived' || x.status === 'NoCoverage'))
      console.log(`  ${file}:${m.location.start.line} ${m.mutatorName} → ${m.replacement}`);
}
if (process.argv.includes('--write')) {
  const file = path.join(ROOT, 'docs/mutation.md');
  writeFileSync(
    file,
    `# Strength of the tests\n\nWritten by \`npm run mutate -- --write\`: small changes made to a folder of \`src/core\`, one at a time, and how many of them a test noticed.\n\n| folder | changes | noticed | % |\n| --- | --- | --- | --- |\n${rows.map((r) => `| ${r.join(' | ')} |`).join('\n')}\n`,
  );
}
