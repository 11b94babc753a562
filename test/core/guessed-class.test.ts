import { erf } from 'mathjs';
import { describe, expect, test } from 'vitest';
import { assess, caseOf } from '@/core/assessment';
import { SEAT_WIDTHS } from '@/core/brief';
import { planSubject } from '@/core/build';
import { DONOR_CLASSES, resolveDonor, type Donor, type DonorClass } from '@/core/donor';
import { ROWS, type Known } from '@/core/numeric';
import {
  chancesOf,
  chancesOfMachine,
  classInRows,
  figurePoints,
  standIn,
  TYPICAL_RIMS,
  typicalChances,
  typicalOf,
  withLikelyClasses,
  type TypicalFactKey,
} from '@/core/typical';
import type { UnitId } from '@/core/units';
import { newBrief, newDonor } from '@/store/records';

const brief = newBrief('EUR');
const figure = (amount: number, unit: UnitId, basis: 'stated' | 'ready' | 'crank' = 'stated') => ({
  readings: [{ id: 'r', amount, unit, basis, origin: 'claimed' as const, note: '', spread: 0 }],
});
const guessed = (
  donorClass: DonorClass,
  figures: Donor['figures'] = {},
  classGuessed = true,
): Donor => withLikelyClasses({ ...newDonor('g'), donorClass, classGuessed, figures });
const chanceOf = (donor: Donor, donorClass: DonorClass): number =>
  donor.likelyClasses?.find((c) => c.donorClass === donorClass)?.chance ?? 0;
const rowsOf = (known: Known | undefined): readonly number[] => [...(known?.rows ?? [])];
const phi = (z: number) => 0.5 * (1 + erf(z / Math.SQRT2));
const Z95 = 1.6448536269514722;

describe('the classes that a machine may be of', () => {
  test('a class that was said leaves no other', () => {
    const donor = { ...newDonor('g'), donorClass: 'rally-twin' as const };
    expect(withLikelyClasses(donor)).toBe(donor);
    expect(classInRows(donor)).toBeUndefined();
  });

  test('the same donor gives the same object, so that what was computed from it is kept', () => {
    const donor = { ...newDonor('g'), classGuessed: true };
    expect(withLikelyClasses(donor)).toBe(withLikelyClasses(donor));
  });

  test('Bayes by hand: chances are prior times likelihood over their sum, the words of the text counting e to one', () => {
    // Textbook, from memory: posterior ∝ exp(log points). A tank of 12 L says little between neighbours.
    const donor = guessed('long-range-dual-sport', { tank: figure(12, 'L') });
    const by = DONOR_CLASSES.map(
      (c) => Math.exp(figurePoints(c, 'tank', 12)) * (c === 'long-range-dual-sport' ? Math.E : 1),
    );
    const all = by.reduce((a, b) => a + b, 0);
    const kept = by.map((x) => x / all).filter((x) => x >= 0.02);
    expect(kept.length).toBeGreaterThan(3);
    const least = kept.reduce((a, b) => a + b, 0);
    for (const [i, c] of DONOR_CLASSES.entries()) {
      const chance = (by[i] ?? 0) / all;
      if (chance >= 0.02) expect(chanceOf(donor, c)).toBeCloseTo(chance / least, 6);
    }
  });

  test.each([
    ['no figure out of the class', 0.8, 208],
    ['a mass that no machine of the class has', 0.6, 178],
  ] as const)('%s: a guess is no surer than %s', (_, most, kg) => {
    const figures = {
      mass: figure(kg, 'kg', 'ready'),
      power: figure(57, 'kW', 'crank'),
      wheelbase: figure(1570, 'mm'),
      seatHeight: figure(872, 'mm'),
      tank: figure(17.5, 'L'),
    };
    const donor = guessed('rally-twin', figures);
    expect(donor.likelyClasses?.[0]?.donorClass).toBe('rally-twin');
    // Before those below two in a hundred were left out, the likeliest stood at this.
    expect(chanceOf(donor, 'rally-twin')).toBeGreaterThanOrEqual(most - 1e-6);
    expect(chanceOf(donor, 'rally-twin')).toBeLessThan(most + 0.08);
    expect(donor.likelyClasses?.length).toBeGreaterThan(1);
  });

  test('a single is of no class of twins', () => {
    const facts = {
      layout: { readings: [{ id: 'l', value: 'single', origin: 'claimed' as const, note: '' }] },
    };
    const donor = withLikelyClasses({
      ...newDonor('g'),
      donorClass: 'road-adventure-single',
      classGuessed: true,
      facts,
    });
    const twins = ['rally-twin', 'road-v-twin', 'large-adventure-twin'] as const;
    for (const c of twins) expect(chanceOf(donor, c)).toBe(0);
    expect(chanceOf(guessed('road-adventure-single'), 'rally-twin')).toBeGreaterThan(0);
  });

  test('chances add to one, the class guessed always among them, whatever the sheet says', () => {
    for (const c of DONOR_CLASSES)
      for (const figures of [{}, { mass: figure(300, 'kg', 'ready' as const) }]) {
        const { likelyClasses = [] } = guessed(c, figures);
        expect(likelyClasses.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
        expect(likelyClasses.map((x) => x.donorClass)).toContain(c);
      }
  });

  test('log points as chances: e to one is 73 in 100', () => {
    // 1 ÷ (1 + e⁻¹) = 0.7311 (logistic function, from memory).
    expect(chancesOf([1, 0])[0]).toBeCloseTo(0.7311, 4);
    expect(chancesOf([-1000, -1001])[0]).toBeCloseTo(0.7311, 4);
  });
});

describe('what is typical of a class that was only guessed', () => {
  const donor = guessed('rally-twin', { tank: figure(18, 'L') });
  const likely = donor.likelyClasses ?? [];

  test('in row 0 it is what it would be if the class had been said', () => {
    for (const key of ['seatHeight', 'clearance', 'wheelbase', 'power'] as const)
      expect(standIn(donor, key)?.mid).toBe(
        standIn({ ...donor, likelyClasses: undefined }, key)?.mid,
      );
  });

  test('the rows are a mixture: so many lie below a height as the classes have, each as often as it is likely', () => {
    // Law of total probability: P(x < t) = Σ chance · Φ((t − mid) ÷ sd) of the half it lies in.
    const rows = rowsOf(standIn(donor, 'seatHeight'));
    expect(rows).toHaveLength(ROWS);
    for (const t of [820, 850, 880]) {
      const expected = likely.reduce((sum, { donorClass, chance }) => {
        const span = typicalOf(donorClass, 'seatHeight');
        if (!span) throw new Error('no span');
        const sd = (t < span.mid ? span.mid - span.low : span.high - span.mid) / Z95;
        return sum + chance * phi((t - span.mid) / sd);
      }, 0);
      const share = rows.filter((x) => x < t).length / ROWS;
      expect(Math.abs(share - expected)).toBeLessThan(2 * Math.sqrt(0.25 / ROWS));
    }
  });

  test('by hand (docs/doubt.md): below 850 mm in 14 of 100, where the class alone says 5', () => {
    const either = {
      ...newDonor('h'),
      donorClass: 'rally-twin' as const,
      likelyClasses: [
        { donorClass: 'rally-twin' as const, chance: 0.8 },
        { donorClass: 'large-adventure-twin' as const, chance: 0.2 },
      ],
    };
    const below = (of: Donor) =>
      rowsOf(standIn(of, 'seatHeight')).filter((mm) => mm < 850).length / ROWS;
    // Two standard errors.
    const within = (p: number) => 2 * Math.sqrt((p * (1 - p)) / ROWS);
    expect(Math.abs(below(either) - 0.14)).toBeLessThan(within(0.14));
    expect(Math.abs(below({ ...either, likelyClasses: undefined }) - 0.05)).toBeLessThan(
      within(0.05),
    );
  });

  test('it is never surer than the class alone, where the classes differ', () => {
    for (const key of ['seatHeight', 'clearance', 'wheelbase', 'travelFront', 'mass'] as const) {
      const mixed = standIn(donor, key)?.interval;
      const alone = standIn({ ...donor, likelyClasses: undefined }, key)?.interval;
      if (!mixed || !alone) throw new Error('nothing stands in');
      expect(mixed.high - mixed.low).toBeGreaterThan(alone.high - alone.low);
    }
  });

  test('figures stay within what a figure may be', () => {
    const rows = rowsOf(standIn(guessed('air-trail-single'), 'power'));
    expect(rows.length).toBe(ROWS);
    expect(Math.min(...rows)).toBeGreaterThan(0);
  });

  test('what is typical of one class goes together: in rows of a large twin both the seat is wide and the wheelbase that of one', () => {
    const classes = rowsOf(classInRows(donor));
    const bases = rowsOf(standIn(donor, 'wheelbase'));
    const { stance } = assess(
      caseOf({
        brief,
        donor: { ...donor, figures: { ...donor.figures, seatHeight: figure(870, 'mm') } },
      }),
    );
    if (stance.kind === 'unknown') throw new Error('no stance');
    const widths = rowsOf(stance.widthIndex);
    for (const { donorClass } of likely) {
      const at = classes.flatMap((c, row) => (DONOR_CLASSES[c] === donorClass ? [row] : []));
      if (at.length < 60) continue;
      const span = typicalOf(donorClass, 'wheelbase');
      const mean = at.reduce((sum, row) => sum + (bases[row] ?? 0), 0) / at.length;
      expect(Math.abs(mean - (span?.mid ?? 0))).toBeLessThan(12);
      const wide = at.filter((row) => SEAT_WIDTHS[widths[row] ?? 0] === 'wide').length / at.length;
      const usual = (typicalChances(donorClass, 'seatWidth')?.wide ?? 0) / 100;
      expect(Math.abs(wide - usual)).toBeLessThan(3 * Math.sqrt(0.25 / at.length));
    }
  });

  test('rims are those of the class of the row', () => {
    const classes = rowsOf(classInRows(donor));
    const rims = rowsOf(standIn(donor, 'wheelFront')).map((mm) => Math.round(mm / 25.4));
    expect(new Set(rims).size).toBe(2);
    for (const [row, rim] of rims.entries()) {
      const of = DONOR_CLASSES[classes[row] ?? 0] ?? 'rally-twin';
      expect(TYPICAL_RIMS[of].map(({ rims: [front] }) => front)).toContain(rim);
    }
  });

  test('a fact is as likely as all its classes together have it', () => {
    const facts: readonly TypicalFactKey[] = ['screen', 'seatWidth'];
    for (const fact of facts) {
      const chances = chancesOfMachine(donor, fact);
      expect(Object.values(chances).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      const [option = ''] = Object.keys(chances);
      const by = likely.reduce(
        (sum, { donorClass, chance }) =>
          sum + (chance * (typicalChances(donorClass, fact)?.[option] ?? 0)) / 100,
        0,
      );
      expect(chances[option]).toBeCloseTo(by, 9);
    }
  });

  test('a machine that inherits everything has the same rows as its model', () => {
    const model: Donor = { ...newDonor('m'), donorClass: 'rally-twin', classGuessed: true };
    const variant: Donor = { ...newDonor('v'), kind: 'variant', baseId: 'm', variant: {} };
    const table = { m: model, v: variant };
    const [a, b] = ['m', 'v'].map((id) => {
      const resolved = resolveDonor(table, id);
      return resolved && rowsOf(standIn(withLikelyClasses(resolved), 'seatHeight'));
    });
    expect(a).toHaveLength(ROWS);
    expect(a).toEqual(b);
  });
});

test('the heels’ height is less sure on a guessed class, and a plan is made anew once the class is said', () => {
  const ofText = guessed('dual-sport-single', { tank: figure(8, 'L') });
  const said = { ...ofText, classGuessed: undefined, likelyClasses: undefined };
  const doubt = (donor: Donor) => {
    const short = { ...brief, rider: { ...brief.rider, inseam_mm: 900, sole_mm: 30 } };
    const gap = assess(caseOf({ brief: short, donor })).metrics.heelGap.estimate;
    return gap.kind === 'known' ? gap.interval.high - gap.interval.low : Number.NaN;
  };
  expect(doubt(ofText)).toBeGreaterThan(doubt(said) * 1.1);
  const subject = (donor: Donor) =>
    planSubject({
      ...caseOf({ brief, donor }),
      choices: [],
      pinned: [],
      banned: [],
    } as unknown as Parameters<typeof planSubject>[0]);
  expect(subject(ofText)).not.toEqual(subject(said));
});
