import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, test } from 'vitest';

const file = pathToFileURL(path.resolve('scripts/lib/sum-of-tests.mjs')).href;
const { sumOfTests } = (await import(file)) as {
  readonly sumOfTests: (
    unit: object | undefined,
    e2e: object | undefined,
    failed: readonly string[],
  ) => { readonly passed: number; readonly broken: number };
};

const unit = (numPassedTests: number, numFailedTests: number) => ({
  numPassedTests,
  numFailedTests,
});
const e2e = (expected: number, unexpected: number, flaky = 0) => ({
  stats: { expected, unexpected, flaky },
});

test('tests are counted, one that needed a second try as passed', () => {
  expect(sumOfTests(unit(100, 0), e2e(20, 0, 1), [])).toEqual({ passed: 121, broken: 0 });
  expect(sumOfTests(unit(98, 2), e2e(17, 3), ['unit tests', 'end-to-end tests'])).toEqual({
    passed: 115,
    broken: 5,
  });
});
test('a step that failed without a failed test is a failure', () => {
  // A port that is taken: the report is written, and empty.
  expect(sumOfTests(unit(100, 0), e2e(0, 0), ['end-to-end tests']).broken).toBe(1);
  expect(sumOfTests(unit(100, 0), undefined, ['end-to-end tests']).broken).toBe(1);
  expect(sumOfTests(undefined, undefined, ['build']).broken).toBe(1);
  expect(sumOfTests(unit(99, 1), e2e(20, 0), ['lint', 'unit tests']).broken).toBe(2);
});
