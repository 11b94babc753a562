import { describe, expect, test } from 'vitest';
import { GROUNDS, spendable, type Ground, type GroundShares } from '@/core/brief';
import { groundFactor, MIXED_PACE, mixConsumption } from '@/core/fuel';
import { certain } from '@/core/numeric';
import { wantCurves } from '@/core/preference';
import { CLEARANCE_ASKED, clearanceAsked, TRAVEL_ASKED, travelShare } from '@/core/suspension';
import { kilometresPerHour, litresPer100Km, millimetres } from '@/core/units';
import { newBrief } from '@/store/records';

const only = (ground: Ground): GroundShares =>
  Object.fromEntries(GROUNDS.map((g) => [g, g === ground ? 100 : 0])) as Record<Ground, number>;

describe('fuel by ground', () => {
  // Ratios of the reference machine's steady use at 70, 90 and 110 km/h: 2.923, 3.703, 4.678 L/100 km (own constants).
  test.each([
    [70, 2.923 / 3.703],
    [90, 1],
    [110, 4.678 / 3.703],
  ])('motorway at %d km/h', (speed, factor) =>
    expect(groundFactor('motorway', kilometresPerHour(speed)).mid).toBeCloseTo(factor, 3),
  );

  test('the open road is ridden at the cruise, but no faster than mixed pace', () => {
    expect(groundFactor('openRoad', kilometresPerHour(120))).toEqual(
      groundFactor('openRoad', MIXED_PACE),
    );
    expect(groundFactor('openRoad', kilometresPerHour(70)).mid).toBeLessThan(1);
  });

  test('the rougher, the thirstier; slow ground does not ask for the cruise', () => {
    const order: readonly Ground[] = ['gravel', 'twoTrack', 'singleTrack', 'sandMud'];
    const factors = order.map((g) => groundFactor(g, kilometresPerHour(100)).mid);
    expect(factors).toEqual(factors.toSorted((a, b) => a - b));
    for (const g of order)
      expect(groundFactor(g, kilometresPerHour(60))).toEqual(
        groundFactor(g, kilometresPerHour(130)),
      );
  });

  test.each(GROUNDS)('all of the way on %s is that ground’s factor', (ground) => {
    const cruise = kilometresPerHour(100);
    const use = mixConsumption(certain(litresPer100Km(4)), only(ground), cruise);
    if (use.kind !== 'known') throw new Error('not known');
    const factor = groundFactor(ground, cruise);
    expect(use.mid).toBeCloseTo(4 * factor.mid, 12);
    // Every row is 4 times the ground’s row: the two are one source.
    for (const [i, row] of (use.rows ?? []).entries())
      expect(row).toBeCloseTo(4 * (factor.rows?.[i] ?? Number.NaN), 9);
  });
});

describe('what the ground asks of the machine', () => {
  test('trail machines have about 285 mm of clearance, road machines 125–150 (common practice, no source)', () => {
    for (const ground of GROUNDS) {
      expect(CLEARANCE_ASKED[ground]).toBeGreaterThanOrEqual(125);
      expect(CLEARANCE_ASKED[ground]).toBeLessThanOrEqual(285);
    }
    expect(CLEARANCE_ASKED.openRoad).toBeLessThanOrEqual(150);
  });
  test.each(GROUNDS)('travel as asked on %s is worth all of it, half of it half', (ground) => {
    expect(travelShare(millimetres(TRAVEL_ASKED[ground]), only(ground))).toBe(1);
    expect(travelShare(millimetres(TRAVEL_ASKED[ground] / 2), only(ground))).toBeCloseTo(0.5, 12);
  });
  test.each(GROUNDS)('all of the way on %s asks that ground’s clearance', (ground) => {
    expect(clearanceAsked(only(ground))).toEqual({ ground, asked_mm: CLEARANCE_ASKED[ground] });
  });
});

describe('needs follow the brief', () => {
  const brief = newBrief('EUR');
  test('range from the fuel gap, service from the way between workshops, outlay from the money', () => {
    const curves = wantCurves({
      ...brief,
      trip: { ...brief.trip, fuelGap_km: 400, workshopGap_km: 3000 },
    });
    expect(curves.range.need).toBe(400);
    expect(curves.serviceInterval.need).toBe(3000);
    expect(curves.outlay.need).toBe(spendable(brief.money));
  });
  test('a short way between workshops still asks for something', () => {
    expect(
      wantCurves({ ...brief, trip: { ...brief.trip, workshopGap_km: 0 } }).serviceInterval.need,
    ).toBe(500);
  });
  test('a seasoned rider may carry more machine than a new one', () => {
    const need = (skill: 'new' | 'improving' | 'seasoned' | 'expert') =>
      wantCurves({ ...brief, rider: { ...brief.rider, skill } }).readyMass.need;
    expect([need('new'), need('improving'), need('seasoned'), need('expert')]).toEqual([
      175, 185, 205, 225,
    ]);
  });
  test('money that is already spoken for leaves a curve that nothing meets, not a fault', () => {
    const broke = wantCurves({ ...brief, money: { ...brief.money, budget: 100, tripFund: 5000 } });
    expect(broke.outlay.need).toBe(1);
    expect(spendable({ ...brief.money, budget: 100, tripFund: 5000, gear: 50 })).toBe(-4950);
  });
});
