import { describe, expect, test } from 'vitest';
import { valueOfKnowing } from '@/core/doubt';
import { ROWS, scoresOf, type Rows } from '@/core/numeric';

const flat = (value: number): Rows => new Float64Array(ROWS).fill(value);
const x = scoresOf('x');
const y = scoresOf('y');
const of = (f: (i: number) => number): Rows => Float64Array.from({ length: ROWS }, (_, i) => f(i));
const valueOf = (key: string, list: ReturnType<typeof valueOfKnowing>) => {
  const found = list.find((v) => v.key === key);
  if (!found) throw new Error(key);
  return found;
};

describe('what knowing is worth', () => {
  const knowables = [
    { key: 'x', rows: x },
    { key: 'y', rows: y },
  ];
  // Two choices, one worth 0 and one m + s·x with x standard normal: E[max(0, m + s·x)] − max(0, m) =
  // m·Φ(m/s) + s·φ(m/s) − max(0, m); Φ(−m/s) of them turn (unit normal loss, textbook).
  test.each([
    [0, 4, 4 * 0.398942, 0.5],
    [-2, 4, -2 * 0.308538 + 4 * 0.352065, 0.308538],
    [3, 4, 3 * 0.773373 + 4 * 0.301137 - 3, 0.226627],
  ])('a normal lead of mean %d and deviation %d: the unit normal loss', (m, s, gain, turns) => {
    const choices = [
      { id: 'a', rows: flat(50) },
      { id: 'b', rows: of((i) => 50 + m + s * (x[i] ?? 0)) },
    ];
    const found = valueOf('x', valueOfKnowing(knowables, choices));
    expect(Math.abs(found.gain - gain)).toBeLessThan(0.06);
    expect(Math.abs(found.turns - turns)).toBeLessThan(0.07);
  });
  test('a source that the lead does not hang on is worth nothing; of two the one that it hangs on comes first', () => {
    const choices = [
      { id: 'a', rows: flat(50) },
      { id: 'b', rows: of((i) => 50.5 + 5 * (x[i] ?? 0)) },
    ];
    const list = valueOfKnowing(knowables, choices);
    expect(list[0]?.key).toBe('x');
    expect(valueOf('y', list).gain).toBeLessThan(0.02);
  });
  test('what lifts two choices alike parts nobody', () => {
    const choices = [
      { id: 'a', rows: of((i) => 50 + 9 * (x[i] ?? 0)) },
      { id: 'b', rows: of((i) => 49 + 9 * (x[i] ?? 0)) },
    ];
    expect(valueOf('x', valueOfKnowing(knowables, choices)).gain).toBeCloseTo(0, 6);
  });
  test('half of the doubt is worth less than all of it', () => {
    const choices = [
      { id: 'a', rows: flat(50) },
      { id: 'b', rows: of((i) => 50 + 3 * (x[i] ?? 0) + 4 * (y[i] ?? 0)) },
    ];
    const list = valueOfKnowing(
      [...knowables, { key: 'both', rows: of((i) => 3 * (x[i] ?? 0) + 4 * (y[i] ?? 0)) }],
      choices,
    );
    expect(list.map((v) => v.key)).toEqual(['both', 'y', 'x']);
    expect(Math.abs(valueOf('both', list).gain - 5 * 0.398942)).toBeLessThan(0.06);
  });
  test('with one choice nothing is worth knowing', () =>
    expect(valueOfKnowing(knowables, [{ id: 'a', rows: x }]).every((v) => v.gain === 0)).toBe(
      true,
    ));
});
