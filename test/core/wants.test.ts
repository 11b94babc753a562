import { describe, expect, test } from 'vitest';
import { GROUNDS, type Brief, type Ground } from '@/core/brief';
import {
  swingPoints,
  WANT_GROUPS,
  WANT_KEYS,
  wantCurves,
  wantDefinition,
  wantWeights,
  type WantKey,
} from '@/core/preference';
import { newBrief } from '@/store/records';

const base = newBrief('EUR');
const only = (ground: Ground) =>
  Object.fromEntries(GROUNDS.map((g) => [g, g === ground ? 100 : 0])) as Record<Ground, number>;
const brief: Brief = {
  ...base,
  rider: { ...base.rider, skill: 'improving' },
  ground: only('gravel'),
  trip: { ...base.trip, cruise_kmh: 100, fuelGap_km: 300, workshopGap_km: 1000 },
  money: { ...base.money, budget: 10_000, tripFund: 2000, gear: 0 },
};
const curve = (want: WantKey, change: Partial<Brief> = {}) =>
  wantCurves({ ...brief, ...change })[want];
const trip = (change: Partial<Brief['trip']>) => ({ trip: { ...brief.trip, ...change } });

// Own assumptions, written down by hand from the table of wants in docs/formulas.md.
describe('what a brief asks of each want', () => {
  test('reach, suspension, payload, wheels and support ask the same of everybody', () => {
    expect(curve('heelGap')).toEqual({ floor: 120, need: 65, ideal: 10 });
    expect(curve('kneeAngle')).toEqual({ floor: 50, need: 65, ideal: 80 });
    expect(curve('standingRoom')).toEqual({ floor: -90, need: -30, ideal: 10 });
    expect(curve('suspension')).toEqual({ floor: 0.5, need: 0.85, ideal: 1 });
    expect(curve('payloadLeft')).toEqual({ floor: 0, need: 15, ideal: 50 });
    expect(curve('wheels')).toEqual({ floor: 0.3, need: 0.7, ideal: 1 });
    expect(curve('support')).toEqual({ floor: 0.2, need: 0.6, ideal: 1 });
  });
  test.each([
    ['new', 230, 175, 125],
    ['improving', 240, 185, 130],
    ['seasoned', 260, 205, 140],
    ['expert', 280, 225, 150],
  ] as const)('mass goes by skill: %s, %d to %d kg', (skill, floor, need, ideal) =>
    expect(curve('readyMass', { rider: { ...brief.rider, skill } })).toEqual({
      floor,
      need,
      ideal,
    }),
  );
  test('power goes by the cruise: 0.85 kW/t for each km/h', () => {
    expect(curve('powerToMass').need).toBeCloseTo(85, 9);
    expect(curve('powerToMass').floor).toBeCloseTo(45, 9);
    expect(curve('powerToMass').ideal).toBeCloseTo(160, 9);
    expect(curve('powerToMass', trip({ cruise_kmh: 60 })).need).toBeCloseTo(51, 9);
  });
  test('range goes by the longest gap', () => {
    const { floor, need, ideal } = curve('range');
    expect(need).toBe(300);
    expect(floor).toBeCloseTo(180, 9);
    expect(ideal).toBeCloseTo(405, 9);
  });
  test('services go by the way between workshops, and never ask for less than 500 km', () => {
    expect(curve('serviceInterval').need).toBe(1000);
    expect(curve('serviceInterval').floor).toBeCloseTo(400, 9);
    expect(curve('serviceInterval').ideal).toBeCloseTo(3000, 9);
    expect(curve('serviceInterval', trip({ workshopGap_km: 500 })).need).toBe(500);
    expect(curve('serviceInterval', trip({ workshopGap_km: 499 })).need).toBe(500);
    expect(curve('serviceInterval', trip({ workshopGap_km: 501 })).need).toBe(501);
  });
  test('protection goes by loose ground, of which gravel counts half', () => {
    const need = (ground: Ground) => curve('protection', { ground: only(ground) }).need;
    expect(need('openRoad')).toBeCloseTo(0.2, 9);
    expect(need('gravel')).toBeCloseTo(0.45, 9);
    for (const loose of ['twoTrack', 'singleTrack', 'sandMud'] as const)
      expect(need(loose)).toBeCloseTo(0.7, 9);
  });
  test('wind goes by the cruise, between 20 and 70 of 100', () => {
    const need = (cruise_kmh: number) => curve('wind', trip({ cruise_kmh })).need;
    expect(need(60)).toBeCloseTo(0.2, 9);
    expect(need(80)).toBeCloseTo(0.2, 9);
    expect(need(81)).toBeCloseTo(0.21, 9);
    expect(need(100)).toBeCloseTo(0.4, 9);
    expect(need(130)).toBeCloseTo(0.7, 9);
    expect(need(150)).toBeCloseTo(0.7, 9);
  });
  test('outlay goes by the money without the trip fund', () => {
    const { floor, need, ideal } = curve('outlay');
    expect(need).toBe(8000);
    expect(floor).toBeCloseTo(10_800, 9);
    expect(ideal).toBeCloseTo(4000, 9);
    expect(curve('outlay', { money: { ...brief.money, budget: 2000 } }).need).toBe(1);
  });
});

describe('one definition a want', () => {
  test('each stands in one group', () => {
    for (const want of WANT_KEYS) expect(WANT_GROUPS[wantDefinition(want).group]).toContain(want);
    expect(WANT_KEYS).toHaveLength(19);
  });
  test.each([...WANT_KEYS])('%s matters between nothing and four on every ground', (want) => {
    const matters = GROUNDS.map((g) => wantDefinition(want).matters[g]);
    expect(Math.min(...matters)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...matters)).toBeLessThanOrEqual(4);
    expect(Math.max(...matters)).toBeGreaterThan(0);
  });
  test('money counts the same everywhere', () =>
    expect(new Set(Object.values(wantDefinition('outlay').matters))).toEqual(new Set([2])));
});

describe('what beliefs do to the weights', () => {
  const share = (want: WantKey, schools: Brief['schools']) => {
    const points = swingPoints({ ground: only('openRoad'), schools });
    return points[want] / points.outlay;
  };
  const plain = (want: WantKey) => share(want, undefined);
  test.each<[WantKey, NonNullable<Brief['schools']>, number]>([
    ['readyMass', { size: 'light-first' }, 1.6],
    ['heelGap', { size: 'light-first' }, 1.3],
    ['powerToMass', { size: 'light-first' }, 0.8],
    ['wind', { size: 'light-first' }, 0.7],
    ['readyMass', { size: 'middle' }, 1],
    ['powerToMass', { size: 'road-first' }, 1.3],
    ['wind', { size: 'road-first' }, 1.5],
    ['range', { size: 'road-first' }, 1.2],
    ['readyMass', { size: 'road-first' }, 0.7],
    ['heelGap', { size: 'road-first' }, 0.9],
    ['powerToMass', { engine: 'low-torque' }, 0.8],
    ['readyMass', { engine: 'low-torque' }, 1.1],
    ['powerToMass', { engine: 'revs' }, 1.3],
    ['suspension', { springs: 'soft-is-fine' }, 0.85],
    ['suspension', { springs: 'to-the-rider' }, 1.15],
  ])('%s under %o: times %d', (want, schools, by) =>
    expect(share(want, schools) / plain(want)).toBeCloseTo(by, 9),
  );
  test('two beliefs multiply', () =>
    expect(
      share('readyMass', { size: 'light-first', engine: 'low-torque' }) / plain('readyMass'),
    ).toBeCloseTo(1.6 * 1.1, 9));
  test('a mixed ground is the mean of its grounds by their shares', () => {
    const half = { ...only('openRoad'), openRoad: 50, singleTrack: 50 };
    const { readyMass, outlay } = wantWeights({ ground: half });
    // Mass matters 1 on open road and 4 on single track, money 2 on both.
    expect(readyMass / outlay).toBeCloseTo((0.5 * 1 + 0.5 * 4) / 2, 9);
  });
});

describe('the season', () => {
  const wind = (trip: Partial<Brief['trip']>, motorway?: Brief['schools']) => {
    const points = swingPoints({ ground: only('openRoad'), schools: motorway, trip });
    return points.wind / points.outlay;
  };
  test('shelter counts more where it is cold or wet, and never less than on a mild dry day', () => {
    const mild = wind({});
    expect(wind({ cold_C: 15 })).toBeCloseTo(mild, 9);
    expect(wind({ cold_C: 30 })).toBeCloseTo(mild, 9);
    expect(wind({ cold_C: 5 }) / mild).toBeCloseTo(1.3, 9);
    expect(wind({ cold_C: -20 }) / mild).toBeCloseTo(1.6, 9);
    expect(wind({ wet_percent: 50 }) / mild).toBeCloseTo(1.2, 9);
  });
});

test('aids count only for those who believe something of them', () => {
  expect(swingPoints({ ground: only('gravel') }).aids).toBe(0);
  expect(swingPoints({ ground: only('gravel'), schools: { aids: 'simple' } }).aids).toBeGreaterThan(
    0,
  );
});
