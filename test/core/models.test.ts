import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  CURRENCIES,
  kilograms,
  kilometresPerHour,
  kilowatts,
  litres,
  litresPer100Km,
  millimetres,
} from '@/core/units';
import { GROUNDS, rebalanceShares, type Ground, type GroundShares } from '@/core/brief';
import {
  heelGap,
  inseamFromHeight,
  nineInTen,
  oneFootGap,
  stanceBand,
  stanceProbabilities,
  type SeatShape,
} from '@/core/fit';
import {
  fuelRange,
  groundFactor,
  carriedFactor,
  REFERENCE_MACHINE,
  steadyConsumption,
} from '@/core/fuel';
import { licenceCheck } from '@/core/licence';
import { carriedLoad, loadedMass, payloadLeft, runningOrderMass } from '@/core/mass';
import { inCurrency, onTheRoadPrice } from '@/core/money';
import { powerToMass } from '@/core/engine';
import { between, certain, exactly, known, source, unknown } from '@/core/numeric';
import { clearanceAsked, travelShare } from '@/core/suspension';

const at = millimetres;
const only = (ground: Ground): GroundShares =>
  Object.fromEntries(GROUNDS.map((g) => [g, g === ground ? 100 : 0])) as Record<Ground, number>;

describe('stance', () => {
  // Four sits of common practice (no source); the model's few parameters were fitted to them, so this is no validation.
  const soft: SeatShape = { settle_mm: 60, halfWidth_mm: 45 };
  const wide: SeatShape = { settle_mm: 25, halfWidth_mm: 100 };
  const enduro: SeatShape = { settle_mm: 50, halfWidth_mm: 45 };
  const gap = (seat: number, inseam: number, shape: SeatShape) =>
    heelGap(at(seat), shape, inseam, 30);
  test.each([
    [810, 711, soft, 34.7, 'balls'],
    [815, 762, soft, -11.3, 'flat'],
    [835, 762, wide, 75.1, 'tiptoes'],
    [940, 872, enduro, 13.7, 'balls'],
    [960, 872, enduro, 33.7, 'balls'],
  ] as const)('seat %d, inseam %d', (seat, inseam, shape, expected, band) => {
    expect(Math.abs(gap(seat, inseam, shape) - expected)).toBeLessThan(0.6);
    expect(stanceBand(gap(seat, inseam, shape))).toBe(band);
  });
  test('one foot: the leg no longer wraps the seat', () => {
    expect(stanceBand(oneFootGap(gap(940, 872, enduro), enduro))).toBe('flat');
  });
  test('probabilities: tiptoe 0.681, balls 0.307 at a gap of 75.1 with σ 20', () => {
    const p = stanceProbabilities(source('gap', nineInTen(75.1, 20)));
    // One row in 1024 either way.
    expect(Math.abs(p.tiptoes - 0.681)).toBeLessThan(0.002);
    expect(Math.abs(p.balls - 0.307)).toBeLessThan(0.002);
    expect(p.flat + p.balls + p.tiptoes + p.none).toBeCloseTo(1, 12);
  });
  test('inseam from stature: 1756 mm → 837 mm, 1629 → 771 (US Army survey 1988, from memory)', () => {
    for (const [height, inseam] of [
      [1756, 837],
      [1629, 771],
    ] as const) {
      const estimate = inseamFromHeight(at(height));
      expect(Math.abs(estimate.mm - inseam)).toBeLessThan(4);
      expect(estimate.sd_mm).toBeGreaterThanOrEqual(23);
    }
  });
  test('a lower seat or a longer leg never brings the heels up', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 700, max: 1000 }),
        fc.integer({ min: 600, max: 950 }),
        fc.integer({ min: 0, max: 60 }),
        (seat, inseam, by) => {
          expect(gap(seat - by, inseam, wide)).toBeLessThanOrEqual(gap(seat, inseam, wide));
          expect(gap(seat, inseam + by, wide)).toBeLessThanOrEqual(gap(seat, inseam, wide));
        },
      ),
      { seed: 2 },
    );
  });
});

describe('mass', () => {
  test('payload: 395 − 208, tank top-up 1.341, rider in gear 95, luggage 28, accessories 12 → 50.659 kg left', () => {
    const topUp = 18 * 0.1 * 0.745;
    const loaded = loadedMass(kilograms(208 + topUp + 12), {
      rider_kg: 85,
      kit_kg: 10,
      luggage_kg: 28,
    });
    expect(payloadLeft(kilograms(395), loaded)).toBeCloseTo(50.659, 3);
    expect(carriedLoad({ rider_kg: 85, kit_kg: 10, luggage_kg: 28 })).toBe(123);
  });
  test('212 kg with a full 18 L tank → 210.605–210.704 kg in running order (Reg (EU) 168/2013 Art. 5, from memory)', () => {
    const at = (density: number) => runningOrderMass(kilograms(212), litres(18), density);
    expect(at(0.775)).toBeCloseTo(210.605, 3);
    expect(at(0.72)).toBeCloseTo(210.704, 3);
  });
  test('power to loaded mass', () => expect(powerToMass(kilowatts(54), kilograms(300))).toBe(180));
});

const THIRST = {
  bareDrag_m2: 0.55,
  drag_m2: 0.55,
};

describe('fuel', () => {
  test('steady use of the reference machine (Willans line, own constants)', () => {
    for (const [speed, use] of [
      [70, 2.923],
      [90, 3.703],
      [110, 4.678],
    ] as const)
      expect(
        Math.abs(steadyConsumption(REFERENCE_MACHINE, kilometresPerHour(speed)) - use),
      ).toBeLessThan(5e-4);
    expect(() => steadyConsumption(REFERENCE_MACHINE, kilometresPerHour(0))).toThrow(RangeError);
  });
  test('range: 18 L, 95 % usable, 4.8 L/100 km → 356.25 km; 15 % reserve 302.81; ±15 % use 309.8–419.1', () => {
    const range = (use: number, reserve = 0) => fuelRange(litres(18), litresPer100Km(use), reserve);
    expect(range(4.8)).toBeCloseTo(356.25, 9);
    expect(range(4.8 * 1.15)).toBeCloseTo(309.8, 1);
    expect(range(4.8 * 0.85)).toBeCloseTo(419.1, 1);
    expect(range(4.8, 0.15)).toBeCloseTo(302.81, 2);
    expect(() => range(4.8, 1)).toThrow(RangeError);
  });
  test('13 L at 80 mpg imperial is 229 miles to the last drop (common practice, no source)', () => {
    const use = 282.480936 / 80;
    expect(fuelRange(litres(13), litresPer100Km(use), 0) / 0.95 / 1.609344).toBeCloseTo(228.8, 1);
  });
  test('L/100 km average by distance, arithmetically', () => {
    const shares = { ...only('openRoad'), openRoad: 75, town: 25 };
    const factor = carriedFactor(certain(225), shares, THIRST, {
      load_kg: 75,
      headwind_kmh: 0,
      cruise_kmh: 90,
    });
    expect(factor.mid).toBeCloseTo(0.75 + 0.25 * groundFactor('town').mid, 12);
  });
  test('a larger tank never shortens the range, a faster cruise never lengthens it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.integer({ min: 60, max: 130 }),
        fc.integer({ min: 0, max: 20 }),
        (v, more, speed, faster) => {
          const c = (s: number) =>
            litresPer100Km(
              4 *
                carriedFactor(certain(225), only('motorway'), THIRST, {
                  load_kg: 75,
                  headwind_kmh: 0,
                  cruise_kmh: s,
                }).mid,
            );
          expect(fuelRange(litres(v + more), c(speed), 0.1)).toBeGreaterThanOrEqual(
            fuelRange(litres(v), c(speed), 0.1),
          );
          expect(fuelRange(litres(v), c(speed + faster), 0.1)).toBeLessThanOrEqual(
            fuelRange(litres(v), c(speed), 0.1) + 1e-9,
          );
        },
      ),
      { seed: 9 },
    );
  });
});

describe('licence (Directive 2006/126/EC Art. 4(3), from memory: check the official text)', () => {
  const check = (licence: 'A1' | 'A2' | 'A', kW: number, kg: number, base?: number) =>
    licenceCheck(
      licence,
      known(exactly(kilowatts(kW))),
      known(exactly(kilograms(kg))),
      base === undefined ? undefined : known(exactly(kilowatts(base))),
    ).kind;
  test.each([
    ['A2', 35, 175, undefined, 'legal'],
    ['A2', 35, 170, undefined, 'not-legal'],
    ['A2', 34, 170, undefined, 'legal'],
    ['A1', 11, 110, undefined, 'legal'],
    ['A1', 11, 104, undefined, 'not-legal'],
    ['A2', 48 * 0.73549875, 200, undefined, 'not-legal'],
    ['A2', 47 * 0.74569987, 200, undefined, 'not-legal'],
    ['A2', 47.5 * 0.73549875, 200, undefined, 'legal'],
    ['A2', 35, 200, 95 * 0.73549875, 'legal'],
    ['A2', 35, 200, 96 * 0.73549875, 'not-legal'],
    ['A2', 30, 200, 70, 'not-legal'],
    ['A', 120, 250, undefined, 'legal'],
  ] as const)('%s, %f kW, %f kg, base %s: %s', (licence, kW, kg, base, expected) =>
    expect(check(licence, kW, kg, base)).toBe(expected),
  );
  test('a limit inside the interval is too near to say; a missing figure is named', () => {
    expect(
      licenceCheck(
        'A2',
        known(between(kilowatts(34), kilowatts(36))),
        known(exactly(kilograms(200))),
        undefined,
      ),
    ).toMatchObject({ kind: 'not-known', missing: [], near: ['power'] });
    expect(
      licenceCheck('A2', unknown('power'), known(exactly(kilograms(200))), undefined),
    ).toMatchObject({ kind: 'not-known', missing: ['power'], near: [] });
  });
});

describe('suspension and clearance (own assumption)', () => {
  test('the weaker end decides, and travel beyond what is asked earns nothing', () => {
    const mix = only('twoTrack');
    expect(travelShare(at(110), mix)).toBeCloseTo(0.5, 12);
    expect(travelShare(at(300), mix)).toBe(1);
  });
  test('the roughest ground with a tenth of the way asks', () => {
    expect(
      clearanceAsked({ ...only('openRoad'), openRoad: 81, twoTrack: 10, singleTrack: 9 }).ground,
    ).toBe('twoTrack');
    expect(clearanceAsked(only('motorway')).asked_mm).toBe(125);
  });
});

describe('money', () => {
  const money = {
    currency: 'EUR',
    rates: [{ currency: 'USD', to: 'EUR', rate: 0.91, date: '2026-09-01' }],
    budget: 0,
    tripFund: 0,
    gear: 0,
    shopRate_perHour: 0,
    ownSpanners: true,
  } as const;
  const price = (amount: number, unit: (typeof CURRENCIES)[number], basis: 'list' | 'asked') => ({
    id: 'p',
    amount,
    unit,
    basis,
    origin: 'claimed' as const,
    note: '',
  });
  test('9490 at 1.08 is 10249.20', () =>
    expect(
      inCurrency(9490, 'GBP', {
        currency: 'EUR',
        rates: [{ currency: 'GBP', to: 'EUR', rate: 1.08, date: '2026-01-02' }],
      }),
    ).toMatchObject({ amount: expect.closeTo(10249.2, 9) as number, rateDate: '2026-01-02' }));
  test('no rate: not known, never one to one', () =>
    expect(onTheRoadPrice(price(5000, 'GBP', 'asked'), money)).toEqual(unknown('rate:GBP')));
  test('a list price takes the costs entered, or 3–8 % when none are', () => {
    expect(onTheRoadPrice(price(6000, 'EUR', 'list'), { ...money, onTheRoadCosts: 390 })).toEqual(
      known(exactly(6390)),
    );
    const open = onTheRoadPrice(price(6000, 'EUR', 'list'), money);
    if (open.kind !== 'known') throw new Error('not known');
    expect(Math.abs(open.interval.low - 6180)).toBeLessThan(20);
    expect(Math.abs(open.interval.high - 6480)).toBeLessThan(20);
    expect(onTheRoadPrice(price(6000, 'EUR', 'asked'), money)).toEqual(known(exactly(6000)));
  });
  test('what somebody else paid is doubtful by 15 in 100, what was asked or the rider noted himself is not', () => {
    // Common practice, no source: used machines of one model and age are told by a sixth or so apart.
    const paid = { ...price(6000, 'EUR', 'asked'), basis: 'paid' as const };
    const spanOf = (reading: Parameters<typeof onTheRoadPrice>[0]) => {
      const found = onTheRoadPrice(reading, money);
      return found.kind === 'known' ? [found.interval.low, found.interval.high] : [];
    };
    expect(spanOf({ ...paid, origin: 'heard' })).toEqual([5100, 6900]);
    expect(spanOf({ ...paid, origin: 'heard', spread: 100 })).toEqual([5900, 6100]);
    expect(spanOf({ ...paid, origin: 'measured' })).toEqual([6000, 6000]);
    expect(spanOf({ ...paid, origin: 'heard', basis: 'asked' })).toEqual([5820, 6180]);
  });
});

describe('ground shares', () => {
  const even: GroundShares = {
    motorway: 15,
    openRoad: 40,
    town: 10,
    gravel: 20,
    twoTrack: 10,
    singleTrack: 0,
    sandMud: 5,
  };
  test('always add to 100 and keep the locked ones, or say why not', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...GROUNDS),
        fc.integer({ min: -5, max: 110 }),
        fc.subarray([...GROUNDS]),
        (ground, asked, lockedList) => {
          const locked = new Set(lockedList);
          const result = rebalanceShares(even, ground, asked, locked);
          if (result.kind === 'fault') return;
          expect(GROUNDS.reduce((sum, g) => sum + result.shares[g], 0)).toBe(100);
          expect(result.shares[ground]).toBe(asked);
          for (const g of locked) if (g !== ground) expect(result.shares[g]).toBe(even[g]);
        },
      ),
      { seed: 21 },
    );
  });
  test('too much, not whole, and locked out', () => {
    expect(rebalanceShares(even, 'town', 120)).toMatchObject({
      kind: 'fault',
      fault: { code: 'share-out-of-range' },
    });
    expect(rebalanceShares(even, 'town', 12.5)).toMatchObject({
      kind: 'fault',
      fault: { code: 'share-out-of-range' },
    });
    expect(
      rebalanceShares(even, 'town', 50, new Set<Ground>(['openRoad', 'gravel'])),
    ).toMatchObject({ kind: 'fault', fault: { code: 'shares-locked', locked: 60, free: 40 } });
  });
});
