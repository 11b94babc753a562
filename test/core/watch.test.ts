import { describe, expect, it } from 'vitest';
import { keepingLast } from '@/core/assessment';
import { watch } from '@/core/numeric';

interface Trip {
  readonly km: number;
  readonly kg?: number;
  readonly days?: { readonly first: string };
}
const of = (
  km: number,
  kg?: number,
): { readonly trip: Trip; readonly list: readonly number[] } => ({
  trip: { km, ...(kg === undefined ? {} : { kg }) },
  list: LIST,
});
const LIST = [1, 2];
const DEPTH = { trip: {} };

describe('noting what is read of a value', () => {
  it('holds for another value as long as what was read is the same', () => {
    const seen = watch(of(100, 5), DEPTH);
    expect(seen.holdsFor(of(1))).toBe(true);
    expect(seen.view.trip.km).toBe(100);
    expect(seen.holdsFor(of(100, 6))).toBe(true);
    expect(seen.holdsFor(of(101, 5))).toBe(false);
  });

  it('notes that something was not there', () => {
    const seen = watch(of(100), DEPTH);
    expect(seen.view.trip.kg).toBeUndefined();
    expect(seen.holdsFor(of(100))).toBe(true);
    expect(seen.holdsFor(of(100, 5))).toBe(false);
  });

  it('notes a question whether it is there, and which fields there are', () => {
    const asked = watch(of(100), DEPTH);
    expect('kg' in asked.view.trip).toBe(false);
    expect(asked.holdsFor(of(100, 5))).toBe(false);
    const listed = watch(of(100), DEPTH);
    expect(Reflect.ownKeys(listed.view.trip)).toEqual(['km']);
    expect(listed.holdsFor(of(7))).toBe(true);
    expect(listed.holdsFor(of(100, 5))).toBe(false);
  });

  it('a copy has read everything', () => {
    const seen = watch(of(100, 5), DEPTH);
    expect({ ...seen.view.trip }).toEqual({ km: 100, kg: 5 });
    expect(seen.holdsFor(of(100, 6))).toBe(false);
  });

  it('below the depth an object is the same or it is not', () => {
    const first = { km: 1, days: { first: '2027-05-01' } };
    const seen = watch({ trip: first, list: LIST }, DEPTH);
    expect(seen.view.trip.days?.first).toBe('2027-05-01');
    expect(seen.holdsFor({ trip: { ...first }, list: [] })).toBe(true);
    expect(seen.holdsFor({ trip: { ...first, days: { ...first.days } }, list: LIST })).toBe(false);
    expect(seen.view.list).toBe(LIST);
    expect(seen.holdsFor({ trip: first, list: [1, 2] })).toBe(false);
  });

  it('reads on from the value it was moved to, and notes that too', () => {
    const seen = watch(of(100, 5), DEPTH);
    const { trip } = seen.view;
    expect(trip.km).toBe(100);
    seen.moveTo(of(100, 8));
    expect(trip.kg).toBe(8);
    expect(seen.holdsFor(of(100, 5))).toBe(false);
  });

  it('makes anew exactly when something that was read has changed', () => {
    const once = keepingLast();
    let made = 0;
    const range = (reserve_percent: number, cruise_kmh: number) =>
      once('range', { brief: { trip: { reserve_percent, cruise_kmh } } }, ({ brief }) => {
        made += 1;
        return brief.trip.reserve_percent * 2;
      });
    expect([range(10, 90), range(10, 100), range(12, 100), range(12, 90)]).toEqual([
      20, 20, 24, 24,
    ]);
    expect(made).toBe(2);
  });
});
