import { describe, expect, test } from 'vitest';
import { guarded, type Guard } from '@/core/spec-text/link/guards/guard';
import { scanQuantities } from '@/core/spec-text/lattice/scan-quantities';

const GUARDS: readonly Guard[] = [
  { as: 'changed', of: (q) => q.unit === 'L', before: [/added $/u, 8] },
  { as: 'noise', behind: [/^ of oil/u, 8] },
  { as: 'other-machine', before: [/rival['’]s $/u, 10], behind: [/^ tank/u, 8] },
  { as: 'noise', before: [/q ?$/u, 3], behind: [/^ ?=/u, 3] },
];
const ask = (text: string) => scanQuantities(text).map(guarded(GUARDS)(text));

// The rules of a table of guards, by hand.
describe('a guard at a number', () => {
  test.each([
    ['We added 4 L at once.', ['changed']],
    ['We added 4 kg at once.', [undefined]],
    ['The rival’s 19 L tank is big.', ['other-machine']],
    ['The rival’s 19 L is big.', [undefined]],
    ['It has a 19 L tank.', [undefined]],
    ['We put in 3 L of oil, then 14 L.', ['noise', undefined]],
  ])('%s', (text, wanted) => expect(ask(text)).toEqual(wanted));
  test('the last of two that stand says why', () =>
    expect(ask('We added 3 L of oil.')).toEqual(['noise']));
  test('words farther from the number than they may reach do not count', () =>
    expect(ask('We added at last 4 L.')).toEqual([undefined]));
  test('one that needs no run of letters is always tried', () =>
    expect(ask('q 25 = all')).toEqual(['noise']));
});
