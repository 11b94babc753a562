import { describe, expect, test } from 'vitest';
import { footCells } from '@/features/shell/foot-cells';
import { isAt, STEPS, withKeys, type StepGroup } from '@/features/shell/steps';

/** The whole job, as it will stand. */
const WHOLE = (
  [
    ['Brief', 'choose'],
    ['Donors', 'choose'],
    ['Weigh-up', 'choose'],
    ['Build', 'choose'],
    ['Trials', 'choose'],
    ['Verdict', 'choose'],
    ['Set-up', 'own'],
    ['Gearing', 'own'],
    ['Route', 'own'],
    ['Logbook', 'own'],
    ['Dossier', 'apart'],
  ] as readonly (readonly [string, StepGroup])[]
).map(([name, group]) => ({ name, group, path: `/${name.toLowerCase()}` }));

describe('keys', () => {
  test('numbers in the order of the job, also for the tenth; a letter for what stands apart', () =>
    expect(withKeys(WHOLE).map((s) => s.key)).toEqual([...'1234567890', 'd']));
  test('no two steps share a key', () =>
    expect(new Set(STEPS.map((s) => s.key)).size).toBe(STEPS.length));
});

describe('cells at the foot of a phone', () => {
  const namesAt = (name: string) =>
    footCells(
      WHOLE,
      WHOLE.find((s) => s.name === name),
    ).map(({ step, leadsTo }) => (leadsTo === 'group' ? `(${step.group})` : step.name));
  test('the half the rider is in, one cell for the other half, and the dossier', () => {
    expect(namesAt('Build')).toEqual([
      'Brief',
      'Donors',
      'Weigh-up',
      'Build',
      'Trials',
      'Verdict',
      '(own)',
      'Dossier',
    ]);
    expect(namesAt('Route')).toEqual([
      '(choose)',
      'Set-up',
      'Gearing',
      'Route',
      'Logbook',
      'Dossier',
    ]);
    expect(namesAt('Dossier')).toEqual(namesAt('Brief'));
  });
  test('they fit 390 px: folded ones 38 px each and at least 120 px for the open one', () => {
    for (const { name } of WHOLE)
      expect((namesAt(name).length - 1) * 38 + 120, name).toBeLessThanOrEqual(390);
  });
});

test('a step holds its rooms, not another step that begins alike', () => {
  const build = { path: '/build' };
  expect([isAt(build, '/build'), isAt(build, '/build/curve'), isAt(build, '/builder')]).toEqual([
    true,
    true,
    false,
  ]);
});
