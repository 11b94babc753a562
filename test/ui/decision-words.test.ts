import { describe, expect, test } from 'vitest';
import { oftenest, type RankDoubt } from '@/core/doubt';
import { INSPECTION_KEYS, INSPECTION_POINTS, PAPER_POINTS } from '@/core/inspection';
import { FACT_KEYS, factDefinition } from '@/core/facts';
import { FIGURE_KEYS } from '@/core/readings';
import { RECORDS, TABLES } from '@/store/records';
import {
  askWords,
  briefTurningWords,
  commandWords,
  differenceName,
  drawnWords,
  gapWords,
  pointWords,
  sideWords,
  RECORD_WORDS,
  turningWords,
} from '@/ui/messages';

const metric = { units: 'metric', currency: 'EUR' } as const;
const us = { units: 'us', currency: 'USD' } as const;
const name = (id: string) => ({ A: 'Wren 230', B: 'Pika 340 X', rack: 'Tail rack' })[id] ?? id;

describe('what is looked at on a used machine', () => {
  test.each([...INSPECTION_KEYS, ...PAPER_POINTS])(
    '%s has a name, what is good, and what a bad one is called',
    (key) => {
      const words = pointWords(key);
      for (const text of [words.name, words.good, words.bad])
        expect(text.length).toBeGreaterThan(3);
      expect(words.bad).toBe(words.bad.toLowerCase());
    },
  );
  test('brakes, frame, steering, wheels and tyres are for a workshop', () => {
    const grave = INSPECTION_POINTS.filter((p) => p.grave).map((p) => p.key);
    for (const key of [
      'brakes',
      'frame',
      'head-bearings',
      'spokes-rims',
      'tyres',
      'fork-seals',
    ] as const)
      expect(grave).toContain(key);
  });
  test('every point is a tick a trial may hold, and no other is', () => {
    const visit = (ticks: object) =>
      RECORDS.trials.schema.safeParse({
        id: 'x',
        kind: 'inspection',
        machine: '',
        observed: { ticks },
        note: '',
      }).success;
    for (const key of [...INSPECTION_KEYS, ...PAPER_POINTS])
      expect(visit({ [key]: 'bad' })).toBe(true);
    expect(visit({ wings: 'good' })).toBe(false);
    expect(visit({ brakes: 'perhaps' })).toBe(false);
  });
});

describe('every question can be asked', () => {
  test.each(FIGURE_KEYS)('figure %s', (key) => {
    const words = askWords({ kind: 'figure', key, points: 1, decides: [] }, metric);
    expect(words).toMatchObject({ thought: 'not known', why: '1.0 points' });
    expect(words.how).toMatch(/\.$/);
  });
  test.each(FACT_KEYS.filter((k) => factDefinition(k).kind === 'choice'))(
    'fact %s, each option in words',
    (key) => {
      const { options } = askWords({ kind: 'fact', key, points: 0, decides: ['range'] }, metric);
      expect(options.length).toBeGreaterThan(1);
      expect(new Set(options.map((o) => o.words)).size).toBe(options.length);
    },
  );
});

describe('what would turn it, in the rider’s units', () => {
  test('a figure where less is better comes turned back: mass in kilograms, in pounds for the other reader', () => {
    const turning = {
      rival: 'B',
      point: {
        kind: 'quantity',
        of: 'leader',
        id: 'A',
        criterion: 'readyMass',
        from: -150,
        to: -180,
        chance: 0.12,
      },
    } as const;
    expect(turningWords(turning, 'A', name, metric)).toBe(
      'Pika 340 X draws level with Wren 230 if ready mass of Wren 230 were 180 kg instead of 150 kg. Its span leaves 12 % for that.',
    );
    expect(turningWords(turning, 'A', name, us)).toContain('397 lb instead of 331 lb');
  });
  test('a weight in points of 100, a must with its chance', () => {
    expect(
      turningWords(
        { rival: 'B', point: { kind: 'weight', criterion: 'range', from: 0.2, to: 0.353535 } },
        'A',
        name,
        metric,
      ),
    ).toBe('Pika 340 X draws level with Wren 230 if range counted 35.4 of 100 instead of 20.0.');
    expect(
      turningWords(
        {
          rival: 'B',
          point: {
            kind: 'limit',
            of: 'leader',
            id: 'A',
            limit: 'range',
            from: 330,
            to: 310,
            chance: 0.2,
          },
        },
        'A',
        name,
        metric,
      ),
    ).toContain('310 km (thought to be 330 km): 20 % of its span.');
    expect(
      turningWords(
        {
          rival: 'B',
          point: {
            kind: 'limit',
            of: 'leader',
            id: 'A',
            limit: 'range',
            from: 330,
            to: 310,
            chance: 0.001,
          },
        },
        'A',
        name,
        metric,
      ),
    ).toContain('hardly any of its span');
  });
  test('the brief: a share and the budget', () => {
    expect(
      briefTurningWords(
        { kind: 'ground', ground: 'motorway', from: 6, to: 31 },
        'Pika 340 X',
        metric,
      ),
    ).toBe('Pika 340 X would be worth more if motorway made up 31 % of the way instead of 6 %.');
    expect(
      briefTurningWords({ kind: 'budget', from: 12500, to: 15000 }, 'Pika 340 X', metric),
    ).toBe(
      'Pika 340 X would be worth more if the budget were 15\u202f000 EUR instead of 12\u202f500.',
    );
  });
});

describe('a gap in words', () => {
  const range = {
    want: 'range',
    loss: 3,
    need: 310,
    estimate: { kind: 'known', interval: { low: 250, mid: 280, high: 300 } },
    helpers: 2,
  } as const;
  test('how far short, what closes it and what that costs', () => {
    expect(
      gapWords(
        {
          ...range,
          closer: {
            part: { name: 'Large tank' },
            along: [],
            cost: 420,
            closes: true,
            becomes: 350,
          },
        },
        metric,
      ),
    ).toEqual({
      have: '280 km, needed at least 310 km',
      short: '30 km short',
      closing: 'Closed for about 420 EUR by large tank: 350 km; 2 parts help.',
    });
  });
  test('only narrowed, not known, or beyond parts', () => {
    expect(
      gapWords(
        {
          ...range,
          closer: {
            part: { name: 'Can' },
            along: ['tail rack'],
            cost: 100,
            closes: false,
            becomes: 300,
          },
        },
        metric,
      ).closing,
    ).toBe(
      'No single part closes it; can, and with it tail rack comes nearest: 300 km for about 100 EUR.',
    );
    expect(
      gapWords({ ...range, helpers: 0, estimate: { kind: 'unknown', missing: ['tank'] } }, metric),
    ).toMatchObject({
      have: 'Not known, for want of tank; until it is told it counts as the worst it may be.',
      short: undefined,
      closing: '',
    });
    expect(gapWords({ ...range, want: 'outlay' }, metric).closing).toBe(
      'Only a cheaper machine, or fewer parts.',
    );
    expect(gapWords({ ...range, helpers: 0 }, metric).closing).toBe(
      'No part of the catalogue helps.',
    );
  });
  test('parts that help and break something else are counted, not named', () => {
    const closing = (helpers: number) => gapWords({ ...range, helpers }, metric).closing;
    expect(closing(1)).toBe(
      'The one part that helps would break a must or a limit that is kept now.',
    );
    expect(closing(2)).toBe(
      '2 parts help, but each would break a must or a limit that is kept now.',
    );
  });
  test('what it brings and nobody has told is to be looked for first', () => {
    const closer = { part: { name: 'Guards' }, along: [], cost: 90, closes: true, becomes: 300 };
    const closing = (untold: readonly ('handGuards' | 'screen')[]) =>
      gapWords({ ...range, helpers: 1, closer: { ...closer, untold } }, metric).closing;
    expect(closing([])).toMatch(/by guards: 300 km\.$/);
    expect(closing(['handGuards', 'screen', 'screen'])).toMatch(
      /by guards: 300 km\. Look first: nobody has told its hand guards and screen; it may have that already\.$/,
    );
  });
});

describe('differences in words', () => {
  test.each(TABLES)('%s has a name', (table) =>
    expect(RECORD_WORDS[table].all.length).toBeGreaterThan(3),
  );
  test('figures of the brief carry their units', () => {
    const side = (path: readonly string[], value: unknown) =>
      sideWords({ table: 'briefs', path }, value, name, metric);
    expect([
      side(['trip', 'fuelGap_km'], 310),
      side(['rider', 'mass_kg'], 66),
      side(['trip', 'reserve_percent'], 10),
      side(['money', 'budget'], 12500),
      side(['money', 'yearsKept'], 5),
      side(['trip', 'altitude_m'], 3400),
    ]).toEqual(['310 km', '66 kg', '10 %', '12500 EUR', '5', '3400 m']);
    expect(
      side(['ground'], {
        motorway: 10,
        openRoad: 0,
        town: 0,
        gravel: 90,
        twoTrack: 0,
        singleTrack: 0,
        sandMud: 0,
      }),
    ).toBe('10 % motorway, 90 % graded gravel');
  });
  test('readings with their origin, parts by name, nothing as nothing', () => {
    const reading = {
      id: 'r',
      amount: 187,
      unit: 'kg',
      basis: 'ready',
      origin: 'heard',
      note: '',
      spread: 3,
    };
    expect(
      sideWords(
        { table: 'donors', path: ['figures', 'mass'] },
        { readings: [reading] },
        name,
        metric,
      ),
    ).toBe('187 kg ± 3 (heard)');
    expect(sideWords({ table: 'builds', path: ['partIds'] }, ['rack'], name, metric)).toBe(
      'Tail rack',
    );
    expect(sideWords({ table: 'donors', path: ['note'] }, undefined, name, metric)).toBe('nothing');
    expect(
      sideWords({ table: 'parts', path: ['note'] }, 'x'.repeat(500), name, metric),
    ).toHaveLength(160);
  });
  test('fields by name', () => {
    expect([
      differenceName({ table: 'briefs', path: ['trip', 'fuelGap_km'] }),
      differenceName({ table: 'donors', path: ['figures', 'seatHeight'] }),
      differenceName({ table: 'builds', path: ['partIds'] }),
      differenceName({ table: 'donors', path: [] }),
    ]).toEqual(['longest fuel gap', 'seat height', 'parts chosen', '']);
  });
});

test('the new acts have words for undo', () => {
  expect(commandWords({ code: 'settle-verdict', facts: { name: 'Wren 230' } })).toBe(
    'settle a verdict on Wren 230',
  );
  expect(commandWords({ code: 'visit', facts: { name: 'Wren 230', what: 'brakes' } })).toBe(
    'seen on Wren 230: brakes',
  );
  expect(
    [1, 2].map((count) => commandWords({ code: 'take-over', facts: { count, file: 'f.json' } })),
  ).toEqual(['1 difference taken from f.json', '2 differences taken from f.json']);
});

describe('what the draws say of the first, in words', () => {
  /** Shares made up: how often each comes first and second, and how often A is ahead of B and the other way about. */
  const drawn = (
    [a, b]: readonly [readonly number[], readonly number[]],
    [aWins, bWins]: readonly [number, number],
  ): RankDoubt => ({
    samples: 20_000,
    ids: ['a', 'b'],
    acceptability: [a, b],
    wins: [
      [0, aWins],
      [bWins, 0],
    ],
    error: 0.003,
    settled: true,
    central: [undefined, undefined],
  });
  const name = (id: string) => id.toUpperCase();
  test('one that comes first more often and is behind where both keep their musts: why it is not named', () => {
    const words = drawnWords(
      drawn(
        [
          [0.25, 0.04],
          [0.38, 0.09],
        ],
        [0.08, 0.02],
      ),
      ['a', 'b'],
      name,
    );
    expect(words).toEqual([
      'In 37 % of the draws nobody keeps every must.',
      'A keeps every must in 29 % and comes first in 25 % of all draws.',
      'Where both it and B keep their musts, it is ahead in 80 %.',
      'B comes first more often, in 38 %. It keeps every must in 47 %, A in 29 %. Where both keep theirs, A is ahead in 80 %: among those with a must in doubt the one worth more is named. Settle that must before you buy.',
    ]);
  });
  test('of one with a must that nobody can judge nothing is said in per cent, and never that it breaks it', () => {
    const words = drawnWords(
      drawn(
        [
          [0, 0],
          [0.04, 0],
        ],
        [0, 0],
      ),
      ['a', 'b'],
      name,
      new Map([['a', 'money']]),
    );
    expect(words).toEqual([
      'In 96 % of the draws nobody is known to keep every must.',
      'Whether A keeps every must is not known (money): it has no place in any draw until that is told.',
      'B comes first more often, in 4 %. It keeps every must in 4 %.',
    ]);
  });
  test('nobody comes first more often: no more is said, and so within what the draws are sure to', () => {
    const even = drawn(
      [
        [0.493, 0.5],
        [0.505, 0.49],
      ],
      [0.493, 0.5],
    );
    expect(oftenest(even, 'a')).toBeUndefined();
    expect(drawnWords(even, ['a', 'b'], name)).toHaveLength(2);
    const clear = drawn(
      [
        [0.45, 0.5],
        [0.53, 0.4],
      ],
      [0.45, 0.5],
    );
    expect(oftenest(clear, 'a')).toBe('b');
    expect(oftenest(clear, 'b')).toBeUndefined();
    expect(drawnWords(clear, ['a', 'b'], name).at(-1)).toBe(
      'B comes first more often, in 53 %. Where both keep theirs, it is ahead in 53 %.',
    );
  });
});
