import { describe, expect, test } from 'vitest';
import { gearing, isTypicalPull, sheetFigures } from '@/core/assessment';
import type { Donor } from '@/core/donor';
import { speedPerThousand } from '@/core/gearing';
import type { Reading } from '@/core/readings';
import { newBrief, newDonor } from '@/store/records';
import { assessed, plainPart } from '../cases';

const brief = newBrief('EUR');
const reading = (id: string, amount: number, unit: Reading['unit'], spread?: number): Reading => ({
  id,
  amount,
  unit,
  basis: 'stated',
  origin: 'measured',
  note: '',
  ...(spread === undefined ? {} : { spread }),
});
const with_ = (figures: Readonly<Record<string, Reading>>): Donor => ({
  ...newDonor('d'),
  donorClass: 'dual-sport-single',
  figures: Object.fromEntries(Object.entries(figures).map(([key, r]) => [key, { readings: [r] }])),
});
const gearsOf = (donor: Donor) => {
  const { figures } = assessed(brief, donor);
  const found = gearing({ donor, figures });
  if (found.kind === 'unknown') throw new Error(found.missing.join());
  return found.value;
};

const QUOTED = {
  gears: reading('g', 2, 'gears'),
  primaryRatio: reading('p', 3, 'ratio'),
  ratio1: reading('r1', 2.6, 'ratio'),
  ratio2: reading('r2', 1, 'ratio'),
  sprocketFront: reading('f', 14, 'teeth'),
  sprocketRear: reading('z', 45, 'teeth'),
};

describe('speeds for each 1000 rpm', () => {
  test('nobody has told: typical of the class at both ends, and said to be', () => {
    const gears = gearsOf(with_({}));
    expect(gears.first.mid).toBeCloseTo(5.1, 9);
    expect(gears.top.mid).toBeCloseTo(16, 9);
    expect(gears.typical.first.length).toBeGreaterThan(0);
    expect(gears.typical.top.length).toBeGreaterThan(0);
  });
  test('what was watched in top stands there; first is still only typical', () => {
    const donor = with_({ speedTop: reading('s', 17.24, 'km/h', 0.34) });
    const gears = gearsOf(donor);
    expect(gears.top.mid).toBeCloseTo(17.24, 9);
    expect(gears.typical.top).toEqual([]);
    expect(gears.typical.first.length).toBeGreaterThan(0);
    const { figures } = assessed(brief, donor);
    expect(isTypicalPull({ donor, figures })).toBe(true);
  });
  test('revs at the cruise follow from it, and so does their span', () => {
    const donor = with_({
      speedTop: reading('s', 20, 'km/h', 1),
      redline: reading('l', 8000, 'rpm'),
    });
    const cruising = { ...brief, trip: { ...brief.trip, cruise_kmh: 100 } };
    const { estimate, typical } = assessed(cruising, donor).underLoad().cruiseRevs;
    // 100 ÷ 20 × 1000 ÷ 8000 = 62.5 %.
    if (estimate.kind === 'unknown') throw new Error(estimate.missing.join());
    expect(estimate.mid).toBeCloseTo(0.625, 9);
    expect(estimate.interval.low).toBeCloseTo(100 / 21 / 8, 2);
    expect(estimate.interval.high).toBeCloseTo(100 / 19 / 8, 2);
    expect(typical).toBeUndefined();
  });
  test('ratios that are all quoted come first, whatever was watched', () => {
    const quoted = gearsOf(with_(QUOTED));
    const both = gearsOf(with_({ ...QUOTED, speedTop: reading('s', 30, 'km/h') }));
    expect(both.top.mid).toBeCloseTo(quoted.top.mid, 9);
    expect(both.typical).toEqual({ first: [], top: [] });
  });
  test('where ratios tell them, the sheet holds them as computed: neither read nor typical', () => {
    const donor = with_(QUOTED);
    const { speedFirst, speedTop } = sheetFigures(donor, brief);
    const train = gearsOf(donor).train(1, 1);
    for (const [figure, gear] of [
      [speedFirst, 1],
      [speedTop, 2],
    ] as const) {
      if (figure.estimate.kind === 'unknown') throw new Error(figure.estimate.missing.join());
      expect(figure.estimate.mid).toBeCloseTo(speedPerThousand(train, gear), 9);
      expect(figure.reading).toBeUndefined();
      expect(figure.typical).toBeUndefined();
    }
  });
  test('other sprockets move what was watched by the ratio of both pairs', () => {
    const { gears: _g, primaryRatio: _p, ratio1: _a, ratio2: _b, ...teeth } = QUOTED;
    const donor = with_({ ...teeth, speedTop: reading('s', 18, 'km/h') });
    const part = plainPart([{ figure: 'sprocketFront', change: 'add', amount: -1 }]);
    const { figures } = assessed(brief, donor, [part]);
    const found = gearing({ donor, figures });
    // 13 ÷ 14 of 18.
    expect(found.kind === 'known' && found.value.top.mid).toBeCloseTo((18 * 13) / 14, 9);
  });
});
