import { describe, expect, test } from 'vitest';
import { SHIPPED_PARTS } from '@/core/catalogue';
import {
  asRidden,
  FELT_KEYS,
  feltOf,
  impressionsOf,
  likesOf,
  meanOf,
  riddenAs,
  type Observed,
  type Trial,
  type TrialTime,
} from '@/core/evidence';
import { feltAgainst } from '@/core/preference';
import { likeWords, markWords } from '@/ui/messages';
import { dossier, entryOf, standingOf } from '../store/demo-standing';

const ride = (id: string, on: string, more: Partial<Trial>): Trial => ({
  id,
  kind: 'ride',
  on,
  donorId: 'd',
  machine: 'Plover',
  observed: {},
  note: '',
  ...more,
});
const first = ride('a', '2026-05-01', { when: 'first', observed: { felt: { buzz: 4 }, heart: 9 } });
const month = ride('b', '2026-06-01', { when: 'month', observed: { felt: { buzz: 1 }, heart: 6 } });

describe('what was felt', () => {
  test('a first mark counts half of one after a month: (4 × 0.5 + 1 × 1) ÷ 1.5 = 2', () => {
    expect(feltOf([month, first], 'buzz')).toEqual({
      felt: 'buzz',
      marks: { first: 4, month: 1 },
      mean: 2,
      moved: -3,
    });
    expect(impressionsOf([first, month]).heartMean).toBeCloseTo((9 * 0.5 + 6) / 1.5, 9);
  });
  test('a later mark of the same time takes the place of the earlier one; what was never marked is not there', () => {
    const again = ride('c', '2026-05-03', { when: 'first', observed: { felt: { buzz: 2 } } });
    expect(feltOf([again, first], 'buzz')?.marks).toEqual({ first: 2 });
    expect(feltOf([first], 'brakes')).toBeUndefined();
    expect(impressionsOf([]).heartMean).toBeUndefined();
  });
  test('a time that nobody said is taken as the first', () => {
    expect(
      feltOf([ride('d', '2026-05-01', { observed: { felt: { seat: 3 } } })], 'seat')?.marks,
    ).toEqual({ first: 3 });
  });
  test('what could not be better is liked, what is bad is not; the middle is neither', () => {
    const felt = { brakes: 4, seat: 1, dive: 2, pushing: 3 };
    const marks = impressionsOf([ride('e', '2026-05-01', { observed: { felt } })]).felt;
    expect(likesOf(marks)).toEqual([
      { felt: 'seat', side: 'dislikes' },
      { felt: 'brakes', side: 'likes' },
    ]);
    expect(likeWords('seat', 'dislikes')).toBe('Seat after an hour: unbearable');
  });
  test('every mark of every scale has its word', () => {
    for (const felt of FELT_KEYS)
      expect([0, 1, 2, 3, 4].map((m) => markWords(felt, m).charAt(0)).join('')).toBe('01234');
  });
});

describe('the machine as ridden', () => {
  const parts = Object.fromEntries(SHIPPED_PARTS.map((p) => [p.id, p]));
  const reading = (id: string, amount: number, unit: 'mm' | 'kg' | 'L') => ({
    id,
    amount,
    unit,
    basis: 'stated' as const,
    origin: 'measured' as const,
    note: '',
  });
  const seen = ride('f', '2026-05-01', {
    partIds: ['seat-low'],
    observed: {
      figures: { seatHeight: reading('s', 820, 'mm'), wheelbase: reading('w', 1450, 'mm') },
    },
  });
  test('a lowered one says nothing of the stock seat, and what it leaves alone still counts', () => {
    expect(parts['seat-low']?.effects.some((e) => e.figure === 'seatHeight')).toBe(true);
    expect(Object.keys(asRidden(seen, parts).observed.figures ?? {})).toEqual(['wheelbase']);
  });
  test('parts that the machine carries by itself change nothing of it; without parts all counts', () => {
    expect(asRidden(seen, parts, ['seat-low'])).toBe(seen);
    const { partIds: _none, ...bare } = seen;
    expect(asRidden(bare, parts)).toBe(bare);
  });
  test('a part with a mass takes the weighing away', () => {
    const weighed = ride('g', '2026-05-01', {
      partIds: ['rack-tail'],
      observed: { figures: { mass: reading('m', 180, 'kg') } },
    });
    expect(parts['rack-tail']?.mass_kg).not.toBe(0);
    expect(asRidden(weighed, parts).observed.figures).toEqual({});
  });
});

describe('several things felt together', () => {
  const of = (felt: Observed['felt'], when: TrialTime, id: string) =>
    ride(id, '2026-05-01', { when, observed: { felt } });
  test('the mean of what was marked each time; what was not marked counts for nothing', () => {
    const trials = [
      of({ windHelmet: 1, windChest: 3 }, 'first', 'a'),
      of({ windChest: 4 }, 'month', 'b'),
    ];
    // First 2 at half, after a month 4 at one: (2 × 0.5 + 4) ÷ 1.5.
    const together = meanOf(trials, ['windHelmet', 'windChest']);
    expect(together?.marks).toEqual({ first: 2, month: 4 });
    expect(together?.mean).toBeCloseTo(10 / 3, 12);
  });
  test('nothing marked, nothing said', () =>
    expect(meanOf([of({ brakes: 2 }, 'first', 'a')], ['windHelmet', 'windChest'])).toBeUndefined());
  test('one thing alone is as it is by itself', () => {
    const trials = [of({ buzz: 1 }, 'first', 'a'), of({ buzz: 3 }, 'week', 'b')];
    const { marks, mean } = feltOf(trials, 'buzz') ?? { marks: {}, mean: Number.NaN };
    expect(meanOf(trials, ['buzz'])).toEqual({ marks, mean });
  });
});

describe('felt against reckoned', () => {
  const { contributions } = entryOf(standingOf(dossier), 'c-drover-430').stockScore;
  const wind = contributions.find((c) => c.want === 'wind')?.value.mid ?? 0;
  const marked = (windHelmet: number) =>
    feltAgainst(
      impressionsOf([ride('w', '2026-05-01', { observed: { felt: { windHelmet, brakes: 0 } } })])
        .felt,
      contributions,
    );
  test('a mark far from what the figures are worth is named with both, a near one is not; what no figure foretells never is', () => {
    for (const mark of [0, 1, 2, 3, 4]) {
      const apart = Math.abs(mark / 4 - wind) >= 0.45;
      expect(marked(mark), String(mark)).toEqual(
        apart ? [{ felt: 'windHelmet', want: 'wind', asFelt: mark / 4, asReckoned: wind }] : [],
      );
    }
    // One end of the scale is always far from the middle of the other.
    expect([...marked(0), ...marked(4)].length).toBeGreaterThan(0);
  });
  test('a want that nobody knows contradicts nothing', () =>
    expect(
      feltAgainst(
        impressionsOf([ride('w', '2026-05-01', { observed: { felt: { windHelmet: 0 } } })]).felt,
        contributions.map((c) => ({ ...c, known: false })),
      ),
    ).toEqual([]));
});

test('as what it was ridden: as it stands, with the build, or with parts that are none of it', () => {
  const build = ['seat-low', 'risers'];
  expect(riddenAs({}, build)).toBe('stock');
  expect(riddenAs({ partIds: [] }, [])).toBe('stock');
  expect(riddenAs({ partIds: ['risers', 'seat-low'] }, build)).toBe('built');
  expect(riddenAs({ partIds: ['risers'] }, build)).toBeUndefined();
  expect(riddenAs({ partIds: ['risers', 'screen-tall'] }, build)).toBeUndefined();
  expect(riddenAs({ partIds: ['risers', 'seat-low', 'screen-tall'] }, build)).toBeUndefined();
});
