import { describe, expect, test } from 'vitest';
import { axleLoads, dragAreaOf, propulsionOf } from '@/core/assessment';
import { LIGHT_FRONT } from '@/core/mass';
import { unknown, type Estimate } from '@/core/numeric';
import { resolveDonor, type Donor } from '@/core/donor';
import { fitScore, needsOf, NEED_VALUE, wantCurves, wantWeights } from '@/core/preference';
import { resistance, thrust } from '@/core/road-load';
import { demoDossier } from '@/demo/scenario';
import {
  gearRows,
  GRADES,
  revOption,
  roadLoadOf,
  speedOnClimb,
  thrustOption,
  type CurveSetting,
} from '@/features/weigh-up/machine/curves';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

const dossier = demoDossier();
const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const donor = (id: string): Donor => resolveDonor(dossier.donors, id) ?? newDonor(id);
const twin = donor('dunelark-720');
const assessment = assessed(brief, twin);
const propulsion = propulsionOf({ donor: twin, figures: assessment.figures });
if (propulsion.kind !== 'known') throw new Error(propulsion.missing.join());
const setting: CurveSetting = {
  propulsion: propulsion.value,
  mass_kg: 304,
  dragArea_m2: dragAreaOf(twin, brief),
  cruise_kmh: 95,
  reader: { units: 'metric', currency: 'EUR' },
  dark: false,
};

describe('pull and revs', () => {
  test('a climb is held at the speed named, and not a little faster', () => {
    for (const grade of GRADES) {
      const speed = speedOnClimb(setting, grade);
      if (speed === undefined) throw new Error(`no gear holds ${grade}`);
      const spare = (kmh: number) =>
        Math.max(
          ...setting.propulsion.train.gears.map((_r, i) => thrust(setting.propulsion, i + 1, kmh)),
        ) - resistance(roadLoadOf(setting, grade), kmh / 3.6);
      expect(spare(speed)).toBeGreaterThanOrEqual(0);
      expect(spare(speed + 1)).toBeLessThan(0);
    }
  });
  test('steeper is slower; a wall is not climbed', () => {
    const speeds = GRADES.map((g) => speedOnClimb(setting, g) ?? 0);
    expect(speeds).toEqual([...speeds].sort((a, b) => b - a));
    expect(speedOnClimb(setting, 5)).toBeUndefined();
  });
  test('rows: each gear taller than the last, gaps between, none behind top', () => {
    const rows = gearRows(setting);
    expect(rows.map((r) => r.gear)).toEqual([1, 2, 3, 4, 5, 6]);
    for (let i = 1; i < rows.length; i += 1)
      expect(rows[i]?.perThousand_kmh ?? 0).toBeGreaterThan(rows[i - 1]?.perThousand_kmh ?? 0);
    expect(rows.at(-1)?.gap).toBeUndefined();
    expect(rows[0]?.gap).toBeCloseTo(1 - 1.9 / 2.75, 6);
  });
  test('pictures: one line for each climb and gear, in the rider’s own speed unit', () => {
    const series = (o: ReturnType<typeof thrustOption>) =>
      (o as { series: readonly { name?: string; data: readonly (readonly number[])[] }[] }).series;
    expect(series(thrustOption(setting))).toHaveLength(GRADES.length + 6);
    const last = (s: CurveSetting) => series(thrustOption(s)).at(-1)?.data.at(-1)?.[0] ?? 0;
    expect(
      last(setting) / last({ ...setting, reader: { units: 'us', currency: 'EUR' } }),
    ).toBeCloseTo(1.609344, 6);
    expect(series(revOption(setting))).toHaveLength(7);
  });
});

describe('axles', () => {
  test('the loads add to the loaded machine; luggage makes the front lighter', () => {
    const middle = (e: Estimate) => (e.kind === 'known' ? e.mid : Number.NaN);
    const loadsWith = (luggage_kg: number) =>
      axleLoads({ ...brief, trip: { ...brief.trip, luggage_kg } }, assessment.figures);
    const loads = loadsWith(brief.trip.luggage_kg);
    expect(middle(loads.front) + middle(loads.rear)).toBeCloseTo(
      middle(assessment.metrics.loadedMass.estimate),
      6,
    );
    expect(middle(loadsWith(80).frontShare)).toBeLessThan(middle(loads.frontShare));
    expect(middle(loads.frontShare)).toBeGreaterThan(LIGHT_FRONT);
  });
  test('without a mass not known, and why; the wheelbase is not asked for', () => {
    const { figures } = assessed(brief, newDonor('x'));
    const unweighed = { ...figures, mass: { ...figures.mass, estimate: unknown('mass') } };
    expect(axleLoads(brief, unweighed).front).toEqual(unknown('mass'));
  });
});

describe('gaps', () => {
  const score = (id: string) =>
    fitScore(assessed(brief, donor(id)).metrics, wantCurves(brief), wantWeights(brief));
  test('only what is below its need, largest first, in points', () => {
    for (const id of ['wren-230', 'bastion-1160', 'sorrel-300']) {
      const own = score(id);
      const needs = needsOf(own);
      expect(needs.map((n) => n.loss)).toEqual([...needs.map((n) => n.loss)].sort((a, b) => b - a));
      for (const need of needs) {
        const part = own.contributions.find((c) => c.want === need.want);
        expect(part && (NEED_VALUE - part.value.mid) * part.weight * 100).toBeCloseTo(need.loss, 9);
        expect(need.loss).toBeGreaterThan(0);
      }
    }
    expect(needsOf(score('sorrel-300'))[0]?.want).toBe('range');
  });
  test('what is not known stands in with its middle and says so', () =>
    expect(needsOf(score('postmark-640-v')).find((n) => n.want === 'protection')).toMatchObject({
      known: false,
    }));
});
