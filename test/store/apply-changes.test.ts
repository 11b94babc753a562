import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { applyChanges, applyToRecord, inverted, type Change } from '@/store/history';
import { donorSchema, EMPTY_DOSSIER, newDonor, partSchema, type Dossier } from '@/store/records';
import { SHIPPED_PARTS } from '@/core/catalogue';

/** The slow and obvious way: a new dossier for every change. */
function slowly(dossier: Dossier, changes: readonly Change[]): Dossier | undefined {
  let at = dossier as unknown as Record<string, Record<string, unknown>>;
  for (const change of changes) {
    const result = applyToRecord(at[change.table]?.[change.key], change);
    if (result.kind === 'conflict') return undefined;
    const { [change.key]: _old, ...others } = at[change.table] ?? {};
    at = {
      ...at,
      [change.table]:
        result.value === undefined ? others : { ...others, [change.key]: result.value },
    };
  }
  return at as unknown as Dossier;
}

const key = fc.constantFrom('a', 'b', 'c');
const name = fc.constantFrom('Plover', 'Heron', undefined);
const change: fc.Arbitrary<Change> = fc.oneof(
  fc.record({
    table: fc.constant('donors' as const),
    key,
    path: fc.constant([]),
    after: fc.option(fc.constant(newDonor('x')), { nil: undefined }),
    before: fc.option(fc.constant(newDonor('x')), { nil: undefined }),
  }),
  fc.record({
    table: fc.constant('donors' as const),
    key,
    path: fc.constant(['model']),
    before: fc.constantFrom('', 'Plover', 'Heron'),
    after: name,
  }),
);

describe('many changes in one command', () => {
  test('the same as one after another, conflicts and all', () => {
    fc.assert(
      fc.property(fc.array(change, { maxLength: 12 }), (changes) => {
        const fast = applyChanges(EMPTY_DOSSIER, changes);
        const slow = slowly(EMPTY_DOSSIER, changes);
        expect(fast.kind === 'applied' ? fast.value : undefined).toEqual(slow);
      }),
      { seed: 97, numRuns: 400 },
    );
  });
  test('the dossier it started from is not touched', () => {
    const before: Dossier = { ...EMPTY_DOSSIER, donors: { a: newDonor('a') } };
    const frozen = structuredClone(before);
    applyChanges(before, [
      { table: 'donors', key: 'a', path: ['model'], before: '', after: 'Plover' },
      { table: 'donors', key: 'b', path: [], after: newDonor('b') },
    ]);
    expect(before).toEqual(frozen);
  });
  test('and back again', () => {
    const changes: readonly Change[] = [
      { table: 'donors', key: 'a', path: [], after: newDonor('a') },
      { table: 'donors', key: 'a', path: ['facts'], after: { abs: { readings: [] } } },
      { table: 'donors', key: 'a', path: ['model'], before: '', after: 'Plover' },
    ];
    const there = applyChanges(EMPTY_DOSSIER, changes);
    if (there.kind !== 'applied') throw new Error('conflict');
    const back = applyChanges(there.value, inverted(changes));
    expect(back).toEqual({ kind: 'applied', value: EMPTY_DOSSIER });
  });
});

describe('records refuse what cannot be', () => {
  const good = newDonor('d');
  const point = { id: 'w', what: 'seal', mend: true, origin: 'heard', note: '' };
  test.each([
    [
      'a fact that is no option',
      {
        facts: { abs: { readings: [{ id: 'a', value: 'sometimes', origin: 'heard', note: '' }] } },
      },
    ],
    [
      'a tyre that is none',
      {
        facts: {
          tyreFront: { readings: [{ id: 'a', value: 'round', origin: 'heard', note: '' }] },
        },
      },
    ],
    ['a fact nobody knows', { facts: { colour: { readings: [] } } }],
    ['a cost below zero', { weakPoints: [{ ...point, cost: { amount: -1, currency: 'EUR' } }] }],
    ['wear above one', { listing: { fitted: [{ partId: 'p', wear: 1.5 }] } }],
    ['an odometer below zero', { listing: { odometer_km: -5, fitted: [] } }],
    ['a year of the future', { variant: { year: 2999 } }],
    ['an empty tag', { tags: [''] }],
    ['too many tags', { tags: Array.from({ length: 21 }, (_, i) => `t${i}`) }],
    ['an unknown key', { colour: 'green' }],
  ])('%s', (_what, change) =>
    expect(donorSchema.safeParse({ ...good, ...change }).success).toBe(false),
  );
  test.each([
    [
      'a whole machine',
      {
        kind: 'machine',
        baseId: 'm',
        state: 'owned',
        machine: {
          odometer_km: 9000,
          hours: 120,
          year: 2023,
          collect_km: 40,
          fitted: [{ partId: 'p', wear: 0.5, on: '2026-04-30' }],
        },
      },
    ],
    [
      'a variant',
      {
        kind: 'variant',
        baseId: 'm',
        variant: { year: 2026, market: 'north', tune: 'restricted', seat: 'low' },
      },
    ],
    [
      'weak points',
      { weakPoints: [point, { ...point, id: 'v', cost: { amount: 90, currency: 'EUR' } }] },
    ],
    ['put away, tagged', { archived: true, tags: ['seen'] }],
  ])('%s is taken', (_what, change) =>
    expect(donorSchema.safeParse({ ...good, ...change }).success).toBe(true),
  );
  test('parts: days are whole, prices within bounds', () => {
    const [part] = SHIPPED_PARTS;
    expect(partSchema.safeParse({ ...part, leadTime_days: 2.5 }).success).toBe(false);
    expect(partSchema.safeParse({ ...part, price: { amount: -1, currency: 'EUR' } }).success).toBe(
      false,
    );
    expect(
      partSchema.safeParse({ ...part, replaces: 'stock', legal: 'ask', warranty: 'ask', own: true })
        .success,
    ).toBe(true);
  });
});
