import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { lightOf } from '@/core/assessment';
import { dayLength, monthsOf, shortestLight } from '@/core/season';
import { wearShares } from '@/core/service';
import { seasonWords } from '@/ui/messages';
import { newBrief } from '@/store/records';

const [JUNE_SOLSTICE, DECEMBER_SOLSTICE, MARCH_EQUINOX] = [172, 355, 80];

describe('hours of daylight', () => {
  // Almanac values, from memory: printed to the minute; the CBM model is good to some minutes between the polar circles.
  test.each([
    [0, JUNE_SOLSTICE, 12.12],
    [0, DECEMBER_SOLSTICE, 12.12],
    [40, JUNE_SOLSTICE, 15.02],
    [40, DECEMBER_SOLSTICE, 9.33],
    [50, JUNE_SOLSTICE, 16.38],
    [50, DECEMBER_SOLSTICE, 8.07],
    [60, JUNE_SOLSTICE, 18.88],
    [60, DECEMBER_SOLSTICE, 5.88],
    [52, MARCH_EQUINOX, 12.2],
  ])('at %i° on day %i: %f h', (latitude, day, hours) =>
    expect(Math.abs(dayLength(latitude, day) - hours)).toBeLessThan(0.12),
  );
  test('the south has its short days when the north has its long ones', () => {
    expect(dayLength(-40, JUNE_SOLSTICE)).toBeCloseTo(9.35, 0);
    expect(dayLength(-40, JUNE_SOLSTICE)).toBeLessThan(dayLength(-40, DECEMBER_SOLSTICE));
  });
  test('beyond the polar circles the sun stays up, or does not come', () => {
    expect(dayLength(72, JUNE_SOLSTICE)).toBe(24);
    expect(dayLength(72, DECEMBER_SOLSTICE)).toBe(0);
  });
});

describe('the months of a season', () => {
  test('in their order, over the new year, and one alone', () => {
    expect(monthsOf({ from: 4, to: 6 })).toEqual([4, 5, 6]);
    expect(monthsOf({ from: 11, to: 2 })).toEqual([11, 12, 1, 2]);
    expect(monthsOf({ from: 7, to: 7 })).toEqual([7]);
    expect(monthsOf({ from: 1, to: 12 })).toHaveLength(12);
  });
  test('the shortest day of the whole year is the winter solstice; of September its last day', () => {
    expect(shortestLight({ from: 1, to: 12 }, 50)).toBeCloseTo(dayLength(50, DECEMBER_SOLSTICE), 1);
    expect(shortestLight({ from: 9, to: 9 }, 50)).toBeCloseTo(dayLength(50, 273), 9);
    expect(shortestLight({ from: 9, to: 9 }, -50)).toBeCloseTo(dayLength(-50, 244), 9);
  });
  test('property: more months never have a longer shortest day', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 10 }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (from, more, latitude) => {
          const last = (n: number) => ((from - 1 + n) % 12) + 1;
          expect(shortestLight({ from, to: last(more + 1) }, latitude)).toBeLessThanOrEqual(
            shortestLight({ from, to: last(more) }, latitude) + 1e-9,
          );
        },
      ),
      { seed: 12 },
    ));
});

describe('what daylight allows', () => {
  const plain = newBrief('EUR');
  const brief = {
    ...plain,
    ground: {
      ...plain.ground,
      motorway: 0,
      openRoad: 100,
      town: 0,
      gravel: 0,
      twoTrack: 0,
      sandMud: 0,
    },
    trip: { ...plain.trip, season: { from: 12, to: 12 }, latitude_deg: 50 },
  };
  test('by hand: 8.07 h at 50° in December, a quarter for stops, 75 km/h on open roads: 454 km', () => {
    const light = lightOf(brief);
    expect(light?.hours).toBeCloseTo(8.07, 1);
    expect(light?.distance_km).toBeCloseTo((light?.hours ?? 0) * 0.75 * 75, 6);
  });
  test('nothing where months or latitude are not said', () => {
    expect(lightOf(plain)).toBeUndefined();
    expect(lightOf({ ...brief, trip: { ...brief.trip, latitude_deg: undefined } })).toBeUndefined();
  });
  test('in words: the light, whether the longest day is done by then, and what is not said', () => {
    const reader = { units: 'metric', currency: 'EUR' } as const;
    const words = (longestDay_km: number) =>
      seasonWords({ ...brief.trip, longestDay_km }, lightOf(brief), reader);
    expect(words(500)).toContain('In December light lasts 8.1 h on the shortest day');
    expect(words(500)).toContain('500 km ends in the dark');
    expect(words(300)).toContain('300 km is done by then');
    expect(words(300)).toContain('Not said: the coldest air and how many days are wet');
    expect(seasonWords({ ...brief.trip, cold_C: 2, wet_percent: 40 }, undefined, reader)).toBe(
      'In December; how long the days are hangs on the latitude.',
    );
  });
});

test('wet days wear chain and pads faster, and nothing else', () => {
  const at = (wet: number) => wearShares(280, 35, newBrief('EUR').ground, true, wet);
  expect(at(100).chain / at(0).chain).toBeCloseTo(1.6, 9);
  expect(at(50).pads / at(0).pads).toBeCloseTo(1.15, 9);
  expect(at(100).rearTyre).toBe(at(0).rearTyre);
  expect(at(100).frontTyre).toBe(at(0).frontTyre);
});
