import { describe, expect, test } from 'vitest';
import type { MetricKey } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import type { Donor } from '@/core/donor';
import type { FigureKey, Reading } from '@/core/readings';
import { loanCost } from '@/core/money';
import { servicesPerKm, suspensionInterval, wearShares } from '@/core/service';
import { newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

/** A machine with these figures read on it, each in its base unit. */
const machine = (
  figures: Readonly<
    Partial<Record<FigureKey, readonly [number, Reading['unit'], Reading['basis']]>>
  >,
): Donor => ({
  ...newDonor('made-up'),
  donorClass: 'rally-twin',
  figures: Object.fromEntries(
    Object.entries(figures).map(([key, [amount, unit, basis]]) => [
      key,
      { readings: [{ id: key, amount, unit, basis, origin: 'measured', note: '' }] },
    ]),
  ),
});
const base = newBrief('EUR');
const brief = (change: {
  readonly rider?: Partial<Brief['rider']>;
  readonly trip?: Partial<Brief['trip']>;
  readonly money?: Partial<Brief['money']>;
}): Brief => ({
  ...base,
  rider: { ...base.rider, ...change.rider },
  trip: { ...base.trip, ...change.trip },
  money: { ...base.money, ...change.money },
});
const found = (key: MetricKey, donor: Donor, b: Brief = base) => {
  const assessment = assessed(b, donor);
  return { ...assessment.metrics, ...assessment.underLoad() }[key];
};
const estimate = (...args: Parameters<typeof found>) => found(...args).estimate;
const mid = (...args: Parameters<typeof estimate>): number => {
  const e = estimate(...args);
  return e.kind === 'known' ? e.interval.mid : Number.NaN;
};
const missing = (...args: Parameters<typeof estimate>): readonly string[] => {
  const e = estimate(...args);
  return e.kind === 'unknown' ? e.missing : [];
};

describe('mass by hand (statics)', () => {
  const donor = machine({ mass: [200, 'kg', 'ready'], maxMass: [380, 'kg', 'stated'] });
  const load = brief({
    rider: { mass_kg: 80, kit_kg: 12 },
    trip: { luggage_kg: 25, pillion_kg: undefined },
  });
  const two = brief({
    rider: { mass_kg: 80, kit_kg: 12 },
    trip: { luggage_kg: 25, pillion_kg: 60 },
  });
  test('200 + 80 + 12 + 25 = 317 kg, which leaves 63 of 380', () => {
    expect(mid('readyMass', donor, load)).toBeCloseTo(200, 9);
    expect(mid('loadedMass', donor, load)).toBeCloseTo(317, 9);
    expect(mid('payloadLeft', donor, load)).toBeCloseTo(63, 9);
  });
  test('a passenger of 60 kg leaves 3', () =>
    expect(mid('payloadLeft', donor, two)).toBeCloseTo(3, 9));
  test('without a permitted maximum what is left is only typical; with the payload on the plate it is that less the load', () => {
    const unread = machine({ mass: [200, 'kg', 'ready'] });
    expect(assessed(load, unread).metrics.payloadLeft.typical).toEqual(['maxMass']);
    const plate = machine({ mass: [200, 'kg', 'ready'], payload: [180, 'kg', 'stated'] });
    const { rider, trip } = load;
    expect(mid('payloadLeft', plate, load)).toBeCloseTo(
      180 - rider.mass_kg - rider.kit_kg - trip.luggage_kg - (trip.pillion_kg ?? 0),
      6,
    );
    expect(assessed(load, plate).metrics.payloadLeft.typical).toBeUndefined();
  });
  test('40 kW on 317 kg are 126.2 kW/t', () =>
    expect(
      mid('powerToMass', machine({ mass: [200, 'kg', 'ready'], power: [40, 'kW', 'crank'] }), load),
    ).toBeCloseTo(126.18, 1));
  test('it takes 200 kg × 0.55 m ÷ 1 m × sin 70° × 9.80665 = 1013.7 N to start it up', () =>
    expect(mid('lift', donor, load)).toBeCloseTo(1013.7, 0));
});

describe('range by hand', () => {
  // 20 L × 0.95 × (1 − 0.1) × 100 ÷ (4 × 1.1): gravel takes a tenth more (own assumption).
  test('20 L at 4 L/100 km on gravel with a tenth kept back: 388.6 km', () => {
    // As the quote is taken to be made: 75 kg in the saddle, nothing carried, no wind.
    const donor = machine({
      mass: [200, 'kg', 'ready'],
      tank: [20, 'L', 'stated'],
      consumption: [4, 'L/100km', 'mixed'],
    });
    const gravel = {
      ...brief({
        rider: { mass_kg: 75, kit_kg: 0 },
        trip: {
          reserve_percent: 10,
          luggage_kg: 0,
          pillion_kg: undefined,
          headwind_kmh: undefined,
        },
      }),
      ground: {
        motorway: 0,
        openRoad: 0,
        town: 0,
        gravel: 100,
        twoTrack: 0,
        singleTrack: 0,
        sandMud: 0,
      },
    };
    expect(mid('consumption', donor, gravel)).toBeCloseTo(4.4, 9);
    expect(mid('range', donor, gravel)).toBeCloseTo(388.6, 1);
    expect(
      assessed(gravel, machine({ mass: [200, 'kg', 'ready'], tank: [20, 'L', 'stated'] })).metrics
        .range.typical,
    ).toEqual(['consumption']);
  });
});

describe('watts by hand', () => {
  test('300 W × 0.9 − 180 W = 90 W', () => {
    const donor = machine({ alternator: [300, 'W', 'stated'], stockDraw: [180, 'W', 'stated'] });
    expect(mid('wattsLeft', donor)).toBeCloseTo(90, 6);
  });
  test('with the draw not known nothing is left to say', () =>
    expect(missing('wattsLeft', machine({ alternator: [300, 'W', 'stated'] }))).toEqual([
      'stockDraw',
    ]));
});

describe('room to stand by hand', () => {
  const donor = machine({ barHeight: [1180, 'mm', 'stated'], pegHeight: [330, 'mm', 'stated'] });
  // Riser rule of common practice (no source): 870 mm at 1.78 m, a third of what stature is over it.
  test('1180 − 330 − 870 = −20 mm at 1.78 m; 30 mm taller asks 10 more', () => {
    expect(mid('standingRoom', donor, brief({ rider: { height_mm: 1780 } }))).toBeCloseTo(-20, 6);
    expect(mid('standingRoom', donor, brief({ rider: { height_mm: 1810 } }))).toBeCloseTo(-30, 6);
    expect(mid('standingRoom', donor, brief({ rider: { height_mm: 1750 } }))).toBeCloseTo(-10, 6);
  });
});

describe('services by hand', () => {
  const donor = machine({
    serviceInterval: [6000, 'km', 'stated'],
    oilInterval: [3000, 'km', 'stated'],
    oilCapacity: [1.8, 'L', 'stated'],
  });
  const away = (change: Partial<Brief['trip']>) =>
    brief({ trip: { length_km: 14_000, ...change } });
  test('14 000 km at 6 000: two; stretched to 150 %, at 9 000: one', () => {
    expect(mid('tripServices', donor, away({}))).toBe(2);
    expect(mid('tripServices', donor, away({ serviceStretch_percent: 150 }))).toBe(1);
  });
  test('a machine that has run 4 500 km already is due three times', () => {
    const used: Donor = {
      ...donor,
      kind: 'machine',
      baseId: 'model',
      machine: { state: 'for-sale', which: '', odometer_km: 4500, fitted: [] },
    } as unknown as Donor;
    expect(mid('tripServices', used, away({}))).toBe(3);
  });
  test('oil: four changes of 1.8 L are 7.2 L; stretched twofold, two of them', () => {
    expect(mid('oilToCarry', donor, away({}))).toBeCloseTo(7.2, 9);
    expect(mid('oilToCarry', donor, away({ serviceStretch_percent: 200 }))).toBeCloseTo(3.6, 9);
  });
  test('9 000 km a year at 6 000: one and a half', () =>
    expect(mid('servicesYear', donor, brief({ money: { yearly_km: 9000 } }))).toBeCloseTo(1.5, 9));
  test('a year without its distance is not known', () =>
    expect(missing('servicesYear', donor, brief({ money: { yearly_km: undefined } }))).toEqual([
      'money.yearly_km',
    ]));
});

const power = (donor: Donor): number => {
  const { estimate: kW } = assessed(base, donor).figures.power;
  return kW.kind === 'known' ? kW.mid : Number.NaN;
};

describe('keeping it, by hand', () => {
  const donor = machine({
    price: [8000, 'EUR', 'asked'],
    consumption: [4, 'L/100km', 'mixed'],
    serviceInterval: [6000, 'km', 'stated'],
  });
  const kept = brief({
    money: {
      yearsKept: 3,
      yearly_km: 6000,
      fuel_perL: 2,
      insurance_perYear: 300,
      tax_perYear: 50,
      service_each: 250,
      wear_per1000km: 40,
      onTheRoadCosts: 0,
    },
  });
  test('sold after three years at 8 % a year (own assumption): 8000 × 0.92³ = 6229.5', () =>
    expect(mid('resale', donor, kept)).toBeCloseTo(6229.5, 1));
  test('a year: loss ÷ 3 + fuel + wear of this machine + its services + insurance + tax', () => {
    const fuel = (mid('consumption', donor, kept) / 100) * 6000 * 2;
    const loss = (mid('outlay', donor, kept) - 6229.504) / 3;
    const wear = Object.values(
      wearShares(mid('loadedMass', donor, kept), power(donor), kept.ground, true),
    ).reduce((sum, x) => sum + x, 0);
    const services = servicesPerKm(
      { book_km: 6000, suspension_km: suspensionInterval(kept.ground) },
      kept.money.ownSpanners,
    );
    const year = loss + fuel + 6 * 40 * wear + 6000 * services * 250 + 300 + 50;
    expect(mid('yearlyCost', donor, kept)).toBeCloseTo(year, 2);
    expect(mid('costPerKm', donor, kept)).toBeCloseTo(year / 6000, 6);
  });
  test('each kind of service at the price on the sheet: 90, 210, 180 and 320 by hand', () => {
    const priced = machine({
      price: [8000, 'EUR', 'asked'],
      consumption: [4, 'L/100km', 'mixed'],
      serviceInterval: [6000, 'km', 'stated'],
      valveInterval: [12_000, 'km', 'stated'],
      oilPrice: [90, 'EUR', 'stated'],
      inspectionPrice: [210, 'EUR', 'stated'],
      valvesPrice: [180, 'EUR', 'stated'],
      suspensionPrice: [320, 'EUR', 'stated'],
    });
    const shop = (ownSpanners: boolean, service_each: number | undefined = 250) =>
      mid('yearlyCost', priced, brief({ money: { ...kept.money, ownSpanners, service_each } }));
    // 6 000 km: an oil change, an inspection, half a valve service, fork and shock by the ground.
    const suspension = (320 * 6000) / suspensionInterval(kept.ground);
    const services = 90 + 210 + 90 + suspension;
    const without = shop(false) - services;
    const noPrices = mid('yearlyCost', donor, kept);
    expect(without).toBeGreaterThan(0);
    expect(without).toBeLessThan(noPrices);
    // Nothing hangs on the price of a full service any more, and it need not be known.
    expect(shop(false, 999)).toBeCloseTo(shop(false), 6);
    expect(shop(false, undefined)).toBeCloseTo(shop(false), 6);
    // Oil changed at home is materials only, 0.12 of the 0.3 that an oil change is of a full service (own assumption).
    expect(shop(false) - shop(true)).toBeCloseTo(90 - (90 * 0.12) / 0.3, 6);
  });
  test('a loan adds its interest over the years kept, and nothing else', () => {
    const lent = { ...kept.money, loanInterest_percent: 6, loanMonths: 60, loanDeposit: 2000 };
    const { interest } = loanCost({ lent: 6000, yearly_percent: 6, months: 60 });
    expect(
      mid('yearlyCost', donor, brief({ money: lent })) - mid('yearlyCost', donor, kept),
    ).toBeCloseTo(interest / 3, 6);
    // Without months it is no loan.
    expect(mid('yearlyCost', donor, brief({ money: { ...lent, loanMonths: undefined } }))).toBe(
      mid('yearlyCost', donor, kept),
    );
  });
  test.each([
    'yearsKept',
    'yearly_km',
    'fuel_perL',
    'insurance_perYear',
    'tax_perYear',
    'service_each',
    'wear_per1000km',
  ] as const)('without %s the cost is not known, and says so', (key) => {
    const less = brief({ money: { ...kept.money, [key]: undefined } });
    expect(missing('yearlyCost', donor, less)).toContain(`money.${key}`);
    expect(missing('costPerKm', donor, less)).toContain(`money.${key}`);
  });
});

describe('sag by hand', () => {
  const springs = machine({
    mass: [200, 'kg', 'ready'],
    forkRate: [5, 'N/mm', 'stated'],
    shockRate: [70, 'N/mm', 'stated'],
    travelFront: [200, 'mm', 'taped-travel'],
    travelRear: [200, 'mm', 'taped-travel'],
    rake: [27, 'deg', 'stated'],
  });
  test('the front, where only the rate is told: 5 N/mm a leg and a tenth for its air suit a rider of 60.4 kg', () => {
    const b = brief({
      rider: { mass_kg: 80, kit_kg: 0 },
      trip: { luggage_kg: 0, pillion_kg: undefined },
    });
    const perKg = (0.3 * 9.80665 * Math.cos((27 * Math.PI) / 180)) / (2 * 5 * 1.1);
    const suits = (0.072 * 200) / perKg;
    expect(suits).toBeCloseTo(60.4, 1);
    expect(mid('sagFront', springs, b)).toBeCloseTo(0.3 + ((80 - suits) * perKg) / 200, 6);
  });
  test('the rear, a rate without its lever: the rider who is typical of the class stands in', () =>
    expect(found('sagRear', springs).typical).toEqual(['springRiderMass']));
});
