import { assess, type Assessment, type BareCase } from '../assessment';
import { partsCost } from '../money';
import { meanOf } from '../numeric';
import type { Part } from '../part';
import { fitScore, wantCurves, wantWeights, type FitScore } from '../preference';
import { lookFirst } from '../suitability';
import { BUILD_STAGES, orderBy, type BuildStage } from './stages';

/** One stage of a build: what it takes, and where it leaves the machine. */
export interface StageStep {
  readonly stage: BuildStage;
  /** In the order in which they are to be fitted. */
  readonly parts: readonly Part[];
  /** Parts, fitting and what comes with buying; `undefined` where an exchange rate is missing. */
  readonly cost: number | undefined;
  readonly mass_kg: number;
  readonly hours: number;
  /** With this stage and all before it. */
  readonly after: Assessment;
  readonly score: FitScore;
  /** The day it has to be done by, where the brief has one; ISO. */
  readonly day: string | undefined;
  /** Last days to order, soonest first. */
  readonly orders: readonly { readonly part: Part; readonly by: string }[];
}

/** The stages of a build in their order, each assessed with all that comes before it. */
export function stagePlan(
  bare: BareCase,
  parts: readonly Part[],
  stageOf: (id: string) => BuildStage,
): readonly StageStep[] {
  const { brief } = bare;
  const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
  const sofar: Part[] = [];
  return BUILD_STAGES.map((stage): StageStep => {
    const own = parts.filter((p) => stageOf(p.id) === stage);
    sofar.push(...own);
    const costs = own.map((p) => partsCost(p, brief.money));
    const after = assess({ ...bare, parts: [...sofar] });
    const day = stage === 'someday' ? undefined : brief.trip.days?.[stage];
    return {
      stage,
      parts: own,
      cost: costs.reduce<number | undefined>(
        (sum, c) => (sum === undefined || c === undefined ? undefined : sum + c),
        0,
      ),
      mass_kg: own.reduce((sum, p) => sum + p.mass_kg, 0),
      hours: own.reduce((sum, p) => sum + p.fitting_h, 0),
      after,
      score: fitScore(after.metrics, curves, weights),
      day,
      orders:
        day === undefined
          ? []
          : own
              .map((part) => ({ part, by: orderBy(day, part.leadTime_days) }))
              .sort((a, b) => a.by.localeCompare(b.by)),
    };
  });
}

/** What a part of a build is worth in it: points that go, and money that comes back, when it and all that hang on it are taken out. */
export interface Removal {
  readonly part: Part;
  /** Parts that need it and would go, too. */
  readonly along: readonly Part[];
  readonly points: number;
  /** The same on average over what the machine's class has, where nobody has told whether it has what these bring. */
  readonly mean?: number | undefined;
  readonly saved: number | undefined;
}

/** For every part of a build, what taking it out would cost in fit, the least missed first. `dependents` names what would go with it. */
export function removals(
  bare: BareCase,
  parts: readonly Part[],
  dependents: (id: string) => readonly string[],
): readonly Removal[] {
  const { brief } = bare;
  const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
  const totalOf = (list: readonly Part[]) =>
    fitScore(assess({ ...bare, parts: list }).metrics, curves, weights).total;
  const whole = totalOf(parts);
  return parts
    .map((part): Removal => {
      const gone = new Set([part.id, ...dependents(part.id)]);
      const going = parts.filter((p) => gone.has(p.id));
      const out = going.map((p) => partsCost(p, brief.money));
      const rest = totalOf(parts.filter((p) => !gone.has(p.id)));
      return {
        part,
        along: going.filter((p) => p.id !== part.id),
        points: whole.mid - rest.mid,
        mean: lookFirst(going, bare.donor).length > 0 ? meanOf(whole) - meanOf(rest) : undefined,
        saved: out.reduce<number | undefined>(
          (sum, c) => (sum === undefined || c === undefined ? undefined : sum + c),
          0,
        ),
      };
    })
    .sort((a, b) => (a.mean ?? a.points) - (b.mean ?? b.points));
}
