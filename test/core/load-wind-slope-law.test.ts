import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Brief } from '@/core/brief';
import { SHIPPED_PARTS } from '@/core/catalogue';
import type { Donor } from '@/core/donor';
import type { Part } from '@/core/part';
import type { FigureKey, Reading } from '@/core/readings';
import { gripGrade, tippingGrade } from '@/core/road-load';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

const base: Brief = demoDossier().briefs[BRIEF_KEY] ?? newBrief('EUR');
type Quoted = readonly [number, Reading['unit'], Reading['basis']];
const machine = (
  figures: Readonly<Partial<Record<FigureKey, Quoted>>>,
  more: Partial<Donor> = {},
): Donor =>
  ({
    ...newDonor('m'),
    donorClass: 'scrambler-single',
    figures: Object.fromEntries(
      Object.entries(figures).map(([key, [amount, unit, basis]]) => [
        key,
        { readings: [{ id: key, amount, unit, basis, origin: 'measured', note: '', spread: 0 }] },
      ]),
    ),
    ...more,
  }) as Donor;
/** The same figures as a maker's claims. */
const claimedBy = (donor: Donor): Donor => ({
  ...donor,
  figures: Object.fromEntries(
    Object.entries(donor.figures).map(([key, figure]) => [
      key,
      {
        readings: (figure?.readings ?? []).map((r) => ({
          ...r,
          origin: 'claimed' as const,
          spread: undefined,
        })),
      },
    ]),
  ),
});
const trip = (change: Partial<Brief['trip']>): Brief => ({
  ...base,
  trip: { ...base.trip, ...change },
});
const [some] = SHIPPED_PARTS;
if (!some) throw new Error('no parts');
const part = (effects: Part['effects'], mass_kg = 0): Part => ({
  ...some,
  id: 'plain',
  effects,
  mass_kg,
  flags: [],
  sets: {},
});

describe('the licence judges the machine as approved', () => {
  const a2: Brief = {
    ...base,
    rider: { ...base.rider, licence: 'A2' },
    musts: { ...base.musts, on: ['licence'] },
  };
  // 35 kW ÷ 170 kg = 0.2059 kW/kg: fails 0.2 (Directive 2006/126/EC Art. 4(3), from memory).
  const figures = {
    power: [35, 'kW', 'crank'],
    mass: [170, 'kg', 'ready'],
    tank: [10, 'L', 'stated'],
  } as const;
  test('35 kW and 170 kg is not an A2 machine, and no rack, case or tank makes it one', () => {
    const verdict = (parts: readonly Part[]) =>
      assessed(a2, machine(figures), parts).musts[0]?.verdict;
    expect(verdict([])).toBe('fail');
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 10, max: 30 }),
        (kg, litres) => {
          expect(verdict([part([], kg)])).toBe('fail');
          expect(verdict([part([{ figure: 'tank', change: 'set', amount: litres }], kg)])).toBe(
            'fail',
          );
        },
      ),
      { numRuns: 25 },
    );
  });
  // 35 kW = 46.936 hp = 47.587 PS: brochures round it to 47 and 48 (reference 3, from memory).
  test.each([
    [47, 'hp', 'unsure'],
    [48, 'PS', 'unsure'],
    [46, 'hp', 'pass'],
    [49, 'PS', 'fail'],
    [48, 'hp', 'fail'],
    [35, 'kW', 'pass'],
    [35.1, 'kW', 'fail'],
  ] as const)('%d %s in a brochure: %s', (amount, unit, verdict) => {
    const heavy = { ...figures, mass: [210, 'kg', 'ready'] } as const;
    const claimed = claimedBy(machine({ ...heavy, power: [amount, unit, 'crank'] }));
    const { musts, cautions } = assessed(a2, claimed);
    expect(musts[0]?.verdict).toBe(verdict);
    if (verdict === 'fail') expect(musts[0]?.broken).toEqual({ licence: 'A2', rules: ['power'] });
    if (verdict === 'unsure')
      expect(cautions.find((c) => c.code === 'licence-unsure')).toMatchObject({ rounded: true });
  });
  test('a part that changes the power changes the licence: 33 kW ÷ 169.3 kg in running order is 0.195', () => {
    const less = part([{ figure: 'power', change: 'set', amount: 33 }]);
    expect(assessed(a2, machine(figures), [less]).musts[0]?.verdict).toBe('pass');
  });
});

describe('services: the soonest of distance, hours and months', () => {
  const every = (figures: Parameters<typeof machine>[0], brief: Brief = base) => {
    const { estimate } = assessed(brief, machine(figures)).metrics.serviceInterval;
    return estimate.kind === 'known' ? estimate.mid : undefined;
  };
  const gravel: Brief = {
    ...base,
    ground: {
      motorway: 0,
      openRoad: 0,
      town: 0,
      gravel: 100,
      twoTrack: 0,
      singleTrack: 0,
      sandMud: 0,
    },
    money: { ...base.money, yearly_km: 6000 },
  };
  // Gravel is ridden at 50 km/h (own): 15 h are 750 km; 6 months of 6000 km a year are 3000 km.
  test.each([
    [{ serviceInterval: [10_000, 'km', 'stated'], serviceHours: [15, 'h', 'stated'] }, 750],
    [{ serviceHours: [15, 'h', 'stated'] }, 750],
    [{ serviceInterval: [600, 'km', 'stated'], serviceHours: [15, 'h', 'stated'] }, 600],
    [{ serviceInterval: [10_000, 'km', 'stated'], serviceMonths: [6, 'months', 'stated'] }, 3000],
  ] as const)('%o: %d km', (figures, km) => expect(every(figures, gravel)).toBeCloseTo(km, 6));
  test('a quoted distance is never shortened by hours that are only typical of the class', () => {
    const single = machine(
      { serviceInterval: [5000, 'km', 'stated'] },
      { donorClass: 'competition-single' },
    );
    const { estimate, typical } = assessed(base, single).metrics.serviceInterval;
    expect(estimate).toMatchObject({ kind: 'known', mid: 5000 });
    expect(typical).toBeUndefined();
  });
});

describe('climbs end where thrust, balance or grip end', () => {
  // b = 0.7 m, h = 0.7 m, p = 1.5 m: tips at 45°, rise ÷ run 1. Loaded b/h 0.884 (reference statics): 41.5°.
  test('tipping: b ÷ h', () => {
    expect(tippingGrade({ ahead_m: 0.7, height_m: 0.7 })).toBe(1);
    expect(tippingGrade({ ahead_m: 0.884, height_m: 1 })).toBeCloseTo(
      Math.tan((41.478 * Math.PI) / 180),
      3,
    );
  });
  // μ 0.6 on half the load of p 1.5, h 0.6: (0.3 − 0.03) ÷ (1 − 0.24) = 0.3553. By moments: at that slope the rear carries
  // (0.5 + 0.6 ÷ 1.5 × 0.3553) of the weight, × 0.6 = 0.3853 = 0.3553 + 0.03.
  test('grip: the load on the rear wheel grows with the slope', () => {
    const stance = { wheelbase_m: 1.5, ahead_m: 0.75, height_m: 0.6, grip: 0.6 };
    const grade = gripGrade(stance, 0.03);
    expect(grade).toBeCloseTo(0.27 / 0.76, 9);
    expect(0.6 * (0.5 + (0.6 / 1.5) * grade)).toBeCloseTo(grade + 0.03, 9);
    expect(gripGrade({ ...stance, height_m: 2.6 }, 0.03)).toBe(Number.POSITIVE_INFINITY);
  });
  test('no machine of the example climbs a wall, and each says what ends its climb', () => {
    for (const donor of Object.values(demoDossier().donors).filter((d) => d.kind === 'model')) {
      const { estimate, working } = assessed(base, donor).underLoad().climb;
      if (estimate.kind === 'unknown') continue;
      expect(estimate.mid, donor.id).toBeLessThan(0.7);
      expect(working.formula.code === 'climb' && working.formula.facts.limit).toMatch(
        /thrust|tipping|grip/,
      );
    }
  });
  test('more on board never climbs steeper', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 1, max: 60 }),
        (luggage_kg, more) => {
          const climb = (kg: number) => {
            const { estimate } = assessed(trip({ luggage_kg: kg }), machine({})).underLoad().climb;
            return estimate.kind === 'known' ? estimate.mid : Number.NaN;
          };
          expect(climb(luggage_kg + more)).toBeLessThanOrEqual(climb(luggage_kg) + 1e-9);
        },
      ),
      { numRuns: 12 },
    ));
});

describe('range feels what is carried and what blows', () => {
  const donor = machine({
    mass: [180, 'kg', 'ready'],
    tank: [15, 'L', 'stated'],
    consumption: [4.03, 'L/100km', 'mixed'],
  });
  const use = (change: Partial<Brief['trip']>) => {
    const { estimate } = assessed(trip(change), donor).metrics.consumption;
    return estimate.kind === 'known' ? estimate.mid : Number.NaN;
  };
  const plain = { luggage_kg: 0, headwind_kmh: undefined, pillion_kg: undefined };
  test('a passenger of 85 kg, 60 kg of luggage and 60 km/h of wind each cost fuel, the wind most', () => {
    const alone = use(plain);
    const [passenger, luggage, wind] = [
      use({ ...plain, pillion_kg: 85 }) - alone,
      use({ ...plain, luggage_kg: 60 }) - alone,
      use({ ...plain, headwind_kmh: 60 }) - alone,
    ];
    expect(passenger).toBeGreaterThan(0.1);
    expect(luggage).toBeGreaterThan(0.2);
    expect(wind).toBeGreaterThan(1.5);
  });
  test('height saves nothing', () =>
    expect(use({ ...plain, altitude_m: 4000 })).toBeCloseTo(
      use({ ...plain, altitude_m: undefined }),
      12,
    ));
});

describe('what follows from what is there', () => {
  test('a rim nobody has measured is read off the tyre’s designation', () => {
    const donor = machine(
      {},
      {
        facts: {
          tyreFront: {
            readings: [{ id: 't', value: '90/90-21 54H', origin: 'claimed', note: '' }],
          },
        },
      },
    );
    const { wheelFront, wheelRear } = assessed(base, donor).figures;
    expect(wheelFront.estimate).toMatchObject({ kind: 'known', mid: 21 * 25.4 });
    expect(wheelFront.typical).toBeUndefined();
    expect(wheelRear.typical).toEqual(['wheelRear']);
  });
});
