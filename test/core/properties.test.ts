import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BASE_METRIC_KEYS, type Assessment, type BaseMetricKey } from '@/core/assessment';
import type { Brief } from '@/core/brief';
import type { Donor } from '@/core/donor';
import type { FigureKey } from '@/core/readings';
import { fitScore, wantCurves, wantWeights } from '@/core/preference';
import { demoDossier } from '@/demo/scenario';
import { resolvedDonors } from '@/store/queries';
import { BRIEF_KEY, newBrief } from '@/store/records';
import { assessed } from '../cases';

const dossier = demoDossier();
const brief: Brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const donors = [...resolvedDonors(dossier).values()];
const anyDonor = fc.constantFrom(...donors);

/** The middle of a metric; fails the test where it is not known. */
/** The heart is asked of the rider, not of the machine. */
const ASKED_METRICS = BASE_METRIC_KEYS.filter((key) => key !== 'heart');

function mid(a: Assessment, key: BaseMetricKey): number {
  const { estimate } = a.metrics[key];
  if (estimate.kind === 'unknown') throw new Error(`${key} is not known`);
  return estimate.interval.mid;
}
const knows = (a: Assessment, key: BaseMetricKey): boolean =>
  a.metrics[key].estimate.kind === 'known';

/** The donor with one figure's readings scaled. */
function scaled(donor: Donor, key: FigureKey, by: number): Donor {
  const figure = donor.figures[key];
  if (!figure) return donor;
  return {
    ...donor,
    figures: {
      ...donor.figures,
      [key]: { ...figure, readings: figure.readings.map((r) => ({ ...r, amount: r.amount * by })) },
    },
  };
}

describe('what a rider would call plain', () => {
  test('a heavier rider leaves less payload and less power for each tonne, and changes no reach', () => {
    fc.assert(
      fc.property(anyDonor, fc.integer({ min: 1, max: 60 }), (donor, more) => {
        const heavier: Brief = {
          ...brief,
          rider: { ...brief.rider, mass_kg: brief.rider.mass_kg + more },
        };
        const [a, b] = [assessed(brief, donor), assessed(heavier, donor)];
        if (knows(a, 'payloadLeft'))
          expect(mid(a, 'payloadLeft') - mid(b, 'payloadLeft')).toBeCloseTo(more, 9);
        expect(mid(b, 'powerToMass')).toBeLessThan(mid(a, 'powerToMass'));
        expect(mid(b, 'heelGap')).toBe(mid(a, 'heelGap'));
      }),
      { seed: 41 },
    );
  });

  test('longer legs and thicker soles bring the heels down by just as much', () => {
    fc.assert(
      fc.property(
        anyDonor,
        fc.integer({ min: 1, max: 80 }),
        fc.integer({ min: 0, max: 40 }),
        (donor, leg, sole) => {
          const plain: Brief = { ...brief, rider: { ...brief.rider } };
          const taller: Brief = {
            ...plain,
            rider: {
              ...plain.rider,
              inseam_mm: (brief.rider.inseam_mm ?? 0) + leg,
              sole_mm: brief.rider.sole_mm + sole,
            },
          };
          expect(
            mid(assessed(plain, donor), 'heelGap') - mid(assessed(taller, donor), 'heelGap'),
          ).toBeCloseTo(leg + sole, 9);
        },
      ),
      { seed: 42 },
    );
  });

  test('a larger tank goes further and never weighs less', () => {
    fc.assert(
      fc.property(anyDonor, fc.double({ min: 1.05, max: 1.6, noNaN: true }), (donor, by) => {
        const [a, b] = [assessed(brief, donor), assessed(brief, scaled(donor, 'tank', by))];
        expect(mid(b, 'range')).toBeGreaterThan(mid(a, 'range'));
        expect(mid(b, 'readyMass')).toBeGreaterThanOrEqual(mid(a, 'readyMass'));
      }),
      { seed: 43 },
    );
  });

  test('a larger reserve and a faster cruise shorten the range', () => {
    fc.assert(
      fc.property(
        anyDonor,
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 25 }),
        (donor, reserve, faster) => {
          const careful: Brief = {
            ...brief,
            trip: { ...brief.trip, reserve_percent: brief.trip.reserve_percent + reserve },
          };
          const hasty: Brief = {
            ...brief,
            trip: { ...brief.trip, cruise_kmh: brief.trip.cruise_kmh + faster },
          };
          const now = mid(assessed(brief, donor), 'range');
          expect(mid(assessed(careful, donor), 'range')).toBeLessThan(now);
          expect(mid(assessed(hasty, donor), 'range')).toBeLessThanOrEqual(now);
        },
      ),
      { seed: 44 },
    );
  });

  test('the same machine quoted in another unit is the same machine', () => {
    const kg = donors.find((d) => d.id === 'sorrel-300');
    if (!kg) throw new Error('no donor');
    const figure = kg.figures.seatHeight;
    const inMillimetres: Donor = {
      ...kg,
      figures: {
        ...kg.figures,
        seatHeight: {
          readings: (figure?.readings ?? []).map((r) => ({
            ...r,
            amount: r.amount * 25.4,
            unit: 'mm' as const,
          })),
        },
      },
    };
    const [a, b] = [assessed(brief, kg), assessed(brief, inMillimetres)];
    for (const key of ASKED_METRICS) expect(mid(b, key)).toBeCloseTo(mid(a, key), 9);
  });
});

describe('intervals and scores', () => {
  test('every known metric holds its middle, on every machine', () => {
    for (const donor of donors) {
      for (const metric of Object.values(assessed(brief, donor).metrics)) {
        if (metric.estimate.kind === 'unknown') continue;
        const { low, mid: middle, high } = metric.estimate.interval;
        expect(low).toBeLessThanOrEqual(middle);
        expect(middle).toBeLessThanOrEqual(high);
        expect(Number.isFinite(low) && Number.isFinite(high)).toBe(true);
      }
    }
  });

  test('a cheaper machine never fits worse', () => {
    const points = (donor: Donor) =>
      fitScore(assessed(brief, donor).metrics, wantCurves(brief), wantWeights(brief)).points.mid;
    fc.assert(
      fc.property(anyDonor, fc.double({ min: 0.4, max: 0.99, noNaN: true }), (donor, by) => {
        expect(points(scaled(donor, 'price', by))).toBeGreaterThanOrEqual(points(donor) - 1e-9);
      }),
      { seed: 45 },
    );
  });

  test('a score lies between 0 and 100, whatever the brief', () => {
    fc.assert(
      fc.property(
        anyDonor,
        fc.integer({ min: 40, max: 160 }),
        fc.integer({ min: 20, max: 1200 }),
        fc.integer({ min: 0, max: 100000 }),
        (donor, cruise_kmh, fuelGap_km, budget) => {
          const other: Brief = {
            ...brief,
            trip: { ...brief.trip, cruise_kmh, fuelGap_km },
            money: { ...brief.money, budget },
          };
          const { points } = fitScore(
            assessed(other, donor).metrics,
            wantCurves(other),
            wantWeights(other),
          );
          expect(points.low).toBeGreaterThanOrEqual(0);
          expect(points.high).toBeLessThanOrEqual(100 + 1e-9);
        },
      ),
      { seed: 46 },
    );
  });
});
