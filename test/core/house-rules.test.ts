import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';

const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts'))
  .map((name) => path.join('src/core', name));
const breaking = (rule: RegExp) => files.filter((file) => rule.test(readFileSync(file, 'utf8')));

/** What the linter has no rule for. */
const RULES: readonly [string, RegExp, string, string][] = [
  ['the clock is an argument', /\bnew Date\(\s*\)/, 'new Date( )', 'new Date(day)'],
  [
    'a pattern that asks for letters has them spelt out',
    /^(?:export )?const [A-Z_]+ =\s*\/[^\n]*\\p\{L/m,
    'const SEAT = /\\p{L}+seat/iu;',
    'const SEAT = spelt(/\\p{L}+seat/iu);',
  ],
  // A run of n blanks that is parted in every way between the two takes n² steps.
  [
    'a pattern has no two runs of blanks about what may be missing',
    /\\s[*+](?:\[[^\]\n]+\](?:\?|\*|\{0,\d*\})|[^\\()[\]\n]\?|\([^()\n]+\)(?:\?|\*))\\s[*+]/,
    String.raw`/^\s*[-*]?\s*front/u`,
    String.raw`/^\s*(?:[-*]\s*)?front/u`,
  ],
  ['a folder names what it exports', /^export \*/m, "\nexport * from './a';", 'export { a };'],
];

test.each(RULES)('in the core %s', (_, rule, broken, kept) => {
  expect(rule.test(broken)).toBe(true);
  expect(rule.test(kept)).toBe(false);
  expect(files.length).toBeGreaterThan(300);
  expect(breaking(rule)).toEqual([]);
});
