import { describe, expect, test } from 'vitest';
import type { WeakPoint } from '@/core/donor';
import {
  evidenceOf,
  NO_EVIDENCE,
  seenId,
  seenTogether,
  sitOf,
  withTrials,
  type Observed,
  type Sit,
  type Trial,
} from '@/core/evidence';
import { personalFit, SEAT_SHAPES } from '@/core/fit';
import type { Reading } from '@/core/readings';
import { newBrief, newDonor } from '@/store/records';

const trial = (id: string, on: string | undefined, observed: Observed): Trial => ({
  id,
  kind: 'inspection',
  ...(on === undefined ? {} : { on }),
  donorId: 'heron',
  machine: 'Heron 470',
  observed,
  note: '',
});
const reading = (id: string, amount: number): Reading => ({
  id,
  amount,
  unit: 'mm',
  basis: 'standard-seat',
  origin: 'measured',
  note: '',
});
const finding = (id: string, what: string): WeakPoint => ({
  id,
  what,
  mend: true,
  origin: 'measured',
  note: '',
});

describe('sits', () => {
  const seat = { seatHeight_mm: 850, seatWidth: 'middle' } as const;
  test('one whose seat and feet are known says something of the rider', () => {
    expect(sitOf(trial('t1', '2026-05-01', { ...seat, feet: 'balls' }))).toEqual({
      id: 't1',
      machine: 'Heron 470',
      seatHeight_mm: 850,
      seatWidth: 'middle',
      feet: 'balls',
    });
  });
  test.each<[string, Observed]>([
    ['feet', seat],
    ['seat height', { seatWidth: 'middle', feet: 'flat' }],
    ['seat width', { seatHeight_mm: 850, feet: 'flat' }],
  ])('without its %s it says nothing', (_, observed) => {
    expect(sitOf(trial('t1', '2026-05-01', observed))).toBeUndefined();
  });
  test('a seat that was taped under the rider: the sit is judged on that, others as seats of their shape', () => {
    const feet = { ...seat, feet: 'balls' } as const;
    const [taped, other] = [trial('t1', '2026-05-01', feet), trial('t2', '2026-05-02', feet)];
    const { sits } = evidenceOf([taped, { ...other, donorId: 'another' }], {
      [taped.donorId ?? '']: 88,
    });
    expect(sits.map((s) => s.settle_mm)).toEqual([88, undefined]);
    const { rider } = newBrief('EUR');
    const offset = (settle_mm?: number) =>
      personalFit(rider, [{ ...(sits[1] as Sit), settle_mm }]).offset_mm;
    // The further it goes down, the lower the model has the heels, and the more of what the feet did is this rider's own.
    expect(offset(88)).toBeGreaterThan(offset());
    expect(offset(SEAT_SHAPES.middle.settle_mm)).toBe(offset());
  });
  test('the rider’s evidence is every such sit, oldest first, one without a day before all', () => {
    const feet = { ...seat, feet: 'flat' } as const;
    const { sits } = evidenceOf([
      trial('later', '2026-06-02', feet),
      trial('nothing', '2026-06-01', {}),
      trial('b', '2026-05-01', feet),
      trial('a', '2026-05-01', feet),
      trial('undated', undefined, feet),
    ]);
    expect(sits.map((s) => s.id)).toEqual(['undated', 'a', 'b', 'later']);
  });
  test('no trials, no evidence', () =>
    expect(evidenceOf([])).toEqual({ ...NO_EVIDENCE, hearts: {}, standings: {}, buzzes: {} }));
});

describe('several looks at one machine', () => {
  test('the later one counts line by line; what it does not look at stays', () => {
    const seen = seenTogether([
      trial('second', '2026-06-02', { figures: { seatHeight: reading('r2', 855) } }),
      trial('first', '2026-06-01', {
        figures: { seatHeight: reading('r1', 870), clearance: reading('r3', 240) },
        ticks: { chain: 'good' },
      }),
    ]);
    expect(seen.figures?.seatHeight?.amount).toBe(855);
    expect(seen.figures?.clearance?.amount).toBe(240);
    expect(seen.ticks).toEqual({ chain: 'good' });
  });
  test('what was found wrong and is good the next time is no longer wrong', () => {
    const wrong = trial('first', '2026-06-01', {
      ticks: { chain: 'bad', forks: 'bad' } as Observed['ticks'],
      findings: [finding(seenId('chain'), 'worn'), finding(seenId('forks'), 'weeping')],
    });
    const mended = trial('second', '2026-06-05', {
      ticks: { chain: 'good' },
    });
    expect(seenTogether([wrong, mended]).findings).toEqual([finding(seenId('forks'), 'weeping')]);
    // The order of the list is not the order of the days.
    expect(seenTogether([mended, wrong]).findings).toEqual([finding(seenId('forks'), 'weeping')]);
  });
  test('found wrong again after it was good, it stands with what was found last', () => {
    const day = (n: number, tick: 'good' | 'bad', what?: string) =>
      trial(`t${n}`, `2026-06-0${n}`, {
        ticks: { chain: tick },
        ...(what ? { findings: [finding(seenId('chain'), what)] } : {}),
      });
    const seen = seenTogether([day(1, 'bad', 'slack'), day(2, 'good'), day(3, 'bad', 'worn out')]);
    expect(seen.findings).toEqual([finding(seenId('chain'), 'worn out')]);
    expect(seen.ticks).toEqual({ chain: 'bad' });
  });
  test('nothing seen is nothing known', () => {
    expect(seenTogether([])).toEqual({});
    expect(seenTogether([trial('t', undefined, {})]).findings).toEqual([]);
  });
});

describe('a donor with what was seen on it', () => {
  const donor = {
    ...newDonor('heron'),
    figures: {
      seatHeight: { readings: [reading('sheet', 880)], pinned: 'sheet' },
      clearance: { readings: [reading('sheet-2', 230)] },
    },
    weakPoints: [finding('own', 'scratched tank')],
  };
  test('a reading stands after those of the sheet, and a pinned one stays pinned', () => {
    const seen = withTrials(donor, [
      trial('t', '2026-06-01', { figures: { seatHeight: reading(seenId('seatHeight'), 866) } }),
    ]);
    expect(seen.figures.seatHeight?.readings.map((r) => r.amount)).toEqual([880, 866]);
    expect(seen.figures.seatHeight?.pinned).toBe('sheet');
    expect(seen.figures.clearance).toBe(donor.figures.clearance);
    expect(seen.weakPoints).toBe(donor.weakPoints);
  });
  test('a figure that the sheet does not have is known from then on', () => {
    const seen = withTrials(donor, [
      trial('t', '2026-06-01', { figures: { travelFront: reading('seen', 210) } }),
    ]);
    expect(seen.figures.travelFront?.readings).toEqual([reading('seen', 210)]);
  });
  test('findings stand beside the sheet’s own weak points', () => {
    const seen = withTrials(donor, [
      trial('t', '2026-06-01', { findings: [finding(seenId('chain'), 'worn')] }),
    ]);
    expect(seen.weakPoints?.map((w) => w.what)).toEqual(['scratched tank', 'worn']);
  });
  test('facts are laid on a donor that had none', () => {
    const fact = { id: 'f', value: 'alloy', origin: 'measured', note: '' } as const;
    const seen = withTrials({ ...donor, facts: undefined }, [
      trial('t', '2026-06-01', { facts: { sumpGuard: fact } }),
    ]);
    expect(seen.facts?.sumpGuard?.readings).toEqual([fact]);
  });
  test('the donor itself where trials say nothing of it', () => {
    expect(withTrials(donor, [])).toBe(donor);
    expect(
      withTrials(donor, [
        trial('sit', '2026-06-01', {
          feet: 'flat',
          ticks: { chain: 'good' },
        }),
      ]),
    ).toBe(donor);
  });
});
