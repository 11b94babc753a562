import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { assess, caseOf, drivetrain, engineCurve, gearing } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import { DONOR_CLASSES, type Donor, type DonorClass } from '@/core/donor';
import { rpmAt, speedPerThousand } from '@/core/gearing';
import { percentiles, type Known } from '@/core/numeric';
import type { Part } from '@/core/part';
import type { FigureKey, Reading } from '@/core/readings';
import {
  standIn,
  TYPICAL_FACT_KEYS,
  TYPICAL_KEYS,
  typicalChances,
  typicalLimits,
  typicalOf,
  type OwnTypicalFacts,
} from '@/core/typical';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import { demoDossier } from '@/demo/scenario';
import { assessed, plainPart } from '../cases';

const brief: Brief = demoDossier().briefs[BRIEF_KEY] ?? newBrief('EUR');
const of = (
  id: string,
  donorClass: DonorClass,
  figures: Readonly<
    Partial<Record<FigureKey, readonly [number, Reading['unit'], Reading['basis']]>>
  > = {},
): Donor => ({
  ...newDonor(id),
  donorClass,
  figures: Object.fromEntries(
    Object.entries(figures).map(([key, [amount, unit, basis]]) => [
      key,
      {
        readings: [{ id: key, amount, unit, basis, origin: 'measured', note: '', spread: 0 }],
      },
    ]),
  ),
});

const rowsOf = (figure: Known | undefined): Float64Array => {
  if (!figure?.rows) throw new Error('no rows');
  return figure.rows;
};
/** Pearson's r. */
function correlation(a: Float64Array, b: Float64Array): number {
  const mean = (x: Float64Array) => x.reduce((s, v) => s + v, 0) / x.length;
  const [ma, mb] = [mean(a), mean(b)];
  let [ab, aa, bb] = [0, 0, 0];
  a.forEach((x, i) => {
    const [da, db] = [x - ma, (b[i] ?? 0) - mb];
    ab += da * db;
    aa += da * da;
    bb += db * db;
  });
  return ab / Math.sqrt(aa * bb);
}

describe('the table of classes', () => {
  // Cells read off the table of classes, the first, a middle and the last column.
  test.each([
    ['air-trail-single', 'mass', 117, 127, 138],
    ['scrambler-single', 'tank', 11.5, 13.5, 15.5],
    ['large-adventure-twin', 'power', 70, 88, 110],
    ['rally-twin', 'speedTop', 24, 26, 28.5],
    ['competition-single', 'serviceHours', 10, 20, 35],
    ['road-v-twin', 'springRiderMass', 70, 80, 92],
  ] as const)('%s %s: %d · %d · %d', (donorClass, key, low, mid, high) =>
    expect(typicalOf(donorClass, key)).toEqual({ low, mid, high }),
  );
  test('every cell rises from low to high and lies within what a sheet may say', () => {
    for (const donorClass of DONOR_CLASSES)
      for (const key of TYPICAL_KEYS) {
        const span = typicalOf(donorClass, key);
        if (!span) continue;
        const { min, max } = typicalLimits(key);
        expect(span.low, `${donorClass} ${key}`).toBeGreaterThanOrEqual(min);
        expect(span.mid).toBeGreaterThan(span.low);
        expect(span.high).toBeGreaterThan(span.mid);
        expect(span.high).toBeLessThanOrEqual(max);
      }
  });
  test('no hours where a class has none; nothing is typical of a price', () => {
    expect(typicalOf('rally-twin', 'serviceHours')).toBeUndefined();
    expect(standIn(of('x', 'rally-twin'), 'price')).toBeUndefined();
  });
});

describe('what stands in', () => {
  test('nine in ten lie between low and high, one in twenty beyond each', () => {
    const seat = standIn(of('x', 'rally-twin'), 'seatHeight');
    const [low, mid, high] = percentiles(rowsOf(seat), 0.05, 0.5, 0.95);
    expect(low).toBeCloseTo(850, 0);
    expect(mid).toBeCloseTo(872, 0);
    expect(high).toBeCloseTo(900, 0);
  });
  test('two machines of one class share three tenths of the doubt; two of one model all of it', () => {
    const seat = (donor: Donor) => rowsOf(standIn(donor, 'seatHeight'));
    const r = correlation(seat(of('x', 'rally-twin')), seat(of('y', 'rally-twin')));
    expect(Math.abs(r - 0.3)).toBeLessThan(0.06);
    const sister = { ...of('y', 'rally-twin'), root: 'x' } as Donor;
    expect([...seat(sister)]).toEqual([...seat(of('x', 'rally-twin'))]);
  });
  test('mass, power and torque rise together, each pair with a correlation of 0.5', () => {
    const machine = of('x', 'large-adventure-twin');
    const rows = (['mass', 'power', 'torque'] as const).map((k) => rowsOf(standIn(machine, k)));
    for (const [a, b] of [
      [0, 1],
      [0, 2],
      [1, 2],
    ] as const)
      expect(
        Math.abs(correlation(rows[a] ?? new Float64Array(), rows[b] ?? new Float64Array()) - 0.5),
      ).toBeLessThan(0.07);
  });
  // Regression of a standard normal on another at r = ½: mean ½z, variance ¾ (textbook).
  test('a mass at the heavy end raises the power by half as much and leaves √¾ of its spread', () => {
    const power = standIn(of('x', 'rally-twin', { mass: [222, 'kg', 'ready'] }), 'power');
    const up = (score: number) => 57 + ((72 - 57) / 1.6448536) * score;
    expect(power?.mid).toBeCloseTo(up(1.6448536 / 2), 6);
    expect(power?.interval.high).toBeCloseTo(up(1.6448536 * (0.5 + Math.sqrt(0.75))), 6);
  });
  test('rims come in pairs: 21/18 on a third of the large twins, 19/17 on the others', () => {
    const machine = of('x', 'large-adventure-twin');
    const [front, rear] = (['wheelFront', 'wheelRear'] as const).map((k) =>
      rowsOf(standIn(machine, k)),
    );
    const large = [...(front ?? [])].map((mm) => mm > 500);
    expect(large.filter(Boolean).length / large.length).toBeCloseTo(1 / 3, 2);
    large.forEach((is, i) => expect((rear?.[i] ?? 0) > 440).toBe(is));
  });
  test('a reading always counts instead, whatever the class says', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...DONOR_CLASSES),
        fc.integer({ min: 700, max: 1000 }),
        (donorClass, mm) => {
          const { figures } = assessed(
            brief,
            of('x', donorClass, { seatHeight: [mm, 'mm', 'standard-seat'] }),
          );
          expect(figures.seatHeight.typical).toBeUndefined();
          expect(figures.seatHeight.estimate).toMatchObject({ kind: 'known', mid: mm });
        },
      ),
      { numRuns: 60 },
    ));
  test('a line that the rider has put right counts in every machine of the class and in no other', () => {
    const span = { low: 900, mid: 910, high: 930 };
    const mine: Brief = { ...brief, typical: { 'rally-twin': { seatHeight: span } } };
    const seat = (donorClass: DonorClass) => {
      const { estimate } = assessed(mine, of('x', donorClass)).figures.seatHeight;
      return estimate.kind === 'known' ? estimate.mid : undefined;
    };
    expect(seat('rally-twin')).toBe(910);
    expect(seat('scrambler-single')).toBe(822);
  });
  test('a dry mass with no tank told is ready to ride with the tank of its class, and says so', () => {
    const { mass } = assessed(brief, of('x', 'rally-twin', { mass: [190, 'kg', 'dry'] })).figures;
    expect(mass.typical).toEqual(['tank']);
    expect(mass.estimate.kind).toBe('known');
  });
  test('a part that sets a figure settles it', () => {
    const tank = plainPart([{ figure: 'tank', change: 'set', amount: 24 }]);
    const { figures } = assessed(brief, of('x', 'rally-twin'), [tank]);
    expect(figures.tank.typical).toBeUndefined();
    expect(figures.tank.estimate).toMatchObject({ kind: 'known', mid: 24 });
  });
});

describe('limits of law and maker', () => {
  test('a typical permitted maximum never keeps the payload, but may break it', () => {
    const must = (luggage_kg: number) =>
      assessed(
        {
          ...brief,
          trip: { ...brief.trip, luggage_kg },
          musts: { ...brief.musts, on: ['payload'] },
        },
        of('x', 'rally-twin'),
      ).musts[0];
    expect(must(5)).toMatchObject({ verdict: 'not-known' });
    expect(must(5)?.chance).toBeGreaterThan(0.9);
    expect(must(190)).toMatchObject({ verdict: 'fail' });
  });
  test('nor does a typical power keep an A2 licence; a full one asks for none', () => {
    const must = (licence: 'A' | 'A2', donorClass: DonorClass) =>
      assessed(
        {
          ...brief,
          rider: { ...brief.rider, licence },
          musts: { ...brief.musts, on: ['licence'] },
        },
        of('x', donorClass),
      ).musts[0]?.verdict;
    expect(must('A2', 'air-trail-single')).toBe('not-known');
    expect(must('A2', 'large-adventure-twin')).toBe('fail');
    expect(must('A', 'air-trail-single')).toBe('pass');
  });
  test('a must that is no limit is judged by its chance', () => {
    const a = assessed(
      { ...brief, musts: { ...brief.musts, on: ['readyMass'], readyMass_kg: 240 } },
      of('x', 'rally-twin'),
    );
    expect(a.musts[0]).toMatchObject({ verdict: 'pass', typical: ['mass'] });
  });
});

describe('engine and gears', () => {
  const train = (donor: Donor, parts: readonly Part[] = []) => {
    const { figures } = assessed(brief, donor, parts);
    const found = drivetrain({ donor, figures });
    if (found.kind === 'unknown') throw new Error(found.missing.join());
    return found.value;
  };
  test('a rally twin of which nothing is known: 26 km/h for each 1000 rpm in top, 8.2 in first', () => {
    const gears = train(of('x', 'rally-twin'));
    expect(speedPerThousand(gears, 1)).toBeCloseTo(8.2, 9);
    expect(speedPerThousand(gears, gears.gears.length)).toBeCloseTo(26, 9);
    // 104 km/h ÷ 26 × 1000.
    expect(rpmAt(gears, gears.gears.length, 104)).toBeCloseTo(4000, 6);
    const speeds = gears.gears.map((_, i) => speedPerThousand(gears, i + 1));
    expect(speeds).toEqual(speeds.toSorted((a, b) => a - b));
  });
  const teeth = {
    sprocketFront: [15, 'teeth', 'stated'],
    sprocketRear: [45, 'teeth', 'stated'],
  } as const;
  const sprocket = (change: 'add' | 'set', amount: number): Part =>
    plainPart([{ figure: 'sprocketRear', change, amount }]);
  test('three teeth more at the rear: 45/48 of the speed', () => {
    const gears = train(of('x', 'rally-twin', teeth), [sprocket('add', 3)]);
    expect(speedPerThousand(gears, gears.gears.length)).toBeCloseTo((26 * 45) / 48, 9);
  });
  test('a sprocket fitted where nobody has counted the stock teeth: not known, since it may be either way', () => {
    const donor = of('x', 'rally-twin');
    const { figures } = assessed(brief, donor, [sprocket('set', 48)]);
    expect(gearing({ donor, figures })).toEqual({
      kind: 'unknown',
      missing: ['sprocketRear'],
    });
  });
  const ENGINE = ['power', 'powerRpm', 'torque', 'torqueRpm', 'redline', 'idleSpeed'] as const;
  test('whatever part of an engine is quoted, what stands in agrees with it', () => {
    const donors = Object.values(demoDossier().donors).filter((d) => d.kind === 'model');
    fc.assert(
      fc.property(
        fc.constantFrom(...donors),
        fc.subarray([...ENGINE]),
        fc.constantFrom(...DONOR_CLASSES),
        (donor, left, donorClass) => {
          const whole = assessed(brief, donor).figures;
          if (engineCurve(whole).kind === 'unknown') return;
          const figures = Object.fromEntries(
            Object.entries(donor.figures).filter(
              ([key]) => !(left as readonly string[]).includes(key),
            ),
          );
          // In its own class, and in one that it has been put into by mistake.
          for (const cls of [donor.donorClass, donorClass]) {
            const curve = engineCurve(
              assessed(brief, { ...donor, figures, donorClass: cls }).figures,
            );
            if (curve.kind === 'unknown') expect(left.length).toBeLessThan(6);
            if (cls === donor.donorClass)
              expect(curve.kind, `${donor.id} without ${left.join()}`).toBe('known');
          }
        },
      ),
      { numRuns: 150 },
    );
  });
  test('typical figures widen what the road allows, and the middle is the formula’s at the middles', () => {
    const known = of('x', 'rally-twin', {
      mass: [208, 'kg', 'ready'],
      power: [57, 'kW', 'crank'],
      powerRpm: [8600, 'rpm', 'stated'],
      torque: [69, 'Nm', 'crank'],
      torqueRpm: [6500, 'rpm', 'stated'],
      redline: [9900, 'rpm', 'stated'],
      idleSpeed: [1350, 'rpm', 'stated'],
    });
    const blank = of('y', 'rally-twin');
    const climb = (donor: Donor) => {
      const { estimate } = assessed(brief, donor).underLoad().climb;
      if (estimate.kind === 'unknown') throw new Error(estimate.missing.join());
      return estimate.interval;
    };
    const [a, b] = [climb(known), climb(blank)];
    expect(b.mid).toBeCloseTo(a.mid, 6);
    expect(b.high - b.low).toBeGreaterThan(a.high - a.low);
    // Gears alone are typical of the first: thrust goes with 1 ÷ speed, 7.2 and 9.4 about 8.2.
    expect(a.high / a.mid).toBeGreaterThan(1.05);
    expect(a.low / a.mid).toBeLessThan(0.95);
  });
});

describe('facts of a class as the rider holds them', () => {
  const plain = newBrief('EUR');
  const donor = { ...newDonor('bare'), donorClass: 'rally-twin' as const };
  const shelter = (typicalFacts?: OwnTypicalFacts) => {
    const { metrics } = assess(caseOf({ brief: { ...plain, typicalFacts }, donor }));
    return metrics.wind.standIn;
  };
  const mean = (of: ReturnType<typeof shelter>) => {
    const rows = [...(of?.rows ?? [])];
    return rows.reduce((sum, x) => sum + x, 0) / rows.length;
  };
  test('move what nobody has told in the draws, and not the figure that is shown', () => {
    const [ours, bare] = [shelter(), shelter({ 'rally-twin': { screen: { none: 100 } } })];
    expect(bare?.mid).toBe(ours?.mid);
    expect(mean(bare)).toBeLessThan(mean(ours));
    const tall = shelter({ 'rally-twin': { screen: { tall: 100 } } });
    // A screen is 0.6 of shelter, a tall one is worth 0.85 of it: all else alike, 0.51 apart.
    expect(mean(tall) - mean(bare)).toBeCloseTo(0.6 * 0.85, 6);
  });
  test('are taken in proportion; what adds to nothing is none; other classes keep theirs', () => {
    const half = shelter({ 'rally-twin': { screen: { none: 10, tall: 10 } } });
    const whole = shelter({ 'rally-twin': { screen: { none: 50, tall: 50 } } });
    expect(mean(half)).toBeCloseTo(mean(whole), 9);
    expect(mean(shelter({ 'rally-twin': { screen: { none: 0 } } }))).toBe(mean(shelter()));
    expect(mean(shelter({ 'road-v-twin': { screen: { none: 100 } } }))).toBe(mean(shelter()));
  });
  test('the table gives every class all of each fact', () => {
    for (const donorClass of DONOR_CLASSES)
      for (const fact of TYPICAL_FACT_KEYS) {
        const chances = Object.values(typicalChances(donorClass, fact) ?? {});
        expect(chances.reduce((sum, c) => sum + c, 0)).toBe(100);
      }
    expect(typicalChances('rally-twin', 'abs')).toBeUndefined();
  });
});
