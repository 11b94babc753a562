import { describe, expect, test } from 'vitest';
import type { Caution } from '@/core/cautions';
import { METRIC_KEYS } from '@/core/assessment';
import { BRIEF_LIMITS } from '@/core/brief';
import { BASES, FIGURE_KEYS } from '@/core/readings';
import {
  amountFaultWords,
  BASIS_WORDS,
  buildFaultWords,
  cautionWords,
  commandWords,
  fileFaultWords,
  FIGURE_WORDS,
  atMostWords,
  enoughWords,
  leadWords,
  partsCounted,
  leftOutWords,
  unpricedWords,
  limitNames,
  limitWords,
  lowerFirst,
  METRIC_WORDS,
  mustWords,
  nameWords,
  readingFaultWords,
  ruleFaultWords,
  sharesFaultWords,
  storageFaultWords,
  whatItTakesWords,
  type Reader,
} from '@/ui/messages';

const reader: Reader = { units: 'metric', currency: 'EUR' };

describe('refusals name what and why', () => {
  test('amounts', () => {
    expect(amountFaultWords({ code: 'unit-of-other-dimension', unit: 'km', wanted: 'mass' })).toBe(
      'km is a distance; this field wants a mass, such as kg or lb or st.',
    );
    expect(amountFaultWords({ code: 'gallon-unclear', word: 'gal' })).toContain('US or imperial');
    expect(amountFaultWords({ code: 'unit-unknown', word: 'blips' })).toContain('blips');
  });
  test('readings, with limits in the unit that was typed', () => {
    expect(
      readingFaultWords({
        code: 'out-of-limits',
        figure: 'seatHeight',
        unit: 'in',
        min: 23.62,
        max: 43.3,
      }),
    ).toBe('Seat height must lie between 23.6 and 43.3 in. Check the unit.');
    expect(
      readingFaultWords({ code: 'basis-of-other-figure', figure: 'mass', basis: 'crank' }),
    ).toContain('at the crank');
  });
  test('shares', () => {
    expect(sharesFaultWords({ code: 'shares-locked', asked: 50, locked: 62, free: 38 })).toContain(
      '62 %',
    );
    expect(sharesFaultWords({ code: 'share-out-of-range', asked: 140 })).toContain('140');
  });
  test('builds, in the parts’ names', () => {
    const name = (id: string) =>
      ({ link: 'lowering link', stand: 'shorter side stand', fork: 'fork kit' })[id] ?? id;
    expect(
      buildFaultWords({ code: 'need-missing', id: 'link', anyOf: ['stand', 'fork'] }, name),
    ).toBe('lowering link needs shorter side stand or fork kit.');
    expect(buildFaultWords({ code: 'shut-out', id: 'link', by: 'fork' }, name)).toBe(
      'lowering link and fork kit cannot be fitted together.',
    );
    expect(buildFaultWords({ code: 'slot-taken', id: 'link', by: 'fork', slot: 'x' }, name)).toBe(
      'fork kit already stands where lowering link would go.',
    );
    expect(buildFaultWords({ code: 'not-in-catalogue', id: 'x' }, name)).toContain('x');
  });
  test('files', () => {
    expect(fileFaultWords({ code: 'file-not-json', line: 3, column: 7 })).toContain(
      'line 3, column 7',
    );
    expect(
      fileFaultWords({ code: 'file-too-large', bytes: 9 * 1048576, limit: 8 * 1048576 }),
    ).toContain('9.0 MiB');
    expect(
      fileFaultWords({
        code: 'file-invalid',
        path: ['donors', 0, 'figures'],
        issue: { kind: 'not-an-option', options: ['A2', 'A'] },
        others: 2,
      }),
    ).toBe('At donors › 0 › figures: it must be A2 or A (and 2 more).');
    expect(fileFaultWords({ code: 'file-dangling', table: 'builds', id: 'b', points: 'p' })).toBe(
      'The build “b” points to “p”, which is not in the file.',
    );
  });
  test('storage faults say what to do', () => {
    for (const fault of ['refused', 'full', 'failed'] as const)
      expect(storageFaultWords(fault)).toMatch(/export/i);
  });
});

describe('everything has a name', () => {
  test('figures, bases, metrics and fields of the brief', () => {
    for (const key of FIGURE_KEYS) expect(FIGURE_WORDS[key]).toMatch(/^[A-Z]/);
    for (const basis of BASES) expect(BASIS_WORDS[basis].length).toBeGreaterThan(2);
    for (const key of METRIC_KEYS) expect(METRIC_WORDS[key].what).toMatch(/\.$/);
    for (const key of Object.keys(BRIEF_LIMITS)) expect(nameWords(key), key).not.toBe(key);
    expect(nameWords('rate:USD')).toBe('exchange rate for USD');
  });
  test('commands', () => {
    expect(commandWords({ code: 'edit-brief', facts: { field: 'trip.fuelGap_km' } })).toBe(
      'brief: longest fuel gap',
    );
    expect(
      commandWords({
        code: 'edit-reading',
        facts: { name: 'Dorrick Wren 230', figure: 'seatHeight' },
      }),
    ).toBe('Dorrick Wren 230: seat height');
    expect(commandWords({ code: 'edit-ground', facts: { ground: 'sandMud' } })).toBe(
      'ground: sand and mud',
    );
  });
});

describe('musts in words', () => {
  test('with the figure and the distance to the need', () => {
    const have = { kind: 'known', interval: { low: 252, mid: 284, high: 323 } } as const;
    expect(
      mustWords(
        {
          key: 'range',
          verdict: 'unsure',
          chance: 0.234,
          metric: 'range',
          need: 310,
          have,
          missing: [],
        },
        reader,
      ),
    ).toBe(
      'Covers the longest fuel gap: range with reserve 284 km (nine in ten: 252 to 323), needed at least 310 km; holds in 23 of 100 draws',
    );
    expect(
      mustWords(
        { key: 'range', verdict: 'fail', metric: 'range', need: 310, have, missing: [] },
        reader,
      ),
    ).toContain('284 km');
    expect(
      mustWords(
        {
          key: 'payload',
          verdict: 'not-known',
          metric: 'payloadLeft',
          need: 0,
          have: { kind: 'unknown', missing: ['maxMass'] },
          missing: ['maxMass'],
        },
        reader,
      ),
    ).toContain('permitted maximum mass not known');
    expect(mustWords({ key: 'licence', verdict: 'unsure', missing: [] }, reader)).toContain(
      'check the papers',
    );
  });
});

describe('cautions say what, what to do and whom to ask', () => {
  const ids = { partIds: ['x'] };
  const all: readonly Caution[] = [
    { code: 'over-permitted-mass', over_kg: 12 },
    { code: 'near-permitted-mass', share: 0.93 },
    { code: 'over-permitted-mass', over_kg: 12, typical: true },
    { code: 'cruise-not-held', cruise_kmh: 120, headwind_kmh: 30 },
    { code: 'licence-not-legal', rules: ['power'], licence: 'A2' },
    { code: 'licence-unsure', near: ['power'], licence: 'A2', rounded: true },
    { code: 'tiptoe-on-loose', looseShare: 60 },
    { code: 'fuel-gap-over-range', short_km: 40 },
    { code: 'lowered-without-stand', ...ids, stand_mm: 0 },
    { code: 'over-axle-limit', end: 'rear', over_kg: 8, perhaps: true },
    { code: 'over-tyre-load', end: 'front', over_kg: 3 },
    { code: 'over-rack-limit', over_kg: 4 },
    { code: 'over-carrier-limit', over_kg: 5 },
    { code: 'into-the-dark', longest_km: 500, light_h: 8.1, light_km: 265 },
    { code: 'no-subframe', luggage_kg: 20 },
    { code: 'too-heavy-to-lift', asks_kg: 140, can_kg: 60 },
    { code: 'tyre-speed', end: 'rear', allows_kmh: 150 },
    { code: 'wears-out', what: 'chain', lasts_km: 4000 },
    { code: 'wears-out', what: 'tyre', lasts_km: 4000 },
    { code: 'cold', cold_C: 2, watts: 60 },
    { code: 'cold', cold_C: 2, watts: undefined },
    { code: 'watts-short', short_W: 20 },
    { code: 'watts-short-slow', short_W: 20 },
    { code: 'springs-do-not-suit', end: 'rear', suits_kg: 75, carried_kg: 98, sag: 0.36 },
    { code: 'springs-do-not-suit', end: 'front', suits_kg: 90, carried_kg: 60, sag: 0.24 },
    { code: 'lowered-one-end', ...ids },
    { code: 'lowered', ...ids },
    { code: 'ends-approval', ...ids },
    { code: 'brake-hydraulics', ...ids },
    { code: 'specialist-shock', ...ids },
    { code: 'electrical-load', ...ids },
    { code: 'tyre-rating', ...ids },
    { code: 'speedometer', ...ids },
    { code: 'fuel-can', ...ids },
    { code: 'cable-reach', ...ids },
    { code: 'tell-insurer', ...ids },
  ];
  test.each(all.map((c) => [c.code, c] as const))('%s', (_code, caution) => {
    const { what, todo } = cautionWords(caution, reader);
    expect(what).toMatch(/\.$/);
    expect(todo).toMatch(/\.$/);
    expect(todo.split(' ').length).toBeGreaterThan(3);
  });
  test.each([
    [0.24, 98, /^Too soft/],
    [0.25, 98, /within the usual 25 to 33 %, but the springs are softer .* too small\.$/],
    [0.33, 60, /within the usual 25 to 33 %, but the springs are stiffer .* too large\.$/],
    [0.34, 60, /^Too stiff/],
  ])('sag of %d: no spring is called wrong by a sag that is usual', (sag, carried_kg, words) => {
    const caution = { code: 'springs-do-not-suit', end: 'rear', suits_kg: 75, carried_kg, sag };
    expect(cautionWords(caution as Caution, reader).todo).toMatch(words);
  });
  test('loads, licence, approval and a fallen machine are grave', () => {
    const grave = [...new Set(all.filter((c) => cautionWords(c, reader).grave).map((c) => c.code))];
    expect(grave).toEqual([
      'over-permitted-mass',
      'licence-not-legal',
      'lowered-without-stand',
      'over-axle-limit',
      'over-tyre-load',
      'over-rack-limit',
      'over-carrier-limit',
      'no-subframe',
      'watts-short',
      'watts-short-slow',
      'ends-approval',
    ]);
  });
});

describe('plans', () => {
  const name = (id: string) => ({ a: 'low seat', b: 'link', c: 'rack' })[id] ?? id;
  test('contradictions in rules', () => {
    expect(ruleFaultWords({ code: 'ring', ids: ['a', 'b'] }, name)).toBe(
      'low seat needs link needs low seat: all of them or none.',
    );
    expect(
      ruleFaultWords({ code: 'needs-what-it-shuts-out', id: 'a', anyOf: ['b', 'c'] }, name),
    ).toBe('low seat needs link or rack, which cannot stand beside it: it can never be fitted.');
    expect(ruleFaultWords({ code: 'need-nowhere', id: 'a', anyOf: ['b'] }, name)).toMatch(
      /^low seat needs link, which is made for other machines/,
    );
  });
  test('limits that clash, parts left out, what a part would take', () => {
    expect(limitNames(['range', 'spend'])).toBe('range and the money');
    expect(limitNames(['pinned'])).toBe('the parts that must be in it');
    expect(limitNames(['over-tyre-load', 'licence'])).toBe('what the tyres carry and licence');
    expect(
      leftOutWords(
        [
          { id: 'a', why: 'banned' },
          { id: 'b', why: 'too-late' },
          { id: 'c', why: 'banned' },
        ],
        name,
      ),
    ).toBe('not wanted: low seat, rack; would come after the trip: link');
    expect(
      whatItTakesWords('Low seat', { kind: 'rejected', price: 120.4, lacks: 0.84 }, reader),
    ).toBe(
      'At 120 EUR, fitted, it would be chosen. At its own price it would have to give 0.8 points more.',
    );
    expect(
      whatItTakesWords('Low seat', { kind: 'rejected', price: undefined, lacks: 2 }, reader),
    ).toMatch(/^Not even for nothing\./);
    expect(whatItTakesWords('Low seat', { kind: 'chosen' }, reader)).toBe('Low seat is in it.');
  });
  test('parts without an exchange rate: nothing is called best before that is said', () => {
    expect(unpricedWords(1, 'GBP')).toMatch(
      /^Not settled: 1 part that fits has no exchange rate to GBP and is not weighed\./,
    );
    expect(unpricedWords(85, 'GBP')).toMatch(
      /^Not settled: 85 parts that fit have no exchange rate to GBP and are not weighed\./,
    );
  });
  test('what is enough: what the rest would buy, and never a point that it does not', () => {
    const build = (cost: number, points: number) => ({
      partIds: ['x'],
      cost,
      points,
      planned: points,
      failed: [],
    });
    const words = (points: number) =>
      enoughWords({ build: build(9000, 82.3), enough: build(8000, points) }, reader, partsCounted);
    expect(words(81.6)).toBe(
      'Enough: 1 part, fit 81.6 for 8000 EUR in all. The other 1000 EUR buy 0.7 points more, which nobody feels.',
    );
    expect(words(81.33)).toContain('buy not quite 1 point more, which');
    expect(enoughWords({ build: build(9000, 82.3) }, reader, partsCounted)).toBeUndefined();
  });
  test('what another build might gain: rounded up, and from a point on said as a chance', () => {
    const words = (atMost: number | undefined) => atMostWords({ build: { points: 80 }, atMost });
    expect(words(80.31)).toBe(
      'No other build of these parts within the money gains as much as 0.4 points more than the best.',
    );
    expect(words(80.9)).toContain('as much as 0.9 points more');
    expect(words(80.91)).toBe(
      'Another build of these parts might gain up to 1.0 points more than the best.',
    );
    expect(words(80)).toContain('as much as 0.1 points more');
    expect(words(undefined)).toBeUndefined();
  });
  test('a name within a sentence keeps its unit and its initials', () => {
    expect(lowerFirst('Tail roll, 30 L')).toBe('tail roll, 30 L');
    expect(lowerFirst('LED lamps')).toBe('LED lamps');
  });
  test('who is ahead from which money on', () => {
    const build = (points: number, parts: number) => ({
      partIds: Array.from({ length: parts }, (_, i) => `p${i}`),
      cost: 8000,
      points,
      planned: points,
      failed: [],
    });
    expect(
      leadWords(
        { from: 8200, id: 'b', build: build(81.2, 3), over: { id: 'a', build: build(80, 0) } },
        name,
        reader,
      ),
    ).toBe('From 8200 EUR on, link with 3 parts (81.2) is ahead of low seat as it stands (80.0).');
    const first = { from: 5400, id: 'a', over: undefined };
    expect(leadWords({ ...first, build: build(68.5, 0) }, name, reader)).toBe(
      'From 5400 EUR on, the first that passes is low seat as it stands: 68.5.',
    );
    // A must that rests on what nobody has given does not pass.
    expect(
      leadWords({ ...first, build: { ...build(68.5, 0), open: ['range'] } }, name, reader),
    ).toMatch(/first to be had is low seat as it stands: 68\.5, and nobody has given what .*range/);
  });
});

describe('limits', () => {
  test.each([
    [600, 1100, 'mm', 'Must lie between 600 and 1100 mm.'],
    [0.5, 4, 'bar', 'Must lie between 0.5 and 4 bar.'],
    // Both ends say something, however small.
    [0.000001, 100_000, '', 'Must lie between 0.000001 and 100 000.'],
    [0.25, 1.55, '', 'Must lie between 0.25 and 1.6.'],
  ])('%s to %s', (min, max, unit, words) =>
    expect(limitWords(min, max, unit).replace(/\s/gu, ' ')).toBe(words),
  );
});
