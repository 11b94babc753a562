import { describe, expect, it } from 'vitest';
import type { Impression } from '@/core/evidence';
import {
  learnedNeed,
  wantCurves,
  usualCurve,
  wantValue,
  type FeltMachine,
} from '@/core/preference';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY } from '@/store/records';

// The rule is the conjugate normal update with known variances (Gelman et al., Bayesian Data Analysis, 2.5, from memory):
// precision after = precision before + those of what was seen; mean = the precision-weighted mean. Worked by hand beside each check.

const CURVE = { floor: 0.2, need: 0.5, ideal: 0.9 };
const felt = (mean: number, when: 'first' | 'week' | 'month' = 'month'): Impression => ({
  felt: 'windHelmet',
  marks: { [when]: mean },
  mean,
  moved: undefined,
});
const on = (
  mid: number,
  mark: number,
  when?: 'first' | 'week' | 'month',
  spread = 0,
): FeltMachine => ({
  at: { low: mid - spread, mid, high: mid + spread },
  impression: felt(mark, when),
});

describe('a need learned from what was felt', () => {
  it('nothing felt, nothing learned', () => {
    expect(learnedNeed('wind', CURVE, [])).toBeUndefined();
  });

  it('one mark after a month moves it by its share of the precision', () => {
    // Mark 2 of 4 is worth 0.5: on the curve at 0.2 + 0.5/0.6 × 0.3 = 0.45. Felt so at 0.6: a shift of 0.15.
    // Prior: 0.25 × 0.7 = 0.175 nine in ten. Mark: 0.25 of worth at 0.6 / 0.3 = 2 a unit: 0.125 nine in ten.
    // 0.15 × 0.175² / (0.175² + 0.125²) = 0.15 × 0.6622 = 0.0993; left 0.175 × 0.125 / √(0.175² + 0.125²) = 0.1017.
    const learned = learnedNeed('wind', CURVE, [on(0.6, 2)]);
    expect(learned?.usual).toBe(0.5);
    expect(learned?.need).toBeCloseTo(0.5993, 4);
    expect(learned?.sureBefore).toBeCloseTo(0.175, 12);
    expect(learned?.sureAfter).toBeCloseTo(0.1017, 4);
    expect(learned?.machines).toBe(1);
  });

  it('a first impression counts half: its variance is doubled', () => {
    // 0.15 × 0.175² / (0.175² + 2 × 0.125²) = 0.15 × 0.4949 = 0.0742.
    expect(learnedNeed('wind', CURVE, [on(0.6, 2, 'first')])?.need).toBeCloseTo(0.5742, 4);
  });

  it('a figure that is half known says less', () => {
    // The mark's 0.125 and the figure's 0.1 together: 0.025625. 0.15 × 0.030625 / 0.05625 = 0.0817.
    expect(learnedNeed('wind', CURVE, [on(0.6, 2, 'month', 0.1)])?.need).toBeCloseTo(0.5817, 4);
  });

  it('felt as the curve has it moves nothing, and makes surer', () => {
    const learned = learnedNeed('wind', CURVE, [on(0.45, 2)]);
    expect(learned?.need).toBeCloseTo(0.5, 12);
    expect(learned?.sureAfter).toBeLessThan(learned?.sureBefore ?? 0);
  });

  it('two machines that agree move it further than one, those that contradict each other cancel', () => {
    const one = learnedNeed('wind', CURVE, [on(0.6, 2)])?.need ?? 0;
    expect(learnedNeed('wind', CURVE, [on(0.6, 2), on(0.6, 2)])?.need).toBeGreaterThan(one);
    expect(learnedNeed('wind', CURVE, [on(0.6, 2), on(0.3, 2)])?.need).toBeCloseTo(0.5, 12);
  });

  it('the best mark says only that so much is enough, the worst only that so much is too little', () => {
    expect(learnedNeed('wind', CURVE, [on(1.2, 4)])).toBeUndefined();
    expect(learnedNeed('wind', CURVE, [on(0.1, 0)])).toBeUndefined();
    // The best mark where the curve sees little: this rider needs less. The worst where it sees much: more.
    expect(learnedNeed('wind', CURVE, [on(0.4, 4)])?.need).toBeLessThan(0.5);
    expect(learnedNeed('wind', CURVE, [on(0.8, 0)])?.need).toBeGreaterThan(0.5);
  });

  it('where less is better, what felt heavy makes the need lighter', () => {
    const mass = { floor: 240, need: 185, ideal: 130 };
    // Mark 1 of 4 is worth 0.25: at 240 − 0.25/0.6 × 55 = 217. Felt so at 190: a shift of −27.
    const learned = learnedNeed('readyMass', mass, [on(190, 1)]);
    expect(learned?.need).toBeLessThan(185);
    expect(learned?.need).toBeGreaterThan(185 - 27.1);
    expect(learnedNeed('readyMass', mass, [on(150, 4)])?.need).toBeGreaterThan(185 - 1e-9);
  });
});

describe('a need that was taken', () => {
  const brief = demoDossier().briefs[BRIEF_KEY];
  if (!brief) throw new Error('no brief');

  it('moves the whole curve of its want and no other', () => {
    const usual = wantCurves(brief);
    const moved = wantCurves({ ...brief, ownNeeds: { wind: 0.1 } });
    const { floor, need, ideal } = usual.wind;
    expect(moved.wind).toEqual({ floor: floor + 0.1, need: need + 0.1, ideal: ideal + 0.1 });
    expect({ ...moved, wind: usual.wind }).toEqual(usual);
    expect(usualCurve('wind', { ...brief, ownNeeds: { wind: 0.1 } })).toEqual(usual.wind);
    expect(wantValue(moved.wind, need + 0.1)).toBeCloseTo(0.6, 12);
  });
});
