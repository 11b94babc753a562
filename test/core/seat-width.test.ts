import { erf } from 'mathjs';
import { describe, expect, test } from 'vitest';
import { assess, caseOf } from '@/core/assessment';
import { SEAT_WIDTHS } from '@/core/brief';
import { DONOR_CLASSES, type Donor, type DonorClass } from '@/core/donor';
import { seatWidth, seatWidthChances, STANCE_LIMITS } from '@/core/fit';
import type { OwnTypicalFacts } from '@/core/typical';
import { newBrief, newDonor } from '@/store/records';

const blank = newBrief('EUR');
const brief = { ...blank, rider: { ...blank.rider, inseam_mm: 800, sole_mm: 30 } };

/** A machine with a seat that is exactly known in height, and in width where it is given. */
const machine = (donorClass: DonorClass, seat_mm: number, width?: string): Donor => ({
  ...newDonor('m'),
  donorClass,
  figures: {
    seatHeight: {
      readings: [
        {
          id: 's',
          amount: seat_mm,
          unit: 'mm',
          basis: 'standard-seat',
          origin: 'measured',
          note: '',
          spread: 0,
        },
      ],
    },
  },
  ...(width
    ? {
        facts: {
          seatWidth: { readings: [{ id: 'w', value: width, origin: 'measured', note: '' }] },
        },
      }
    : {}),
});
const seated = (donor: Donor, typicalFacts?: OwnTypicalFacts) => {
  const { stance, metrics } = assess(caseOf({ brief: { ...brief, typicalFacts }, donor }));
  const gap = metrics.heelGap.estimate;
  if (stance.kind === 'unknown' || gap.kind === 'unknown') throw new Error('not known');
  return { stance, gap };
};
const phi = (z: number) => 0.5 * (1 + erf(z / Math.SQRT2));

describe('a seat whose width nobody has told', () => {
  test('stands in the middle at what most of its class have, as if that had been told', () => {
    for (const donorClass of DONOR_CLASSES) {
      const width = seatWidth({ donorClass });
      const open = seated(machine(donorClass, 860));
      const told = seated(machine(donorClass, 860, width));
      expect(open.gap.mid).toBe(told.gap.mid);
      expect(open.stance.shape).toEqual(told.stance.shape);
      expect([open.stance.widthTold, told.stance.widthTold]).toEqual([false, true]);
    }
  });
  test('by hand: heels of 800 mm of leg and 30 mm of sole at 860 mm hang 33 mm over a middling seat, and 4 mm under a narrow soft one', () => {
    // 860 − 38 + 0.5708 · 72 − 830 and 860 − 60 + 0.5708 · 45 − 830 (docs/formulas.md, Stance).
    expect(seated(machine('rally-twin', 860, 'middle')).gap.mid).toBeCloseTo(33.1, 1);
    expect(seated(machine('rally-twin', 860, 'light')).gap.mid).toBeCloseTo(-4.3, 1);
  });
  test('the chance of the balls of both feet is the widths’ own chances, each by as many as have it', () => {
    for (const donorClass of ['rally-twin', 'dual-sport-single', 'large-adventure-twin'] as const) {
      const open = seated(machine(donorClass, 870));
      const chances = seatWidthChances({ donorClass });
      const { balls } = STANCE_LIMITS;
      const exact = SEAT_WIDTHS.reduce((sum, width) => {
        const { gap } = seated(machine(donorClass, 870, width));
        const sd = (gap.interval.high - gap.interval.low) / 2 / 1.6448536;
        return sum + chances[width] * phi((balls - gap.mid) / sd);
      }, 0);
      const { flat, balls: onBalls } = open.stance.probabilities;
      // 1 024 rows: two standard errors are 0.031; stratified ones lie nearer.
      expect(Math.abs(flat + onBalls - exact)).toBeLessThan(0.015);
    }
  });
  test('is more doubtful than one that was told', () => {
    for (const donorClass of DONOR_CLASSES) {
      const span = ({ gap }: ReturnType<typeof seated>) => gap.interval.high - gap.interval.low;
      const told = span(seated(machine(donorClass, 860, seatWidth({ donorClass }))));
      expect(span(seated(machine(donorClass, 860)))).toBeGreaterThan(told * 1.02);
    }
  });
  test('a variant of the model has the same seat in every draw, another model its own', () => {
    const rows = (donor: Donor) => {
      const { stance } = seated(donor);
      return [...(stance.widthIndex.rows ?? [])];
    };
    const model = machine('rally-twin', 860);
    expect(rows({ ...model, id: 'v', root: 'm' })).toEqual(rows(model));
    expect(rows({ ...model, id: 'other' })).not.toEqual(rows(model));
  });
  test('is what the rider holds typical of the class, in the middle as well', () => {
    const own = { 'rally-twin': { seatWidth: { light: 80, middle: 20 } } };
    const { gap, stance } = seated(machine('rally-twin', 860), own);
    expect(stance.width).toBe('light');
    expect(gap.mid).toBe(seated(machine('rally-twin', 860, 'light')).gap.mid);
    const share = [...(stance.widthIndex.rows ?? [])].filter((w) => w === 0).length / 1024;
    expect(share).toBeCloseTo(0.8, 2);
    // What is told still wins.
    expect(seated(machine('rally-twin', 860, 'wide'), own).stance.width).toBe('wide');
  });
});
