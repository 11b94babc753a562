import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { certain, type Estimate } from '@/core/numeric';
import {
  forkSagPerKg,
  motionRatioAt,
  riderSprungFor,
  SAG_SET,
  shockSagPerKg,
} from '@/core/suspension';
import { endMatch, SAG_BOUNDS, type EndSprings } from '@/core/suspension';
import { newBrief } from '@/store/records';
import { millimetres } from '@/core/units';

const middle = (e: Estimate): number => (e.kind === 'known' ? e.mid : Number.NaN);
const travel = certain(millimetres(300));

describe('springs and the rider whom they suit (reference 8, from memory)', () => {
  // k 65 N/mm at 0.37: 8.8985 N/mm at the wheel; 0.7 of a rider of 90 kg makes 69.43 mm.
  test('a shock of 65 N/mm at 0.37: 90 kg of rider make 69.43 mm', () =>
    expect(90 * middle(shockSagPerKg(certain(65), certain(0.37)))).toBeCloseTo(69.43, 2));
  // Without adjustment 95 to 115 mm covers riders from 79.3 to 105.3 kg: the middle of what that spring suits lies near.
  test('300 mm of travel: it suits a rider of 70 to 90 kg', () => {
    const perKg = shockSagPerKg(certain(65), certain(0.37));
    const suits = middle(riderSprungFor('rear', perKg, travel));
    expect(suits).toBeGreaterThan(70);
    expect(suits).toBeLessThan(90);
  });
  // Tables of spring makers give about 4.2 to 4.5 N/mm a leg to 75 to 85 kg at 300 mm (common practice, no source).
  test('a fork of 4.3 N/mm a leg over 300 mm suits a rider of 70 to 90 kg', () => {
    const perKg = forkSagPerKg(certain(4.3), certain(27));
    const suits = middle(riderSprungFor('front', perKg, travel));
    expect(suits).toBeGreaterThan(70);
    expect(suits).toBeLessThan(90);
  });
  // By hand (virtual work, F = k·(S + preload)·MR): 0.34 to 0.44 over 300 mm, preload 10 mm. At 30 mm the shock is in by 10.35 and the
  // ratio 0.35: 462.96 N; at 90 mm by 31.95 and 0.37: 1008.90 N. 545.94 N over 60 mm are 9.0989 N/mm; 0.7 of 90 kg makes 67.90 mm.
  test('a linkage of 0.34 to 0.44: 90 kg of rider make 67.90 mm', () => {
    const progression = { atTop: certain(0.44), travel };
    const perKg = shockSagPerKg(certain(65), certain(0.34), progression);
    expect(90 * middle(perKg)).toBeCloseTo(67.9, 2);
  });
  test('the same ratio at both ends is an even linkage, whatever the preload', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        fc.double({ min: 20, max: 250, noNaN: true }),
        (ratio, rate) => {
          const told = shockSagPerKg(certain(rate), certain(ratio), {
            atTop: certain(ratio),
            travel,
          });
          const even = middle(shockSagPerKg(certain(rate), certain(ratio)));
          expect(middle(told) / even).toBeCloseTo(1, 9);
        },
      ),
    ));
  test('the more a linkage progresses, the less a rider makes of it', () => {
    const sag = [0.34, 0.38, 0.44].map((end) =>
      middle(shockSagPerKg(certain(65), certain(0.34), { atTop: certain(end), travel })),
    );
    expect(sag).toEqual(sag.toSorted((a, b) => b - a));
    expect(new Set(sag).size).toBe(3);
  });
  test('where the wheel is, its ratio: the ends as told, between them evenly', () => {
    expect(motionRatioAt(0.34, 0.44, 0)).toBe(0.34);
    expect(motionRatioAt(0.34, 0.44, 1)).toBeCloseTo(0.44, 12);
    expect(motionRatioAt(0.34, 0.44, SAG_SET)).toBeCloseTo(0.37, 12);
  });
  test('the spring for a rider rises in proportion to the rider', () => {
    const suits = (k: number) =>
      middle(riderSprungFor('rear', shockSagPerKg(certain(k), certain(0.37)), travel));
    expect(suits(130)).toBeCloseTo(2 * suits(65), 9);
  });
});

const base = newBrief('EUR');
const rear = (mass_kg: number, springs: EndSprings, luggage_kg = 0) =>
  endMatch(
    'rear',
    { ...base, rider: { ...base.rider, mass_kg }, trip: { ...base.trip, luggage_kg } },
    travel,
    springs,
    undefined,
    { sprungToRider: new Set() },
    'm',
  );

describe('one model: the advice on springs and the sag never contradict each other', () => {
  test('the rider whom they suit sags three tenths, whatever is known of the rate', () => {
    expect(middle(rear(78, { suits: certain(78) }).sag)).toBeCloseTo(0.3, 9);
    const told = { suits: certain(78), perKg: shockSagPerKg(certain(68), certain(0.37)) };
    expect(middle(rear(78, told).sag)).toBeCloseTo(0.3, 9);
  });
  test('by hand: 20 kg beyond, 0.7 × 9.80665 ÷ 9.3092 N/mm each, over 300 mm: 34.9 %', () => {
    const told = { suits: certain(78), perKg: shockSagPerKg(certain(68), certain(0.37)) };
    const by = (20 * 0.7 * 9.80665) / (68 * 0.37 ** 2) / 300;
    expect(middle(rear(98, told).sag)).toBeCloseTo(0.3 + by, 9);
  });
  test('too stiff never sags more than set, too soft never less; more load never sags less', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 130 }),
        fc.integer({ min: 45, max: 130 }),
        fc.option(fc.integer({ min: 20, max: 250 })),
        fc.integer({ min: 0, max: 80 }),
        (rider, suits, rate, luggage) => {
          const springs = {
            suits: certain(suits),
            ...(rate === null ? {} : { perKg: shockSagPerKg(certain(rate), certain(0.37)) }),
          };
          const match = rear(rider, springs, luggage);
          const off = middle(match.mismatch);
          const sag = middle(match.sag);
          if (off < 0) expect(sag).toBeLessThanOrEqual(0.3 + 1e-12);
          if (off > 0) expect(sag).toBeGreaterThanOrEqual(0.3 - 1e-12);
          expect(middle(rear(rider, springs, luggage + 20).sag)).toBeGreaterThanOrEqual(
            sag - 1e-12,
          );
        },
      ),
      { seed: 140 },
    );
  });
  test('the window of a word on sag holds what touring and competition ask (25 to 38 %, from memory)', () => {
    expect(SAG_BOUNDS.low).toBeLessThan(0.25);
    expect(SAG_BOUNDS.high).toBeGreaterThan(0.33);
    expect(SAG_BOUNDS.high).toBeLessThan(0.38);
  });
});
