import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { GROUNDS, spendable, type Ground, type GroundShares } from '@/core/brief';
import {
  carriedConsumption,
  carriedFactor,
  groundFactor,
  QUOTED_RIDER_KG,
  REFERENCE_MACHINE,
  type Carried,
  type Thirst,
} from '@/core/fuel';
import {
  between,
  certain,
  isDoubtful,
  ROWS,
  source,
  type Estimate,
  type Known,
} from '@/core/numeric';
import { DRIVELINE_EFFICIENCY, dragAreaOf } from '@/core/assessment';
import { resolveDonor } from '@/core/donor';
import { airAt } from '@/core/engine';
import { powerToHold, ROLLING_COEFFICIENT } from '@/core/road-load';
import { demoDossier } from '@/demo/scenario';
import { wantCurves } from '@/core/preference';
import { CLEARANCE_ASKED, clearanceAsked, TRAVEL_ASKED, travelShare } from '@/core/suspension';
import { kilograms, litresPer100Km, millimetres } from '@/core/units';
import { newBrief } from '@/store/records';
import { assessed } from '../cases';

const only = (ground: Ground): GroundShares =>
  Object.fromEntries(GROUNDS.map((g) => [g, g === ground ? 100 : 0])) as Record<Ground, number>;

/** The reference machine, 225 kg with the usual rider of 75 kg. */
const THIRST: Thirst = {
  bareDrag_m2: REFERENCE_MACHINE.dragArea_m2,
  drag_m2: REFERENCE_MACHINE.dragArea_m2,
};
const ALONE: Carried = { load_kg: QUOTED_RIDER_KG, headwind_kmh: 0, cruise_kmh: 90 };
const MACHINE_KG = 225;
const factorOn = (ground: Ground, how: Partial<Carried> = {}, what: Partial<Thirst> = {}): number =>
  carriedFactor(certain(MACHINE_KG), only(ground), { ...THIRST, ...what }, { ...ALONE, ...how })
    .mid;

describe('fuel by ground', () => {
  // Ratios of the reference machine's steady use at 70, 90 and 110 km/h: 2.923, 3.703, 4.678 L/100 km (own constants).
  test.each([
    [70, 2.923 / 3.703],
    [90, 1],
    [110, 4.678 / 3.703],
  ])('motorway at %d km/h', (cruise_kmh, factor) =>
    expect(factorOn('motorway', { cruise_kmh })).toBeCloseTo(factor, 3),
  );
  // At 110 km/h: headwind of 20 km/h +25.0 %, 0.10 m² more +11.5 % (reference checks of the Willans line).
  test('at 110 km/h 20 km/h of headwind cost a quarter, and 0.1 m² more drag 11.5 %', () => {
    const still = factorOn('motorway', { cruise_kmh: 110 });
    expect(factorOn('motorway', { cruise_kmh: 110, headwind_kmh: 20 }) / still).toBeCloseTo(
      1.25,
      3,
    );
    expect(
      factorOn('motorway', { cruise_kmh: 110 }, { drag_m2: THIRST.bareDrag_m2 + 0.1 }) / still,
    ).toBeCloseTo(1.115, 3);
  });
  // 85 kg more at 90 km/h: 85 × 9.80665 × 0.02 N × 25 m/s ÷ 0.9 ÷ 0.37 of 32.0335 MJ/L, over 25 m/s: 0.1563 L/100 km of 3.703.
  test('a passenger of 85 kg costs 0.156 L/100 km at 90 km/h, by hand', () => {
    const more = (85 * 9.80665 * 0.02 * 1e5) / 0.9 / 0.37 / (0.745 * 43e6);
    expect(more).toBeCloseTo(0.1563, 4);
    const one = factorOn('motorway');
    expect(factorOn('motorway', { load_kg: QUOTED_RIDER_KG + 85 }) - one).toBeCloseTo(
      more / 3.7032,
      4,
    );
  });
  test('as quoted it is as quoted: a usual rider, no luggage, no wind, mixed pace', () => {
    expect(factorOn('motorway')).toBeCloseTo(1, 12);
    expect(factorOn('openRoad')).toBeCloseTo(1, 12);
  });
  test('the open road is ridden at the cruise, but no faster than mixed pace', () => {
    expect(factorOn('openRoad', { cruise_kmh: 120 })).toBeCloseTo(1, 12);
    expect(factorOn('openRoad', { cruise_kmh: 70 })).toBeLessThan(1);
  });
  test('the rougher, the thirstier; slow ground does not ask for the cruise', () => {
    const order: readonly Ground[] = ['gravel', 'twoTrack', 'singleTrack', 'sandMud'];
    const factors = order.map((g) => factorOn(g));
    expect(factors).toEqual(factors.toSorted((a, b) => a - b));
    for (const g of order) {
      expect(factorOn(g)).toBeCloseTo(groundFactor(g).mid, 12);
      expect(factorOn(g, { cruise_kmh: 130 })).toBeCloseTo(factorOn(g, { cruise_kmh: 60 }), 12);
    }
  });
  test('more load, drag or wind never saves fuel, on any ground', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...GROUNDS),
        fc.integer({ min: 40, max: 250 }),
        fc.integer({ min: 0, max: 120 }),
        fc.integer({ min: 0, max: 80 }),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 50, max: 140 }),
        (ground, load_kg, more, headwind_kmh, gust, cruise_kmh) => {
          const here = factorOn(ground, { load_kg, headwind_kmh, cruise_kmh });
          expect(
            factorOn(ground, { load_kg: load_kg + more, headwind_kmh, cruise_kmh }),
          ).toBeGreaterThanOrEqual(here);
          expect(
            factorOn(ground, { load_kg, headwind_kmh: headwind_kmh + gust, cruise_kmh }),
          ).toBeGreaterThanOrEqual(here);
        },
      ),
      { seed: 14, numRuns: 200 },
    ));
  test.each(GROUNDS)(
    'all of the way on %s: every row is the quote times that ground’s row, one source',
    (ground) => {
      const use = carriedConsumption(
        certain(litresPer100Km(4)),
        certain(kilograms(MACHINE_KG)),
        only(ground),
        THIRST,
        ALONE,
      );
      if (use.kind !== 'known') throw new Error('not known');
      const cost = groundFactor(ground);
      expect(use.mid).toBeCloseTo(4 * cost.mid, 9);
      for (const [i, row] of (use.rows ?? []).entries())
        expect(row).toBeCloseTo(4 * (cost.rows?.[i] ?? Number.NaN), 9);
    },
  );
  test('a way that asks little by little asks little by little more: no share makes the clearance jump', () => {
    const at = (share: number) =>
      clearanceAsked({
        ...only('openRoad'),
        openRoad: 100 - 3 * share,
        twoTrack: share,
        singleTrack: share,
        sandMud: share,
      }).asked_mm;
    for (let share = 0; share < 15; share += 1) {
      expect(at(share + 1)).toBeGreaterThanOrEqual(at(share));
      expect(at(share + 1) - at(share)).toBeLessThan(45);
    }
    // 9 % each of two-track, single track and sand asked no more than the road before.
    expect(at(9)).toBeGreaterThan(255);
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

// What a row of the table of draws says must be what the formula says of that row's values: reckoned here row by row.
describe('row by row', () => {
  const SHARES: GroundShares = {
    motorway: 20,
    openRoad: 25,
    town: 5,
    gravel: 20,
    twoTrack: 15,
    singleTrack: 10,
    sandMud: 5,
  };
  const RIDDEN: Carried = { load_kg: 131, headwind_kmh: 12, cruise_kmh: 104 };
  const CARRIED: Thirst = { ...THIRST, drag_m2: THIRST.bareDrag_m2 + 0.07 };
  const mass = source('a machine', between(kilograms(198), kilograms(215), kilograms(206)));
  const shareOn = (g: Ground, kg: number) =>
    carriedFactor(certain(kg), only(g), CARRIED, RIDDEN).mid / groundFactor(g).mid;

  test('fuel over mixed ground is each ground’s, by its share', () => {
    const factor = carriedFactor(mass, SHARES, CARRIED, RIDDEN);
    expect(factor.mid).toBeCloseTo(
      GROUNDS.reduce(
        (sum, g) => sum + (SHARES[g] / 100) * shareOn(g, mass.mid) * groundFactor(g).mid,
        0,
      ),
      9,
    );
    for (const row of [0, 1, 37, 512, ROWS - 1]) {
      const kg = mass.rows?.[row] ?? Number.NaN;
      const byHand = GROUNDS.reduce(
        (sum, g) =>
          sum +
          (SHARES[g] / 100) * shareOn(g, kg) * (groundFactor(g).rows?.[row] ?? groundFactor(g).mid),
        0,
      );
      expect(factor.rows?.[row]).toBeCloseTo(byHand, 9);
    }
  });
  test('on paved ground alone a machine of known mass has no doubt of its own', () => {
    const paved = carriedFactor(certain(206), only('openRoad'), CARRIED, RIDDEN);
    expect(isDoubtful(paved)).toBe(isDoubtful(groundFactor('openRoad')));
  });
  test('power left at the cruise is one less what holds it, by what there is', () => {
    const dossier = demoDossier();
    const brief = {
      ...newBrief('EUR'),
      rider: dossier.briefs['brief']?.rider ?? newBrief('EUR').rider,
    };
    const donor = resolveDonor(dossier.donors, 'drover-430');
    if (!donor) throw new Error('no such donor in the demo');
    const { metrics, figures } = assessed(brief, donor);
    const column = (e: Estimate): Known => {
      if (e.kind === 'unknown') throw new Error(e.missing.join());
      return e;
    };
    const [left, power, loaded] = [
      metrics.cruisePower.estimate,
      figures.power.estimate,
      metrics.loadedMass.estimate,
    ].map(column);
    const at = (of: Known | undefined, row: number): number =>
      of?.rows?.[row] ?? of?.mid ?? Number.NaN;
    for (const row of [0, 99, ROWS - 1]) {
      const held = powerToHold(
        {
          mass_kg: at(loaded, row),
          rollingCoefficient: ROLLING_COEFFICIENT.openRoad,
          dragArea_m2: dragAreaOf(donor, brief),
          airDensity_kgm3: airAt(0, undefined).density_kgm3,
        },
        brief.trip.cruise_kmh,
        DRIVELINE_EFFICIENCY,
      );
      expect(at(left, row)).toBeCloseTo(1 - held / at(power, row), 9);
    }
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
