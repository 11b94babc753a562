// Everything: install, Chromium, lint, types, dependency rules, unit tests, build, end-to-end tests. Prints the sum of the tests.
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { bin, build, install, run } from './lib/run.mjs';

const CHROMIUM = '/usr/bin/chromium';
mkdirSync('.out', { recursive: true });
for (const file of ['.out/unit.json', '.out/e2e.json']) rmSync(file, { force: true });

function chromium() {
  if (existsSync(CHROMIUM)) return true;
  if (process.getuid?.() !== 0) {
    console.error('Chromium is missing. As root: apt-get update && apt-get install -y chromium');
    return false;
  }
  return (
    run('apt-get', ['update', '-qq']) &&
    run('apt-get', ['install', '-y', '-qq', 'chromium'], { DEBIAN_FRONTEND: 'noninteractive' })
  );
}

const steps = [
  ['install', install],
  ['chromium', chromium],
  ['types', () => run(bin('next'), ['typegen']) && run(bin('tsc'), ['--noEmit'])],
  ['format', () => run(bin('biome'), ['format', '.'])],
  ['lint', () => run(bin('eslint'), ['.', '--max-warnings', '0'])],
  ['dependency rules', () => run(bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs'])],
  ['unused code', () => run(bin('knip'), [])],
  [
    'unit tests',
    () =>
      run(bin('vitest'), [
        'run',
        '--reporter=default',
        '--reporter=json',
        '--outputFile.json=.out/unit.json',
      ]),
  ],
  ['build', () => build()],
  ['end-to-end tests', () => run(bin('playwright'), ['test'])],
];

const failed = [];
for (const [name, step] of steps) {
  const begun = Date.now();
  const good = step();
  console.log(`${good ? 'ok' : 'FAILED'}: ${name}, ${Math.round((Date.now() - begun) / 1000)} s`);
  if (!good) failed.push(name);
  if (!good && ['install', 'chromium', 'build'].includes(name)) break;
}

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);
const unit = read('.out/unit.json');
const e2e = read('.out/e2e.json');
const passed = (unit?.numPassedTests ?? 0) + (e2e?.stats.expected ?? 0) + (e2e?.stats.flaky ?? 0);
const broken =
  (unit?.numFailedTests ?? 0) +
  (e2e?.stats.unexpected ?? 0) +
  failed.filter(
    (n) =>
      !n.endsWith('tests') || (n === 'unit tests' && !unit) || (n === 'end-to-end tests' && !e2e),
  ).length;
const line = `tests: ${passed} passed, ${broken} failed`;
writeFileSync('.out/test-line.txt', `${line}\n`);
if (e2e?.stats.flaky) console.log(`needed a second try: ${e2e.stats.flaky}`);
if (failed.length > 0) console.error(`failed: ${failed.join(', ')}`);
console.log(line);
process.exit(failed.length > 0 || passed === 0 ? 1 : 0);
