import { describe, expect, test } from 'vitest';
import { assess, caseOf, revsNeed, type Case } from '@/core/assessment';
import { heartsOf, standingsOf } from '@/core/evidence/impressions';
import { evidenceOf, MOST_FELT, type Trial } from '@/core/evidence';
import { standingAsFelt } from '@/core/fit';
import type { Estimate } from '@/core/numeric';
import type { Part } from '@/core/part';
import {
  fitScore,
  learnedNeed,
  REVS_CURVE,
  wantCurves,
  wantsOf,
  wantWeights,
} from '@/core/preference';
import { demoDossier } from '@/demo/scenario';
import { resolvedDonors } from '@/store/queries';
import { BRIEF_KEY, newBrief } from '@/store/records';

const dossier = demoDossier();
const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const wren = resolvedDonors(dossier).get('wren-230');
const sorrel = resolvedDonors(dossier).get('sorrel-300');
if (!wren || !sorrel) throw new Error('no donor');
/** A pace at which a small single works. */
const faster = { ...brief, trip: { ...brief.trip, cruise_kmh: 115 } };

const ride = (id: string, on: string, more: Partial<Trial>): Trial => ({
  id,
  kind: 'ride',
  on,
  donorId: 'wren-230',
  machine: 'Wren 230',
  observed: {},
  note: '',
  ...more,
});
const of = (trials: readonly Trial[], more: Partial<Case> = {}) =>
  assess(caseOf({ brief, donor: wren, evidence: evidenceOf(trials), ...more }));
const mid = (e: Estimate): number => (e.kind === 'known' ? e.mid : Number.NaN);

describe('the heart', () => {
  const first = ride('a', '2026-05-01', { when: 'first', observed: { heart: 9 } });
  const month = ride('b', '2026-06-01', { when: 'month', observed: { heart: 6 } });
  test('is what was marked, each mark by what it counts: (9 × 0.5 + 6) ÷ 1.5 = 7 of 10', () => {
    expect(heartsOf([first, month])['wren-230']).toEqual({ mean: 7, counts: 1 });
    expect(mid(of([first, month]).metrics.heart.estimate)).toBeCloseTo(0.7, 9);
  });
  test('is never guessed: not asked is not known', () => {
    expect(of([]).metrics.heart.estimate).toEqual({ kind: 'unknown', missing: ['heart'] });
    const other = ride('c', '2026-05-01', { donorId: 'pika-340-x', observed: { heart: 9 } });
    expect(of([other]).metrics.heart.estimate.kind).toBe('unknown');
  });
  test('a first impression leaves more open than a month', () => {
    const width = (t: Trial) => {
      const { estimate } = of([t]).metrics.heart;
      return estimate.kind === 'known' ? estimate.interval.high - estimate.interval.low : 0;
    };
    const early = width({ ...first, observed: { heart: 6 } });
    // √2 of it: a first impression counts half, so its variance is doubled.
    expect(early / width(month)).toBeCloseTo(Math.SQRT2, 6);
  });
  test('counts nothing until the rider gives it points, and then as many as were given', () => {
    expect(wantWeights(brief).heart).toBe(0);
    expect(wantsOf(brief)).not.toContain('heart');
    const led = { ...brief, swings: { heart: 50 } };
    expect(wantsOf(led)).toContain('heart');
    const weights = wantWeights(led);
    expect(weights.heart).toBeGreaterThan(0);
    expect(wantWeights({ ...brief, swings: { heart: 100 } }).heart).toBeGreaterThan(weights.heart);
    const points = (heart: number) =>
      fitScore(
        of([ride('a', '2026-05-01', { when: 'month', observed: { heart } })], { brief: led })
          .metrics,
        wantCurves(led),
        weights,
      ).points.mid;
    // From a third of the way to all of it: worth 0.3 at 4 of 10, 1 at 10 (floor 2, need 6, ideal 10).
    expect(points(10) - points(4)).toBeCloseTo(0.7 * weights.heart * 100, 6);
    expect(points(2)).toBeLessThan(points(4));
  });
});

describe('standing room where nobody has measured it', () => {
  const { barHeight: _bar, pegHeight: _peg, ...unmeasured } = wren.figures;
  const donor = { ...wren, figures: unmeasured };
  const stood = (mark: number, more: Partial<Trial> = {}) =>
    ride('s', '2026-05-01', {
      when: 'month',
      observed: { felt: { reachStanding: mark } },
      ...more,
    });
  const room = (trials: readonly Trial[], parts: readonly Part[] = []) =>
    mid(of(trials, { donor, parts }).metrics.standingRoom.estimate);
  test('is as it felt: the best mark as by the rule, the worst a hand too low, between them in steps', () => {
    expect(room([stood(MOST_FELT)])).toBe(10);
    expect(room([stood(0)])).toBe(-90);
    expect(standingAsFelt(2.5, 1).mid).toBe(-27.5);
    expect(standingAsFelt(3, 0.5).high - standingAsFelt(3, 0.5).mid).toBeCloseTo(
      30 * Math.SQRT2,
      9,
    );
  });
  test('bars raised 20 mm give 20 mm of it', () => {
    const risers = { ...(Object.values(dossier.parts)[0] ?? {}), id: 'up' } as Part;
    const part: Part = {
      ...risers,
      name: 'Risers',
      kind: 'controls',
      effects: [{ figure: 'barHeight', change: 'add', amount: 20 }],
      flags: [],
      needs: [],
      shutsOut: [],
      slot: '',
      price: { amount: 40, currency: 'EUR' },
      fitting_h: 1,
      workshop: false,
      mass_kg: 0,
      fits: { kind: 'all' },
      reversible: true,
      leadTime_days: 0,
      note: '',
    };
    expect(room([stood(2)], [part]) - room([stood(2)])).toBeCloseTo(20, 9);
  });
  test('what was taped goes before what was felt; a ride with parts on says nothing of it bare', () => {
    expect(mid(of([stood(0)]).metrics.standingRoom.estimate)).toBe(
      mid(of([]).metrics.standingRoom.estimate),
    );
    expect(standingsOf([stood(4, { partIds: ['risers'] })])).toEqual({});
  });
});

describe('revs this rider calls fine', () => {
  const impression = (mark: number) => ({
    felt: 'buzz' as const,
    marks: { month: mark },
    mean: mark,
    moved: undefined,
  });
  const at = (share: number) => ({ low: share, mid: share, high: share });
  test('a single that buzzes well below what is usually fine lowers what is fine, and no further than the mark', () => {
    const learned = learnedNeed('revs/single', REVS_CURVE, [
      { at: at(0.65), impression: impression(1) },
    ]);
    expect(REVS_CURVE.need).toBeCloseTo(0.95 - 0.6 * 0.35, 9);
    expect(learned?.need).toBeLessThan(REVS_CURVE.need);
    expect(learned?.sureAfter).toBeLessThan(learned?.sureBefore ?? 0);
  });
  test('moves comfort on engines of that layout alone', () => {
    const layout = sorrel.facts?.layout?.readings[0]?.value ?? '';
    const comfort = (ownNeeds: Record<string, number>) =>
      mid(of([], { donor: sorrel, brief: { ...faster, ownNeeds } }).underLoad().comfort.estimate);
    expect(layout).toBe('single');
    expect(comfort({ [revsNeed('single')]: -0.1 })).toBeLessThan(comfort({}));
    expect(comfort({ [revsNeed('single')]: 0.1 })).toBeGreaterThan(comfort({}));
    expect(comfort({ [revsNeed('v-twin')]: -0.1 })).toBe(comfort({}));
  });
});

describe('where it buzzes', () => {
  const at = (from_kmh: number, to_kmh: number, more: Partial<Trial> = {}) =>
    of(
      [
        ride('z', '2026-05-01', {
          donorId: 'sorrel-300',
          observed: { buzz: { from_kmh, to_kmh } },
          ...more,
        }),
      ],
      { donor: sorrel, brief: { ...faster, trip: { ...faster.trip, cruise_kmh: 100 } } },
    ).underLoad().comfort;
  const comfort = (from_kmh: number, to_kmh: number, more: Partial<Trial> = {}) =>
    mid(at(from_kmh, to_kmh, more).estimate);
  test('revs are worth nothing at a cruise within it, both ends included, and what they were outside', () => {
    const free = comfort(105, 120);
    expect(comfort(100, 120)).toBeLessThan(free);
    expect(comfort(80, 100)).toBe(comfort(100, 120));
    expect(comfort(80, 99)).toBe(free);
    const { formula } = at(90, 110).working;
    expect(formula.code === 'comfort' && formula.facts.buzzing).toBe(true);
  });
  test('with parts on it says nothing of the machine without them', () =>
    expect(comfort(90, 110, { partIds: ['sprocket-front'] })).toBe(comfort(105, 120)));
});

describe('hours that the seat is borne for', () => {
  const seated = (amount: number) => ({
    ...sorrel,
    figures: {
      ...sorrel.figures,
      seatHours: {
        readings: [
          { id: 's', amount, unit: 'h', basis: 'stated', origin: 'heard', note: '' } as const,
        ],
      },
    },
  });
  const comfort = (donor: typeof sorrel) => of([], { donor }).underLoad().comfort;
  test('count in comfort where somebody has told, at a fifth of it, and not else', () => {
    const weights = (donor: typeof sorrel) => {
      const { formula } = comfort(donor).working;
      return formula.code === 'comfort' ? formula.facts.weights : [];
    };
    expect(weights(sorrel).map((w) => w.name)).not.toContain('seatHours');
    const told = weights(seated(2));
    expect(told.find((w) => w.name === 'seatHours')?.weight).toBeCloseTo(0.2, 9);
    expect(told.reduce((sum, w) => sum + w.weight, 0)).toBeCloseTo(1, 9);
    // Half an hour is worth nothing, three hours all.
    const span = mid(comfort(seated(3)).estimate) - mid(comfort(seated(0.5)).estimate);
    expect(span).toBeCloseTo(0.2, 9);
  });
});
