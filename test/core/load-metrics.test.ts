import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  engineCurve,
  gearing,
  LOAD_METRIC_KEYS,
  loosestGround,
  meanSpeed,
  metricDefinition,
  windClass,
  type LoadMetricKey,
} from '@/core/assessment';
import { resolveDonor, type Donor } from '@/core/donor';
import { FIGURE_KEYS, normalFigures } from '@/core/readings';
import { exactly, known } from '@/core/numeric';
import { powerToHold, ROLLING_COEFFICIENT } from '@/core/road-load';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import { formatWithUnit, formulaWords, METRIC_WORDS } from '@/ui/messages';
import { assessed } from '../cases';

const dossier = demoDossier();
const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const donor = (id: string): Donor => resolveDonor(dossier.donors, id) ?? newDonor(id);
const twin = donor('dunelark-720');
const of = (d: Donor, b = brief) => assessed(b, d).underLoad();
const mid = (d: Donor, key: LoadMetricKey | 'cruisePower', b = brief): number => {
  const a = assessed(b, d);
  const { estimate } = key === 'cruisePower' ? a.metrics[key] : a.underLoad()[key];
  return estimate.kind === 'known' ? estimate.interval.mid : Number.NaN;
};
const figuresOf = (d: Donor) => normalFigures(d.figures, (r) => known(exactly(r.amount)));

test('a shaft has a final ratio instead of sprockets: 45/16 and 2.8125 are the same', () => {
  const chained = donor('sorrel-300');
  const { sprocketFront, sprocketRear, ...figures } = chained.figures;
  const teeth = [sprocketFront, sprocketRear].map((f) => f?.readings[0]?.amount ?? Number.NaN);
  const [front = Number.NaN, rear = Number.NaN] = teeth;
  const shaft: Donor = {
    ...chained,
    figures: {
      ...figures,
      finalRatio: {
        readings: [
          {
            id: 'f',
            amount: rear / front,
            unit: 'ratio',
            basis: 'stated',
            origin: 'claimed',
            note: '',
          },
        ],
      },
    },
  };
  expect(mid(shaft, 'cruiseRevs')).toBeCloseTo(mid(chained, 'cruiseRevs'), 9);
  expect(mid(shaft, 'crawl')).toBeCloseTo(mid(chained, 'crawl'), 9);
});

describe('what the loaded machine does', () => {
  test('a blank sheet: each says what is missing, or which figures are only typical of the class', () => {
    const blank = of(newDonor('blank'));
    // What thin air takes hangs on the brief alone.
    for (const key of LOAD_METRIC_KEYS.filter((k) => k !== 'powerThere')) {
      const { estimate, typical } = blank[key];
      if (estimate.kind === 'unknown') expect(estimate.missing.length).toBeGreaterThan(0);
      else expect(typical?.length, key).toBeGreaterThan(0);
    }
    // Gears, engine and mass stand in: the page under load is no blank.
    for (const key of ['cruiseRevs', 'rollOn', 'topSpeed', 'climb', 'crawl', 'lift'] as const)
      expect(blank[key].estimate.kind, key).toBe('known');
  });
  test('every one has words, a unit, a formula, inputs and a source', () => {
    for (const key of LOAD_METRIC_KEYS) {
      const { working, estimate } = of(donor('sorrel-300'))[key];
      expect(METRIC_WORDS[key].what).toMatch(/\.$/);
      expect(formulaWords(working.formula).formula.length).toBeGreaterThan(8);
      expect(formulaWords(working.formula).source.length).toBeGreaterThan(5);
      expect(working.inputs.length).toBeGreaterThan(0);
      if (estimate.kind === 'known') {
        expect(estimate.interval.low).toBeLessThanOrEqual(estimate.interval.mid);
        expect(estimate.interval.mid).toBeLessThanOrEqual(estimate.interval.high);
        expect(
          formatWithUnit(estimate.interval.mid, metricDefinition(key).dimension, {
            units: 'us',
            currency: 'EUR',
          }),
        ).toMatch(/^−?[\d\u202f.]+ \S/);
      }
    }
  });
  const SPRING_KEYS: readonly string[] = ['forkRate', 'rake', 'shockRate', 'motionRatio'];
  test('leaving any one figure out never turns a metric into a number it was not', () => {
    const before = of(twin);
    for (const left of FIGURE_KEYS) {
      // Two bounds of one interval: without the hours only the distance counts, as its working says.
      if (left === 'serviceHours' || left === 'serviceInterval') continue;
      const { [left]: _gone, ...figures } = twin.figures;
      const after = of({ ...twin, figures });
      for (const key of LOAD_METRIC_KEYS) {
        const [a, b] = [before[key].estimate, after[key].estimate];
        if (after[key].typical?.includes(left)) continue;
        // Without its rate a spring counts as stiff as suits the rider it is said to be for.
        if (/^sag|Loaded$/.test(key) && SPRING_KEYS.includes(left)) continue;
        // Kinds of service whose interval nobody has told come with the others: that costs otherwise, and more widely so.
        if (/^yearly|^costPer/.test(key) && /^valve|^oil/.test(left)) continue;
        if (a.kind === 'known' && b.kind === 'known')
          expect(b.interval, `${key} without ${left}`).toEqual(a.interval);
      }
    }
  });
  test('power left at the cruise is one less what the road takes of it', () => {
    const a = assessed(brief, twin);
    const loaded = a.metrics.loadedMass.estimate;
    if (loaded.kind !== 'known') throw new Error('mass');
    const needed = powerToHold(
      {
        mass_kg: loaded.interval.mid,
        rollingCoefficient: ROLLING_COEFFICIENT.openRoad,
        dragArea_m2: 0.54,
        airDensity_kgm3: 1.225,
      },
      brief.trip.cruise_kmh,
      0.89,
    );
    const still = {
      ...brief,
      trip: { ...brief.trip, headwind_kmh: undefined, altitude_m: undefined, heat_C: undefined },
    };
    expect(mid(twin, 'cruisePower', still)).toBeCloseTo(1 - needed / 53, 3);
  });
  test('15 hours at the pace of this ground come due more often than the trip is long in thousands', () => {
    const thorn = donor('thorn-450-e');
    expect(meanSpeed(brief)).toBeGreaterThan(30);
    expect(meanSpeed(brief)).toBeLessThan(75);
    expect(mid(thorn, 'tripServices')).toBe(
      Math.floor(2400 / Math.min(680, 15 * meanSpeed(brief))),
    );
    expect(
      mid(
        {
          ...thorn,
          kind: 'machine',
          state: 'for-sale',
          machine: { odometer_km: 690, fitted: [] },
        },
        'tripServices',
      ),
    ).toBeGreaterThanOrEqual(mid(thorn, 'tripServices'));
  });
  test('the loosest ground is one that makes up a tenth of the way', () =>
    expect(loosestGround(brief).ground).toBe('twoTrack'));
  test('wind: fairing before screen, naked where neither is known', () => {
    expect([twin, donor('postmark-640-v'), newDonor('x')].map(windClass)).toEqual([
      'faired',
      'faired',
      'naked',
    ]);
  });
  test('contradictory peaks are no curve; a ratio left out is no gearbox', () => {
    const { torque: _torque, ...rest } = twin.figures;
    expect(engineCurve(figuresOf({ ...twin, figures: rest }))).toMatchObject({
      kind: 'unknown',
      missing: ['torque'],
    });
    const odd = {
      ...twin,
      figures: {
        ...twin.figures,
        torque: {
          readings: [
            { id: 't', amount: 40, unit: 'Nm', basis: 'crank', origin: 'claimed', note: '' },
          ],
        },
      },
    } as const;
    expect(engineCurve(figuresOf(odd))).toMatchObject({
      kind: 'unknown',
      missing: ['agreeingPeaks'],
    });
    const { ratio3: _ratio, ...gap } = twin.figures;
    // The gearbox as a whole is what is typical then, and says which ratio is missing.
    expect(
      gearing({ donor: twin, figures: assessed(brief, { ...twin, figures: gap }).figures }),
    ).toMatchObject({
      kind: 'known',
      value: { typical: { first: ['ratio3'], top: ['ratio3'] } },
    });
  });
});

describe('what a rider would call plain', () => {
  const heavier = (more: number) => ({
    ...brief,
    rider: { ...brief.rider, mass_kg: brief.rider.mass_kg + more },
  });
  test('more mass never shortens roll-on or 0–100, steepens no climb and leaves no more power', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), (more) => {
        for (const d of [twin, donor('sorrel-300')]) {
          expect(mid(d, 'zeroToHundred', heavier(more))).toBeGreaterThanOrEqual(
            mid(d, 'zeroToHundred') - 1e-9,
          );
          expect(mid(d, 'rollOn', heavier(more))).toBeGreaterThan(mid(d, 'rollOn'));
          expect(mid(d, 'climb', heavier(more))).toBeLessThan(mid(d, 'climb') + 1e-9);
          expect(mid(d, 'cruisePower', heavier(more))).toBeLessThan(mid(d, 'cruisePower'));
        }
      }),
      { seed: 95, numRuns: 8 },
    );
  });
  test('a faster cruise means more revs and less power left', () => {
    const faster = { ...brief, trip: { ...brief.trip, cruise_kmh: brief.trip.cruise_kmh + 15 } };
    expect(mid(twin, 'cruiseRevs', faster)).toBeGreaterThan(mid(twin, 'cruiseRevs'));
    expect(mid(twin, 'cruisePower', faster)).toBeLessThan(mid(twin, 'cruisePower'));
  });
  test('computed once: the second call gives the same object', () => {
    const a = assessed(brief, twin);
    expect(a.underLoad()).toBe(a.underLoad());
  });
});
