import fc from 'fast-check';
import { lusolve, matrix } from 'mathjs';
import { describe, expect, test } from 'vitest';
import { axleLoads, claimInFuel, luggagePlaces, PLACES, type MetricKey } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { resolveDonor, type Donor } from '@/core/donor';
import { fuelRange, fuelShort } from '@/core/fuel';
import { sprocketOptions } from '@/core/gearing';
import { certain, exactly, type Estimate } from '@/core/numeric';
import { kilometres, litres, litresPer100Km } from '@/core/units';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

const dossier = demoDossier();
const brief: Brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const donor = (id: string): Donor => resolveDonor(dossier.donors, id) ?? newDonor(id);
const withTrip = (trip: Partial<Brief['trip']>): Brief => ({
  ...brief,
  trip: { ...brief.trip, ...trip },
});
const withMoney = (money: Partial<Brief['money']>): Brief => ({
  ...brief,
  money: { ...brief.money, ...money },
});
const metric = (b: Brief, d: Donor, key: MetricKey) => {
  const a = assessed(b, d);
  return ({ ...a.metrics, ...a.underLoad() } as Record<string, (typeof a.metrics)['range']>)[key]
    ?.estimate;
};
const mid = (b: Brief, d: Donor, key: MetricKey): number => {
  const estimate = metric(b, d, key);
  return estimate?.kind === 'known' ? estimate.interval.mid : Number.NaN;
};
const middle = (e: Estimate): number => (e.kind === 'known' ? e.mid : Number.NaN);
const twin = donor('dunelark-720');
const codes = (b: Brief, d: Donor) => assessed(b, d).cautions.map((c) => c.code);

describe('loads on the axles', () => {
  test('agree with the two equations of statics solved by a general-purpose library', () => {
    const loaded = withTrip({ luggage_kg: 40, tankBag_kg: 6, tail_kg: 10, pillion_kg: 60 });
    const { figures } = assessed(loaded, twin);
    const loads = axleLoads(loaded, figures);
    const [mass, wheelbase] = [figures.mass.estimate, figures.wheelbase.estimate].map((e) =>
      e.kind === 'known' ? e.interval.mid : Number.NaN,
    ) as [number, number];
    const places = luggagePlaces(loaded);
    const carried = [
      [PLACES.machine.behind, mass],
      [PLACES.rider.behind, brief.rider.mass_kg + brief.rider.kit_kg],
      [PLACES.pillion.behind, 60],
      [PLACES.tankBag.behind, 6],
      [PLACES.panniers.behind, 24],
      [PLACES.tail.behind, 10],
    ] as const;
    expect(places).toEqual({ tankBag: 6, tail: 10, panniers: 24 });
    const total = carried.reduce((sum, [, kg]) => sum + kg, 0);
    const moment = carried.reduce((sum, [behind, kg]) => sum + behind * wheelbase * kg, 0);
    const [[front], [rear]] = lusolve(
      matrix([
        [1, 1],
        [0, wheelbase],
      ]),
      matrix([[total], [moment]]),
    ).valueOf() as [[number], [number]];
    expect(middle(loads.front)).toBeCloseTo(front, 6);
    expect(middle(loads.rear)).toBeCloseTo(rear, 6);
  });
  test('luggage is never more than there is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 60 }),
        (luggage_kg, tankBag_kg, tail_kg) => {
          const p = luggagePlaces(withTrip({ luggage_kg, tankBag_kg, tail_kg }));
          expect(p.tankBag + p.panniers + p.tail).toBeCloseTo(luggage_kg, 9);
          expect(Math.min(p.tankBag, p.panniers, p.tail)).toBeGreaterThanOrEqual(0);
        },
      ),
      { seed: 81 },
    );
  });
  test('weight moved from the tail to the tank bag loads the front', () => {
    const share = (trip: Partial<Brief['trip']>) => {
      const loads = axleLoads(withTrip(trip), assessed(brief, twin).figures);
      return middle(loads.frontShare);
    };
    expect(share({ luggage_kg: 30, tankBag_kg: 10, tail_kg: 0 })).toBeGreaterThan(
      share({ luggage_kg: 30, tankBag_kg: 0, tail_kg: 10 }),
    );
  });
});

describe('thin air, wind and passengers', () => {
  test('3000 m leaves 70 % of the rated power (ISA air, ISO 1585 form, from memory: 0.7034); sea level all of it', () => {
    expect(mid(withTrip({ altitude_m: 3000, heat_C: undefined }), twin, 'powerThere')).toBeCloseTo(
      0.7034,
      3,
    );
    expect(
      mid(withTrip({ altitude_m: undefined, heat_C: undefined }), twin, 'powerThere'),
    ).toBeCloseTo(1, 9);
  });
  test('height and headwind never leave more power at the cruise', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 1, max: 1000 }),
        fc.integer({ min: 1, max: 30 }),
        (altitude_m, headwind_kmh, up, gust) => {
          const here = mid(withTrip({ altitude_m, headwind_kmh }), twin, 'cruisePower');
          expect(
            mid(withTrip({ altitude_m, headwind_kmh: headwind_kmh + gust }), twin, 'cruisePower'),
          ).toBeLessThanOrEqual(here + 1e-9);
          expect(
            mid(withTrip({ altitude_m: altitude_m + up, headwind_kmh: 0 }), twin, 'powerThere'),
          ).toBeLessThanOrEqual(mid(withTrip({ altitude_m, headwind_kmh: 0 }), twin, 'powerThere'));
        },
      ),
      { seed: 82, numRuns: 40 },
    );
  });
  test('a passenger takes payload kilogram for kilogram and pushes the axle loads back', () => {
    expect(
      mid(withTrip({ pillion_kg: undefined }), twin, 'payloadLeft') -
        mid(withTrip({ pillion_kg: 70 }), twin, 'payloadLeft'),
    ).toBeCloseTo(70, 9);
  });
  test('cautions: height, a seat for one, a load over the axle, a stretched service', () => {
    expect(codes(withTrip({ altitude_m: 3400 }), twin)).toContain('altitude');
    expect(codes(withTrip({ altitude_m: 800 }), twin)).not.toContain('altitude');
    expect(codes(withTrip({ pillion_kg: 70 }), donor('wren-230'))).toContain('no-passenger');
    expect(codes(withTrip({ pillion_kg: 70 }), donor('sorrel-300'))).not.toContain('no-passenger');
    expect(codes(withTrip({ serviceStretch_percent: 140 }), twin)).toContain('service-stretched');
    const limited: Donor = {
      ...twin,
      figures: {
        ...twin.figures,
        axleLimitRear: {
          readings: [
            { id: 'a', amount: 150, unit: 'kg', basis: 'stated', origin: 'claimed', note: '' },
          ],
        },
      },
    };
    expect(codes(brief, limited)).toContain('over-axle-limit');
    expect(codes(withTrip({ luggage_kg: 90, tankBag_kg: 0, tail_kg: 90 }), twin)).toContain(
      'light-front',
    );
  });
});

describe('services and money', () => {
  test('6 650 km a year at 9 500 km a service: 0.7 a year, half as many when stretched twofold', () => {
    const b = withMoney({ yearly_km: 6650 });
    expect(mid(b, donor('drover-430'), 'servicesYear')).toBeCloseTo(0.7, 9);
    expect(
      mid(
        { ...b, trip: { ...b.trip, serviceStretch_percent: 200 } },
        donor('drover-430'),
        'servicesYear',
      ),
    ).toBeCloseTo(0.35, 9);
  });
  test('resale of a used machine: 8 % a year (own assumption); with the outlay and the running it makes the cost once', () => {
    const b = withMoney({
      yearsKept: 5,
      yearly_km: 8000,
      fuel_perL: 1.8,
      insurance_perYear: 420,
      tax_perYear: 90,
      service_each: 320,
      wear_per1000km: 45,
    });
    const machine = donor('drover-430-brenfold');
    const [outlay, resale, fuel] = (['outlay', 'resale', 'consumption'] as const).map((k) =>
      mid(b, machine, k),
    ) as [number, number, number];
    const items = Object.fromEntries(
      (assessed(b, machine).underLoad().yearlyCost.working.inputs ?? []).map((i) => [
        i.name,
        middle(i.estimate),
      ]),
    );
    const asked = machine.figures.price?.readings[0]?.amount ?? Number.NaN;
    expect(resale / asked).toBeCloseTo(0.92 ** 5, 2);
    const byHand =
      outlay -
      resale +
      (fuel / 100) * 40_000 * 1.8 +
      5 * (420 + 90) +
      5 *
        ['tyres', 'chain', 'pads', 'servicing'].reduce(
          (sum, item) => sum + (items[`keeping.${item}`] ?? Number.NaN),
          0,
        );
    expect(mid(b, machine, 'yearlyCost')).toBeCloseTo(byHand / 5, 6);
    expect(mid(b, machine, 'costPerKm')).toBeCloseTo(byHand / 40_000, 9);
  });
  test('one figure left out of the brief leaves the cost not known, never as if it were nothing', () => {
    const { insurance_perYear: _left, ...money } = brief.money;
    expect(metric({ ...brief, money }, twin, 'yearlyCost')).toMatchObject({
      kind: 'unknown',
      missing: ['money.insurance_perYear'],
    });
    expect(metric({ ...brief, money }, twin, 'resale')?.kind).toBe('known');
  });
  test('“pays for itself in fuel”: by hand, never where it drinks more, not known without a price of fuel', () => {
    const [a, b] = [
      assessed(brief, donor('sorrel-300-longway')).metrics,
      assessed(brief, donor('drover-430-brenfold')).metrics,
    ];
    const money = { ...brief.money, yearly_km: 8000, fuel_perL: 1.8 };
    const claim = claimInFuel(a, b, money);
    const of = (m: typeof a, k: 'outlay' | 'consumption') =>
      m[k].estimate.kind === 'known' ? m[k].estimate.interval.mid : Number.NaN;
    if (claim.kind === 'years')
      expect(claim.years).toBeCloseTo(
        (of(a, 'outlay') - of(b, 'outlay')) /
          (80 * (of(b, 'consumption') - of(a, 'consumption')) * 1.8),
        6,
      );
    else expect(claim.kind).toBe('never');
    const thirsty = {
      ...a,
      consumption: { ...a.consumption, estimate: certain(9) },
    };
    expect(claimInFuel(thirsty, b, money).kind).toBe('never');
    expect(claimInFuel(a, b, { ...money, fuel_perL: undefined })).toEqual({
      kind: 'unknown',
      missing: ['money.fuel_perL'],
    });
  });
});

describe('fuel and teeth', () => {
  test('short of 310 km on 284 km at 4 L/100 km: 1.04 L; nothing where it reaches', () => {
    const range = { low: kilometres(240), mid: kilometres(284), high: kilometres(330) };
    const use = { low: litresPer100Km(3.5), mid: litresPer100Km(4), high: litresPer100Km(4.8) };
    expect(fuelShort(range, use, 310)).toEqual({
      usual_L: 1.04,
      worst_L: expect.closeTo(3.36, 9) as number,
    });
    expect(fuelShort(range, use, 200)).toEqual({ usual_L: 0, worst_L: 0 });
  });
  test('fuel that is short, put in the tank, reaches the gap', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 6, max: 20, noNaN: true }),
        fc.double({ min: 3, max: 7, noNaN: true }),
        fc.integer({ min: 100, max: 600 }),
        (tank, use, gap) => {
          const range = fuelRange(litres(tank), litresPer100Km(use), 0);
          const { usual_L } = fuelShort(exactly(range), exactly(litresPer100Km(use)), gap);
          expect(range + (usual_L * 100) / use).toBeGreaterThanOrEqual(gap - 1e-6);
        },
      ),
      { seed: 83 },
    );
  });
  const train = {
    primary: 1.9,
    gears: [2.75, 1.9, 1.45, 1.15, 0.97, 0.85],
    frontTeeth: 16,
    rearTeeth: 45,
    circumference_m: 2.121,
  };
  test('16 → 15: speed −6.25 %, meter +6.67 %; the axle moves 3.7 mm back on 110 links of 520 chain (handbook formula, from memory)', () => {
    const option = sprocketOptions(train, 1400, { pitch_mm: 15.875, links: 110 }).find(
      (o) => o.frontTeeth === 15,
    );
    expect(option?.change.speed).toBeCloseTo(-0.0625, 9);
    expect(option?.change.speedometer).toBeCloseTo(16 / 15, 9);
    expect(option?.axleForward_mm).toBeCloseTo(-3.695, 2);
  });
  test('the axle’s move hardly depends on the links that are taken where they are not known, and is not known without a pitch', () => {
    const usual = sprocketOptions(train, 1400, { pitch_mm: 15.875, links: undefined });
    const counted = sprocketOptions(train, 1400, { pitch_mm: 15.875, links: 118 });
    usual.forEach((o, i) =>
      expect(o.axleForward_mm).toBeCloseTo(counted[i]?.axleForward_mm ?? Number.NaN, 0),
    );
    expect(
      sprocketOptions(train, 1400, { pitch_mm: undefined, links: 110 }).every(
        (o) => o.axleForward_mm === undefined,
      ),
    ).toBe(true);
  });
  test('from shortest to tallest, crawl with them', () => {
    const crawls = sprocketOptions(train, 1400, { pitch_mm: undefined, links: undefined }).map(
      (o) => o.crawl_kmh,
    );
    expect(crawls).toEqual(crawls.toSorted((a, b) => a - b));
  });
});
