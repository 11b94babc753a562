// Everything: install, Chromium, lint, types, dependency rules, unit tests, build, end-to-end tests. Prints the sum of the tests.
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { bin, build, install, later, run } from './lib/run.mjs';
import { sumOfTests } from './lib/sum-of-tests.mjs';

const CHROMIUM = '/usr/bin/chromium';
/** Debian's headless build of it: the same engine without a window, a third quicker to a page. */
const HEADLESS = '/usr/bin/chromium-headless-shell';
const RULES = '.dependency-cruiser.cjs';
/** The compiler written anew, three times as quick; Next and the dependency rules still ask for the one before it. */
const CHECKER = 'node_modules/typescript-7/bin/tsc';
mkdirSync('.out', { recursive: true });
for (const file of ['.out/unit.json', '.out/e2e.json']) rmSync(file, { force: true });

const apt = (...args) => run('apt-get', args, { DEBIAN_FRONTEND: 'noninteractive' });
const fetched = (name) => apt('update', '-qq') && apt('install', '-y', '-qq', name);

/** The headless build where Debian has it, else the whole browser. */
function chromium() {
  if (existsSync(HEADLESS)) return true;
  if (process.getuid?.() !== 0) {
    if (existsSync(CHROMIUM)) return true;
    console.error('Chromium is missing. As root: apt-get update && apt-get install -y chromium');
    return false;
  }
  return fetched('chromium-headless-shell') || existsSync(CHROMIUM) || fetched('chromium');
}

const vitest = ['run', '--reporter=default', '--reporter=json', '--outputFile.json=.out/unit.json'];

/** One after the other, each shown as it goes; a step that is a list of lanes runs them beside each other. */
const steps = [
  ['install', install],
  ['chromium', chromium],
  [
    [['build', () => build()]],
    [
      ['types', () => later(bin('next'), ['typegen'], process.execPath, [CHECKER, '--noEmit'])],
      ['format', () => later(bin('biome'), ['format', '.'])],
      ['lint', () => later(bin('oxlint'), ['.', '--deny-warnings'])],
      ['dependency rules', () => later(bin('depcruise'), ['src', '--config', RULES])],
      ['unused code', () => later(bin('knip'), [])],
    ],
  ],
  // Two workers each.
  ['unit tests', () => later(bin('vitest'), vitest)],
  ['end-to-end tests', () => run(bin('playwright'), ['test'])],
];

const failed = [];

async function taken([name, step]) {
  const begun = Date.now();
  const good = await step();
  console.log(`${good ? 'ok' : 'FAILED'}: ${name}, ${Math.round((Date.now() - begun) / 1000)} s`);
  if (!good) failed.push(name);
  return good || !['install', 'chromium', 'build'].includes(name);
}

async function lane(steps) {
  for (const step of steps) await taken(step);
}

for (const step of steps) {
  if (typeof step[0] !== 'string') await Promise.all(step.map(lane));
  else if (!(await taken(step))) break;
  if (failed.includes('build')) break;
}

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);
const unit = read('.out/unit.json');
const e2e = read('.out/e2e.json');
const { passed, broken } = sumOfTests(unit, e2e, failed);
const line = `tests: ${passed} passed, ${broken} failed`;
writeFileSync('.out/test-line.txt', `${line}\n`);
if (e2e?.stats.flaky) console.log(`needed a second try: ${e2e.stats.flaky}`);
if (failed.length > 0) console.error(`failed: ${failed.join(', ')}`);
console.log(line);
process.exit(failed.length > 0 || passed === 0 ? 1 : 0);
