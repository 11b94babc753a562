import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { stoppingOf } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { certain, unknown } from '@/core/numeric';
import { stoppieLimit, stoppingDistance, wheelieLimit } from '@/core/road-load';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY } from '@/store/records';
import { stoppingWords } from '@/ui/messages';
import { assessed } from '../cases';

/** b/h 1.0769 and (p − b)/h 1.2308. */
const STANCE = { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 0.65, grip: 0.9 };

describe('what lifts a wheel, and where it stops (reference statics)', () => {
  test('drive lifts the front at g·b/h, 10.561 m/s²; braking the rear at g·(p − b)/h, 12.070', () => {
    expect(wheelieLimit(STANCE)).toBeCloseTo(10.561, 3);
    expect(stoppieLimit(STANCE)).toBeCloseTo(12.07, 3);
  });
  // v·t + v²/(2μg), a second to react.
  test.each([
    [100, 0.9, 71.49],
    [60, 0.9, 32.4],
    [60, 0.5, 44.99],
  ])('from %d km/h at μ %d: %d m', (speed, grip, metres) => {
    expect(stoppingDistance(speed, { ...STANCE, grip })).toBeCloseTo(metres, 2);
  });
  test('where the rear would lift before the tyres let go, that is the limit, and not a hair before', () => {
    // (p − b)/h = 0.8: 60 km/h, 16.667 + 277.78 ÷ (2 · 0.8 · 9.80665) = 34.37 m.
    const tall = { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 1 };
    expect(stoppingDistance(60, { ...tall, grip: 0.9 })).toBeCloseTo(34.37, 2);
    expect(stoppingDistance(60, { ...tall, grip: 0.81 })).toBeCloseTo(34.37, 2);
    expect(stoppingDistance(60, { ...tall, grip: 0.79 })).toBeGreaterThan(34.5);
  });
  test('faster never stops shorter, more grip never longer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 140, noNaN: true }),
        fc.double({ min: 0.2, max: 1.2, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (speed, grip, more) => {
          const at = (v: number, mu: number) => stoppingDistance(v, { ...STANCE, grip: mu });
          expect(at(speed + 1, grip)).toBeGreaterThan(at(speed, grip));
          expect(at(speed, grip + more)).toBeLessThanOrEqual(at(speed, grip) + 1e-9);
        },
      ),
      { seed: 151, numRuns: 200 },
    );
  });
});

describe('the loaded machine of a brief', () => {
  const dossier = demoDossier();
  const brief = dossier.briefs[BRIEF_KEY] as Brief;
  const donor = dossier.donors['drover-430'];
  if (!donor) throw new Error('no donor');
  const { figures } = assessed(brief, donor);
  const of = (b: Brief) => stoppingOf(b, figures);
  const mid = (e: ReturnType<typeof of>['loaded']['rear']) => (e.kind === 'known' ? e.mid : NaN);
  const { trip } = brief;
  test('by hand: machine at half the wheelbase and 0.55 m, rider at 0.6 and 1.0 m, luggage in panniers at 0.93 and 0.8 m', () => {
    const light: Brief = {
      ...brief,
      rider: { ...brief.rider, mass_kg: 80, kit_kg: 10 },
      trip: { ...trip, luggage_kg: 30, pillion_kg: 0, tankBag_kg: 0, tail_kg: 0 },
    };
    const two = { ...figures, mass: { ...figures.mass, estimate: certain(180) } };
    const set = { ...two, wheelbase: { ...two.wheelbase, estimate: certain(1500) } };
    // 300 kg: on the rear 180·0.5 + 90·0.6 + 30·0.93 = 171.9 kg, so 0.427 of 1.5 m: b 0.6405 m; h (99 + 90 + 24)/300 = 0.71 m.
    const { loaded, alone } = stoppingOf(light, set);
    expect(mid(loaded.front)).toBeCloseTo(0.6405 / 0.71, 4);
    expect(mid(loaded.rear)).toBeCloseTo((1.5 - 0.6405) / 0.71, 4);
    // 270 kg: rear 144 kg, b 0.7 m; h 189/270 = 0.7 m.
    expect(mid(alone.front)).toBeCloseTo(1, 6);
    expect(mid(alone.rear)).toBeCloseTo(0.8 / 0.7, 6);
  });
  test('luggage behind lifts the front sooner; each ground of the brief has its stop, the fastest first', () => {
    const { loaded, alone, stops } = of({ ...brief, trip: { ...trip, luggage_kg: 40 } });
    expect(mid(loaded.front)).toBeLessThan(mid(alone.front));
    const speeds = stops.map((s) => s.from_kmh);
    expect(stops.length).toBeGreaterThan(1);
    expect(speeds).toEqual(speeds.toSorted((a, b) => b - a));
    for (const { distance_m } of stops) {
      if (distance_m.kind === 'unknown') throw new Error('not known');
      expect(distance_m.interval.low).toBeLessThan(distance_m.interval.high);
    }
  });
  test('in words: both limits, a paved and a loose stop with their spans, in feet where feet are read; nothing without the mass', () => {
    const words = stoppingWords(of(brief), { units: 'metric', currency: 'EUR' });
    expect(words[0]).toMatch(
      /^Loaded, the front lifts at \d\.\d\d g of drive and the rear at \d\.\d\d g of braking; with the rider alone at /,
    );
    expect(words[1]).toMatch(/^It stops from \d+ km\/h in \d+ m \(\d+ to \d+\) on .* and from /);
    const feet = stoppingWords(of(brief), { units: 'us', currency: 'USD' })[1];
    expect(feet).toMatch(/from \d+ mph in \d+ ft \(\d+ to \d+\)/);
    const nothing = { ...figures, mass: { ...figures.mass, estimate: unknown('mass') } };
    expect(stoppingWords(stoppingOf(brief, nothing), { units: 'us', currency: 'USD' })).toEqual([]);
  });
});
