/**
 * What the closing line counts: tests that passed, and what failed. A step that failed counts as one failure where no report counts a
 * failed test for it: lint, a test runner that could not start, a report that is empty.
 *
 * @param {{ numPassedTests: number, numFailedTests: number } | undefined} unit report of the unit tests
 * @param {{ stats: { expected: number, unexpected: number, flaky: number } } | undefined} e2e report of the end-to-end tests
 * @param {readonly string[]} failed names of the steps that failed
 */
export function sumOfTests(unit, e2e, failed) {
  const counted = {
    'unit tests': unit?.numFailedTests ?? 0,
    'end-to-end tests': e2e?.stats.unexpected ?? 0,
  };
  const steps = failed.filter((name) => !counted[name]).length;
  return {
    passed: (unit?.numPassedTests ?? 0) + (e2e?.stats.expected ?? 0) + (e2e?.stats.flaky ?? 0),
    broken: counted['unit tests'] + counted['end-to-end tests'] + steps,
  };
}
