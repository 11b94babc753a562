import { describe, expect, test } from 'vitest';
import { judge, mustNeed, verdictOf, type MustVerdict } from '@/core/assessment';
import { MUST_KEYS, spendable, type Brief, type MustKey, type StanceBand } from '@/core/brief';
import { STANCE_LIMITS, stanceBand } from '@/core/fit';
import { between, certain, source, unknown } from '@/core/numeric';
import { preferredUnit, UNIT_SYSTEMS, unitEntry, unitsOf, type Dimension } from '@/core/units';
import { demoDossier } from '@/demo/scenario';
import { newBrief } from '@/store/records';
import { assessed } from '../cases';

const brief = newBrief('EUR');

describe('what each must asks', () => {
  test.each([
    ['readyMass', brief.musts.readyMass_kg],
    ['range', brief.trip.fuelGap_km],
    ['payload', 0],
    ['clearance', brief.musts.clearance_mm],
    ['money', spendable(brief.money)],
    ['stance', STANCE_LIMITS[brief.musts.stance]],
  ] as const)('%s asks %d', (key, need) => expect(mustNeed(key, brief)).toBe(need));

  test.each([
    ['flat', 10],
    ['balls', 65],
    ['tiptoes', 120],
  ] as const)('feet: %s is a heel gap of at most %d mm', (stance, need) => {
    expect(mustNeed('stance', { ...brief, musts: { ...brief.musts, stance } })).toBe(need);
  });
});

describe('a limit itself is inside', () => {
  test.each([
    [10, 'flat'],
    [10.001, 'balls'],
    [65, 'balls'],
    [65.001, 'tiptoes'],
    [120, 'tiptoes'],
    [120.001, 'none'],
    [-200, 'flat'],
  ] as const)('a heel gap of %d mm: %s', (gap, band: StanceBand) =>
    expect(stanceBand(gap)).toBe(band),
  );

  test.each([
    [310, 310, 'more', 'pass'],
    [310, 310, 'less', 'pass'],
    [309.999, 310, 'more', 'fail'],
    [310.001, 310, 'less', 'fail'],
  ] as const)('%d against %d, %s is better: %s', (x, need, better, verdict: MustVerdict) => {
    expect(judge(certain(x), need, better)).toMatchObject({ verdict });
  });

  test('the chance is the closed form: a normal of σ 10 about 300 reaches 310 in 15.87 of 100 (table of the normal distribution)', () => {
    const half = 10 * 1.6448536;
    const have = source('x', between(300 - half, 300 + half));
    const { chance = Number.NaN } = judge(have, 310, 'more');
    expect(Math.abs(chance - 0.1587)).toBeLessThan(2 / 1024);
    expect(Math.abs((judge(have, 300, 'more').chance ?? NaN) - 0.5)).toBeLessThan(2 / 1024);
  });

  test.each([
    [0.8, 0.8, 'pass'],
    [0.799, 0.8, 'unsure'],
    [0.201, 0.8, 'unsure'],
    [0.2, 0.8, 'fail'],
    [0.94, 0.95, 'unsure'],
    [0.5, 0.5, 'pass'],
    [0.499, 0.5, 'fail'],
  ] as const)('a chance of %d for a rider who wants to be %d sure: %s', (chance, sure, verdict) =>
    expect(verdictOf(chance, sure)).toBe(verdict),
  );

  test('not known is neither kept nor broken, and has no chance', () =>
    expect(judge(unknown('tank'), 310, 'more')).toMatchObject({ verdict: 'not-known' }));

  test('not a number is no stance', () => expect(() => stanceBand(Number.NaN)).toThrow(RangeError));
});

describe('only the musts that are on are judged, in the brief’s order', () => {
  const [donor] = Object.values(demoDossier().donors);
  const judged = (on: readonly MustKey[]) => {
    if (!donor) throw new Error('no donor');
    const asked: Brief = { ...brief, musts: { ...brief.musts, on } };
    return assessed(asked, donor).musts;
  };
  test.each([[[]], [['range']], [['money', 'range']], [MUST_KEYS]] as readonly (readonly [
    readonly MustKey[],
  ])[])('%o', (on) => {
    expect(judged(on).map((m) => m.key)).toEqual(on);
  });
  test('each says what it needs and what there is; the licence has no figure', () => {
    for (const must of judged(MUST_KEYS)) {
      if (must.key === 'licence') expect(must.need).toBeUndefined();
      else
        expect(must).toMatchObject({
          need: expect.any(Number) as number,
          have: expect.anything() as object,
        });
    }
  });
});

describe('units a rider reads in', () => {
  const measured: readonly Dimension[] = [
    'mass',
    'length',
    'distance',
    'volume',
    'consumption',
    'speed',
    'power',
    'torque',
    'rotation',
    'duration',
    'count',
  ];
  test.each(UNIT_SYSTEMS)('%s has one of its own dimension for everything', (system) => {
    for (const dimension of measured) {
      const unit = preferredUnit(dimension, system, 'EUR');
      expect(unitEntry(unit).dimension).toBe(dimension);
      expect(unitsOf(dimension)).toContain(unit);
    }
    expect(preferredUnit('money', system, 'CHF')).toBe('CHF');
  });
});
