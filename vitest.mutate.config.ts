import { defineConfig } from 'vitest/config';
import base from './vitest.config';

/** Tests that take long and tell only of these folders. */
const OF_FOLDERS: readonly (readonly [RegExp, readonly string[]])[] = [
  [/^spec-text$/, ['corpus', 'numbers-in-words', 'reading-*', 'scan-quantities', 'spec-text']],
  [/^(?:build|planning)$/, ['plans-are-best', 'nearby-choices', 'planning']],
];
const folder = process.env.MUTATED_FOLDER ?? '';

// What is changed is the core; its own tests have to notice.
export default defineConfig({
  ...base,
  test: {
    ...base.test,
    include: ['test/core/**/*.test.ts'],
    exclude: OF_FOLDERS.flatMap(([folders, tests]) =>
      folders.test(folder) ? [] : tests.map((t) => `test/core/${t}.test.ts`),
    ),
  },
});
