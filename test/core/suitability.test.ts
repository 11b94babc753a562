import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Brief, GroundShares } from '@/core/brief';
import type { DonorFacts } from '@/core/facts';
import { standingRoom } from '@/core/fit';
import { exactly, known, unknown } from '@/core/numeric';
import { protectionIndex, supportIndex, wheelIndex, windIndex } from '@/core/suitability';
import {
  endMatch,
  riderLike,
  springFactor,
  springMismatch,
  suspensionMatch,
} from '@/core/suspension';
import { millimetres } from '@/core/units';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY, newBrief } from '@/store/records';

const facts = (says: Readonly<Record<string, string>>): DonorFacts =>
  Object.fromEntries(
    Object.entries(says).map(([key, value]) => [
      key,
      { readings: [{ id: key, value, origin: 'claimed', note: '' }] },
    ]),
  );
const sheet = (says: Readonly<Record<string, string>>) => ({
  id: 'm',
  donorClass: 'dual-sport-single' as const,
  facts: facts(says),
});
const rim = (x: number) => ({ estimate: known(exactly(x * 25.4)), basis: 'stated' as const });
const ROAD: GroundShares = {
  motorway: 50,
  openRoad: 50,
  town: 0,
  gravel: 0,
  twoTrack: 0,
  singleTrack: 0,
  sandMud: 0,
};
const NOWHERE: GroundShares = { ...ROAD, motorway: 0, openRoad: 0 };
const TRAIL: GroundShares = {
  motorway: 0,
  openRoad: 0,
  town: 0,
  gravel: 0,
  twoTrack: 0,
  singleTrack: 100,
  sandMud: 0,
};
const mid = (index: ReturnType<typeof windIndex>) =>
  index.estimate.kind === 'known' ? index.estimate.interval.mid : Number.NaN;
const brief: Brief = demoDossier().briefs[BRIEF_KEY] ?? newBrief('EUR');

describe('indices from facts (worths are own assumption; their order is common practice, no source)', () => {
  test('everything there is 1, nothing there is 0, and each reason is listed', () => {
    const best = protectionIndex(
      sheet({ sumpGuard: 'alloy', handGuards: 'spine', crashBars: 'full', underEngine: 'rails' }),
    );
    expect(best.estimate.kind === 'known' && best.estimate.interval.low).toBeCloseTo(1, 12);
    expect(best.reasons.map((r) => [r.name, r.says])).toEqual([
      ['sumpGuard', 'alloy'],
      ['handGuards', 'spine'],
      ['crashBars', 'full'],
      ['underEngine', 'rails'],
    ]);
    expect(mid(windIndex(sheet({ screen: 'none', fairing: 'none' })))).toBe(0);
  });
  test('less than half told is not known and names what is missing', () => {
    const { estimate } = protectionIndex(sheet({ crashBars: 'full' }));
    expect(estimate).toMatchObject({
      kind: 'unknown',
      missing: ['sumpGuard', 'handGuards', 'underEngine'],
    });
  });
  test('what is left open counts as the worst it may be, and spans to all of its weight', () => {
    const { estimate } = windIndex(sheet({ screen: 'tall' }));
    if (estimate.kind !== 'known') throw new Error('not known');
    expect(estimate.mid).toBeCloseTo(0.51, 9);
    expect(estimate.interval.low).toBeCloseTo(0.51, 9);
    expect(estimate.interval.high).toBeCloseTo(0.91, 9);
  });
  test('saying that there is none never costs more than saying nothing', () => {
    const silent = windIndex(sheet({ fairing: 'half' }));
    const none = windIndex(sheet({ fairing: 'half', screen: 'none' }));
    expect(none.worth.mid).toBeGreaterThanOrEqual(silent.worth.mid);
    expect(windIndex(sheet({})).worth.mid).toBe(0);
  });
  test('in the table of draws an untold fact is what its class has, as often as the class has it', () => {
    // Plates of dual-sport singles: 62 % light, 35 % none, 3 % strong (own estimates, low confidence).
    const { worth } = protectionIndex(
      sheet({ handGuards: 'none', crashBars: 'none', underEngine: 'rails' }),
    );
    const rows = [...(worth.rows ?? [])];
    const share = (value: number) =>
      rows.filter((x) => Math.abs(x - value) < 1e-9).length / rows.length;
    expect(share(0.15)).toBeCloseTo(0.35, 2);
    expect(share(0.15 + 0.35 * 0.5)).toBeCloseTo(0.62, 2);
    expect(share(0.15 + 0.35)).toBeCloseTo(0.03, 2);
  });
  test('21/18 spoked wheels suit the trail, 17/17 cast ones the road', () => {
    const trail = (shares: GroundShares) =>
      mid(wheelIndex(sheet({ wheelType: 'spoked-tubes' }), rim(21), rim(18), shares));
    const road = (shares: GroundShares) =>
      mid(wheelIndex(sheet({ wheelType: 'cast' }), rim(17), rim(17), shares));
    expect(trail(TRAIL)).toBeGreaterThan(road(TRAIL) + 0.3);
    expect(road(ROAD)).toBeGreaterThan(trail(ROAD) + 0.2);
  });
  // The two schools of wheels (common practice, no source): 21/18 spoked for rough ground, 19/17 tubeless for roads and plugs.
  const wheels = (type: string, front: number, rear: number) => (shares: GroundShares) =>
    mid(wheelIndex(sheet({ wheelType: type }), rim(front), rim(rear), shares));
  const spoked2118 = wheels('spoked-tubes', 21, 18);
  const tubeless2118 = wheels('spoked-tubeless', 21, 18);
  const spoked1917 = wheels('spoked-tubes', 19, 17);
  const cast1917 = wheels('cast', 19, 17);
  const on = (shares: Partial<GroundShares>): GroundShares => ({ ...NOWHERE, ...shares });
  test('half gravel and rough tracks: 21/18 spoked before 19/17 cast, clearly', () => {
    const half = on({
      openRoad: 40,
      motorway: 5,
      town: 5,
      gravel: 25,
      twoTrack: 20,
      singleTrack: 5,
    });
    expect(spoked2118(half)).toBeGreaterThan(cast1917(half) + 0.05);
  });
  test('roads with a little gravel: 19/17 cast, mended by a plug, before 21/18 with tubes', () => {
    const road = on({ openRoad: 60, motorway: 20, town: 10, gravel: 10 });
    expect(cast1917(road)).toBeGreaterThan(spoked2118(road) + 0.1);
  });
  test('every school: tubeless spokes never below tubes but on rocks, a 21 before a 19 off the road, cast last on rocks', () => {
    const rocks = on({ singleTrack: 80, twoTrack: 20 });
    for (const shares of [on({ openRoad: 100 }), on({ gravel: 100 }), on({ twoTrack: 100 })])
      expect(tubeless2118(shares)).toBeGreaterThanOrEqual(spoked2118(shares));
    expect(spoked2118(rocks)).toBeGreaterThan(spoked1917(rocks) + 0.2);
    expect(spoked1917(rocks)).toBeGreaterThan(cast1917(rocks));
  });
  test('never jumps with a share, and stays between 0 and 1', () => {
    for (let rough = 0; rough < 100; rough += 1) {
      const at = (x: number) => cast1917(on({ openRoad: 100 - x, twoTrack: x }));
      expect(Math.abs(at(rough + 1) - at(rough))).toBeLessThan(0.02);
      expect(at(rough)).toBeGreaterThanOrEqual(0);
      expect(at(rough)).toBeLessThanOrEqual(1);
    }
  });
  test('a dealer further off never helps', () => {
    const at = (km: number) =>
      mid(
        supportIndex(
          sheet({ partsSupply: 'good', aftermarket: 'some', stillMade: 'yes' }),
          known(exactly(km)),
        ),
      );
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 0, max: 300 }),
        (km, more) => at(km + more) <= at(km) + 1e-12,
      ),
      { seed: 61 },
    );
  });
});

describe('springs against rider and load', () => {
  test('the rear also carries luggage; a passenger too', () => {
    const solo = {
      ...brief,
      rider: { ...brief.rider, mass_kg: 80 },
      trip: { ...brief.trip, luggage_kg: 30, pillion_kg: undefined },
    };
    expect(riderLike(solo, 'front')).toBe(80);
    expect(riderLike(solo, 'rear')).toBe(96);
    expect(riderLike({ ...solo, trip: { ...solo.trip, pillion_kg: 70 } }, 'rear')).toBe(152);
  });
  test('stock springs suit 75 kg on a light dual-sport and are 33 % over at 100 kg: respring beyond 10 % (common practice, no source)', () => {
    expect(springMismatch(100, 75)).toBeCloseTo(1 / 3, 9);
    expect(springFactor(0.1, false)).toBe(1);
    expect(springFactor(1 / 3, false)).toBeCloseTo(1 - (1 / 3 - 0.1), 9);
    expect(springFactor(1 / 3, true)).toBeGreaterThan(springFactor(1 / 3, false));
    expect(springFactor(-1 / 3, false)).toBeGreaterThan(springFactor(1 / 3, false));
    expect(springFactor(5, false)).toBe(0.6);
  });
  test('a heavier rider never improves the match of springs made for a lighter one, and springs to the rider never harm', () => {
    const design = known({ low: 70, mid: 75, high: 80 });
    const match = (mass_kg: number, sprung: boolean) => {
      const of = { ...brief, rider: { ...brief.rider, mass_kg } };
      const parts = { sprungToRider: new Set(sprung ? (['front', 'rear'] as const) : []) };
      const [f, r] = (['front', 'rear'] as const).map((end) =>
        endMatch(
          end,
          of,
          known(exactly(millimetres(230))),
          { suits: design },
          facts({ forkAdjust: 'none', shockAdjust: 'preload' }),
          parts,
          'm',
        ),
      );
      const match = f && r ? suspensionMatch(f, r) : unknown('x');
      return match.kind === 'known' ? match.interval.mid : Number.NaN;
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 80, max: 130 }),
        fc.integer({ min: 1, max: 40 }),
        (kg, more) => {
          expect(match(kg + more, false)).toBeLessThanOrEqual(match(kg, false) + 1e-12);
          expect(match(kg, true)).toBeGreaterThanOrEqual(match(kg, false) - 1e-12);
        },
      ),
      { seed: 62 },
    );
  });
});

test('standing room: 10 mm of riser for every 30 mm of stature (common practice, low confidence)', () => {
  expect(standingRoom(1200, 330, 1780)).toBeCloseTo(0, 9);
  expect(standingRoom(1200, 330, 1780) - standingRoom(1200, 330, 1840)).toBeCloseTo(20, 9);
});
