import { describe, expect, test } from 'vitest';
import type { Brief } from '@/core/brief';
import { findCautions, type CautionCode, type CautionFacts } from '@/core/cautions';
import { certain, exactly, known, unknown, type Estimate } from '@/core/numeric';
import { PART_FLAGS, type Part, type PartFlag } from '@/core/part';
import { SHIPPED } from '@/core/catalogue';
import { newBrief } from '@/store/records';

const of = (low: number, mid = low, high = mid): Estimate => known({ low, mid, high });
const base = newBrief('EUR');
const brief = (change: (b: Brief) => Brief = (b) => b): Brief =>
  change({
    ...base,
    ground: {
      motorway: 0,
      openRoad: 100,
      town: 0,
      gravel: 0,
      twoTrack: 0,
      singleTrack: 0,
      sandMud: 0,
    },
    trip: { ...base.trip, fuelGap_km: 200 },
  });
const trip = (change: Partial<Brief['trip']>) =>
  brief((b) => ({ ...b, trip: { ...b.trip, ...change } }));

/** Nothing in these facts sets off a caution. */
const calm: CautionFacts = {
  brief: brief(),
  parts: [],
  licence: { kind: 'legal', holds: certain(1) },
  powerRounded: false,
  heelGap: of(20),
  payloadLeft: of(80, 100, 120),
  loadedMass: of(300),
  range: of(250, 300, 350),
  cruisePower: of(0.3),
  typical: { payload: false, licence: false },
  frontShare: of(0.45),
  axles: { front: of(140), rear: of(160) },
  axleLimits: { front: of(150), rear: of(230) },
  tyreLoads_kg: { front: 206, rear: 300 },
  watts: of(100),
  wattsSlow: of(50),
  springsOff: undefined,
  passenger: 'yes',
  rackLimit: of(15),
  carrierLimit: of(60),
  subframe: 'bolted',
  behind_kg: { tail: 10, panniers: 12 },
  liftBack: of(110),
  tyreSpeeds_kmh: { front: 150, rear: 150 },
  goesFasterThan: (kmh) => kmh < 140,
  tyreLife: of(20_000),
  chainLife: of(20_000),
  light: undefined,
};
const LOWER_25 = { figure: 'clearance', change: 'add', amount: -25 } as const;
const codes = (change: Partial<CautionFacts>): readonly CautionCode[] =>
  findCautions({ ...calm, ...change }).map((c) => c.code);
const found = (change: Partial<CautionFacts>) => findCautions({ ...calm, ...change });

test('facts that call for nothing call for nothing', () => expect(found({})).toEqual([]));

test('what is not known sets off no caution of its own, and hides none', () => {
  const nothing = unknown('mass');
  expect(
    codes({
      heelGap: nothing,
      payloadLeft: nothing,
      loadedMass: nothing,
      range: nothing,
      cruisePower: nothing,
      frontShare: nothing,
      axles: { front: nothing, rear: nothing },
      axleLimits: { front: nothing, rear: nothing },
      tyreLoads_kg: { front: undefined, rear: undefined },
      watts: nothing,
      wattsSlow: nothing,
      passenger: undefined,
      rackLimit: nothing,
      carrierLimit: nothing,
      subframe: undefined,
      liftBack: nothing,
      tyreSpeeds_kmh: { front: undefined, rear: undefined },
      tyreLife: nothing,
      chainLife: nothing,
    }),
  ).toEqual([]);
  expect(codes({ payloadLeft: of(10), loadedMass: nothing })).toEqual([]);
});

// The edges of reference.md, "Safety cautions": each limit from both sides.
describe('the permitted maximum: judged at the worst end; close from nine tenths', () => {
  test('over by what the worst end is over, and then not called close as well', () => {
    expect(found({ payloadLeft: of(-1, 10, 20) })).toEqual([
      { code: 'over-permitted-mass', over_kg: 1 },
    ]);
    expect(codes({ payloadLeft: of(0, 100, 120) })).toEqual([]);
  });
  test('270 of 300 kg is nine tenths', () => {
    expect(found({ loadedMass: of(270), payloadLeft: of(30) })).toEqual([
      { code: 'near-permitted-mass', share: 0.9 },
    ]);
    expect(codes({ loadedMass: of(269), payloadLeft: of(31) })).toEqual([]);
    expect(codes({ loadedMass: of(300), payloadLeft: of(0) })).toEqual(['near-permitted-mass']);
  });
});

const onA2 = brief((b) => ({ ...b, rider: { ...b.rider, licence: 'A2' } }));
test('the licence: not legal with its rules, not known, legal', () => {
  const notLegal = { kind: 'not-legal', rules: ['power'], holds: certain(0) } as const;
  expect(found({ licence: notLegal, brief: onA2 })).toEqual([
    { code: 'licence-not-legal', rules: ['power'], licence: 'A2' },
  ]);
  const near = { kind: 'not-known', missing: [], near: ['power'], holds: certain(0) } as const;
  expect(found({ licence: near, powerRounded: true, brief: onA2 })).toEqual([
    { code: 'licence-unsure', near: ['power'], licence: 'A2', rounded: true },
  ]);
  expect(found({ licence: { ...near, near: [] }, powerRounded: true, brief: onA2 })).toMatchObject([
    { near: [], rounded: false },
  ]);
  expect(codes({ licence: { kind: 'legal', holds: certain(1) }, brief: onA2 })).toEqual([]);
});

test('limits that are only typical of the class say so, and a licence judged by them is not called kept', () => {
  const typical = { payload: true, licence: true };
  expect(found({ payloadLeft: of(-5, 10, 20), typical })).toEqual([
    { code: 'over-permitted-mass', over_kg: 5, typical: true },
    { code: 'licence-unsure', near: [], licence: base.rider.licence, rounded: false },
  ]);
  expect(found({ loadedMass: of(270), payloadLeft: of(30), typical })[0]).toEqual({
    code: 'near-permitted-mass',
    share: 0.9,
    typical: true,
  });
});

test('the cruise: not held where the middle leaves nothing, held where it leaves a hair', () => {
  expect(found({ cruisePower: of(-0.001) })).toEqual([
    {
      code: 'cruise-not-held',
      cruise_kmh: calm.brief.trip.cruise_kmh,
      headwind_kmh: calm.brief.trip.headwind_kmh ?? 0,
    },
  ]);
  expect(codes({ cruisePower: of(0.001) })).toEqual([]);
});

test('tiptoe on loose ground: over 65 mm under the heels and 15 % of loose ground, all four kinds counted', () => {
  const ground = (gravel: number, twoTrack = 0, singleTrack = 0, sandMud = 0) =>
    brief((b) => ({
      ...b,
      ground: { ...b.ground, openRoad: 0, gravel, twoTrack, singleTrack, sandMud },
    }));
  expect(found({ heelGap: of(65.1), brief: ground(15) })).toEqual([
    { code: 'tiptoe-on-loose', looseShare: 15 },
  ]);
  expect(found({ heelGap: of(65.1), brief: ground(3, 4, 5, 6) })).toEqual([
    { code: 'tiptoe-on-loose', looseShare: 18 },
  ]);
  expect(codes({ heelGap: of(65), brief: ground(15) })).toEqual([]);
  expect(codes({ heelGap: of(65.1), brief: ground(14) })).toEqual([]);
});

test('the fuel gap: the thirsty end of the range must reach it', () => {
  expect(found({ range: of(199, 300, 350) })).toEqual([
    { code: 'fuel-gap-over-range', short_km: 1 },
  ]);
  expect(codes({ range: of(200, 300, 350) })).toEqual([]);
});

test('a passenger whom the sheet does not permit', () => {
  expect(codes({ brief: trip({ pillion_kg: 60 }), passenger: 'no' })).toEqual(['no-passenger']);
  expect(codes({ brief: trip({ pillion_kg: 60 }), passenger: 'yes' })).toEqual([]);
  expect(codes({ brief: trip({ pillion_kg: 0 }), passenger: 'no' })).toEqual([]);
  expect(codes({ passenger: 'no' })).toEqual([]);
});

describe('axles and tyres: each end against its own limit', () => {
  test('front', () => {
    expect(found({ axleLimits: { front: of(138), rear: of(230) } })).toEqual([
      { code: 'over-axle-limit', end: 'front', over_kg: 2 },
    ]);
    expect(codes({ axleLimits: { front: of(140), rear: of(230) } })).toEqual([]);
    expect(found({ tyreLoads_kg: { front: 139, rear: 300 } })).toEqual([
      { code: 'over-tyre-load', end: 'front', over_kg: 1 },
    ]);
    expect(codes({ tyreLoads_kg: { front: 140, rear: 300 } })).toEqual([]);
  });
  test('rear', () => {
    expect(found({ axleLimits: { front: of(150), rear: of(155) } })).toEqual([
      { code: 'over-axle-limit', end: 'rear', over_kg: 5 },
    ]);
    expect(found({ tyreLoads_kg: { front: 206, rear: 157 } })).toEqual([
      { code: 'over-tyre-load', end: 'rear', over_kg: 3 },
    ]);
  });
});

test('a light front: under two fifths of the load', () => {
  expect(found({ frontShare: of(0.39) })).toEqual([{ code: 'light-front', share: 0.39 }]);
  expect(codes({ frontShare: of(0.4) })).toEqual([]);
});

test('watts: short by what is below nothing', () => {
  expect(found({ watts: of(-5) })).toEqual([{ code: 'watts-short', short_W: 5 }]);
  expect(codes({ watts: of(0) })).toEqual([]);
});

test('watts at slow pace: from 15 % of town and rough ground, and not beside the cruise', () => {
  const slow = (town: number) =>
    brief((b) => ({ ...b, ground: { ...b.ground, openRoad: 100 - town, town } }));
  expect(found({ wattsSlow: of(-8), brief: slow(15) })).toEqual([
    { code: 'watts-short-slow', short_W: 8 },
  ]);
  expect(codes({ wattsSlow: of(-8), brief: slow(14) })).toEqual([]);
  expect(codes({ wattsSlow: of(0), brief: slow(15) })).toEqual([]);
  expect(codes({ watts: of(-1), wattsSlow: of(-8), brief: slow(50) })).toEqual(['watts-short']);
});

test('the longest day: done by dusk, and a kilometre past it', () => {
  const light = { hours: 8.1, distance_km: 300 };
  const day = (longestDay_km?: number) =>
    brief((b) => ({ ...b, trip: { ...b.trip, longestDay_km } }));
  expect(codes({ light, brief: day(300) })).toEqual([]);
  expect(found({ light, brief: day(301) })).toEqual([
    { code: 'into-the-dark', longest_km: 301, light_h: 8.1, light_km: 300 },
  ]);
  expect(codes({ light, brief: day() })).toEqual([]);
  expect(codes({ light: undefined, brief: day(900) })).toEqual([]);
});

describe('loads on rack and frame, and what falls', () => {
  test('the rack: at its limit, and past it', () => {
    expect(codes({ rackLimit: of(10) })).toEqual([]);
    expect(found({ rackLimit: of(8) })).toEqual([{ code: 'over-rack-limit', over_kg: 2 }]);
  });
  test('side carriers: at their limit with what hangs on them, and past it', () => {
    const hung = (panniers: number) => ({ behind_kg: { tail: 2, panniers } });
    expect(codes({ carrierLimit: of(20), ...hung(20) })).toEqual([]);
    expect(found({ carrierLimit: of(20), ...hung(21) })).toEqual([
      { code: 'over-carrier-limit', over_kg: 1 },
    ]);
    // The low end of what is not sure decides.
    const unsure = known({ low: 18, mid: 20, high: 22 });
    expect(found({ carrierLimit: unsure, ...hung(19) })).toEqual([
      { code: 'over-carrier-limit', over_kg: 1 },
    ]);
    expect(codes({ carrierLimit: unknown('carrierLimit'), ...hung(90) })).toEqual([]);
  });
  test('no subframe: a tool roll is carried, luggage is not', () => {
    const behind = (panniers: number) =>
      codes({ subframe: 'none', behind_kg: { tail: 2, panniers } });
    expect(behind(4)).toEqual([]);
    expect(behind(5)).toEqual(['no-subframe']);
  });
  test('lifting: against what the rider says, and not where nothing is said', () => {
    const lifts = (lift_kg?: number) =>
      codes({ brief: brief((b) => ({ ...b, rider: { ...b.rider, lift_kg } })) });
    expect(lifts(110)).toEqual([]);
    expect(lifts(109)).toEqual(['too-heavy-to-lift']);
    expect(lifts()).toEqual([]);
  });
  test('a tyre’s speed symbol under what the machine reaches', () => {
    expect(found({ tyreSpeeds_kmh: { front: 130, rear: 140 } })).toEqual([
      { code: 'tyre-speed', end: 'front', allows_kmh: 130 },
    ]);
  });
  test('what does not last the trip', () => {
    const long = trip({ length_km: 6000 });
    expect(codes({ brief: long, tyreLife: of(6000) })).toEqual([]);
    expect(found({ brief: long, tyreLife: of(5999), chainLife: of(5000) })).toEqual([
      { code: 'wears-out', what: 'tyre', lasts_km: 5999 },
      { code: 'wears-out', what: 'chain', lasts_km: 5000 },
    ]);
  });
  test('cold: from 6 °C down, with the watts that are left', () => {
    expect(codes({ brief: trip({ cold_C: 7 }) })).toEqual([]);
    expect(found({ brief: trip({ cold_C: 6 }) })).toEqual([
      { code: 'cold', cold_C: 6, watts: 100 },
    ]);
  });
});

test('an axle that is over at its worst end only is called perhaps over', () => {
  expect(
    found({
      axles: { front: of(140), rear: of(150, 160, 170) },
      axleLimits: { front: of(150), rear: of(165) },
    }),
  ).toEqual([{ code: 'over-axle-limit', end: 'rear', over_kg: 5, perhaps: true }]);
  expect(
    codes({
      axles: { front: of(140), rear: of(150, 160, 170) },
      axleLimits: { front: of(150), rear: of(170) },
    }),
  ).toEqual([]);
});

const OFF = { end: 'rear', suits_kg: 70, carried_kg: 95, sag: 0.37 } as const;
test('springs that do not suit: the worse end, with its sag', () =>
  expect(found({ springsOff: OFF })).toEqual([{ code: 'springs-do-not-suit', ...OFF }]));

test('altitude: a word from 2 500 m up', () => {
  expect(found({ brief: trip({ altitude_m: 2500 }) })).toEqual([
    { code: 'altitude', altitude_m: 2500 },
  ]);
  expect(codes({ brief: trip({ altitude_m: 2499 }) })).toEqual([]);
});

test('services stretched beyond the book', () => {
  expect(found({ brief: trip({ serviceStretch_percent: 101 }) })).toEqual([
    { code: 'service-stretched', percent: 101 },
  ]);
  expect(codes({ brief: trip({ serviceStretch_percent: 100 }) })).toEqual([]);
});

describe('parts', () => {
  const [pattern] = Object.values(SHIPPED.parts);
  if (!pattern) throw new Error('no shipped part');
  const part = (id: string, ...flags: readonly PartFlag[]): Part => ({ ...pattern, id, flags });
  const parted = (...parts: readonly Part[]) =>
    found({ parts }).filter((c) => c.code !== 'tell-insurer');

  test('any part at all: tell the insurer, with all of them', () => {
    expect(found({ parts: [part('a'), part('b')] })).toEqual([
      { code: 'tell-insurer', partIds: ['a', 'b'] },
    ]);
  });
  test('lowering: with and without a shorter stand, one end or both', () => {
    expect(parted(part('low', 'lowers-both-ends'))).toEqual([
      { code: 'lowered-without-stand', partIds: ['low'], stand_mm: 0 },
    ]);
    expect(parted(part('low', 'lowers-both-ends'), part('stand', 'shortens-stand'))).toEqual([
      { code: 'lowered', partIds: ['low'] },
    ]);
    expect(parted(part('link', 'lowers-one-end'))).toEqual([
      { code: 'lowered-without-stand', partIds: ['link'], stand_mm: 0 },
      { code: 'lowered-one-end', partIds: ['link'] },
    ]);
    expect(parted(part('stand', 'shortens-stand'))).toEqual([]);
    // 25 mm lower at 11° and 25°: 27.1 mm (reference 15, own).
    const lower = { ...part('low', 'lowers-both-ends'), effects: [LOWER_25] };
    expect(parted(lower)).toMatchObject([{ stand_mm: expect.closeTo(27.1, 1) as number }]);
  });
  test.each([
    'ends-approval',
    'brake-hydraulics',
    'specialist-shock',
    'electrical-load',
    'tyre-rating',
    'speedometer',
    'fuel-can',
    'cable-reach',
  ] as const)('%s: named with the parts that set it off', (flag) => {
    expect(PART_FLAGS).toContain(flag);
    expect(parted(part('one', flag), part('other'))).toEqual([{ code: flag, partIds: ['one'] }]);
  });
});

test('the gravest stand first', () => {
  expect(
    codes({
      payloadLeft: of(-5),
      springsOff: OFF,
      watts: of(-1),
      axleLimits: { front: of(exactly(100).mid), rear: of(230) },
    }),
  ).toEqual(['over-permitted-mass', 'over-axle-limit', 'watts-short', 'springs-do-not-suit']);
});
