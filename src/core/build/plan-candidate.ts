import { assess } from '../assessment';
import type { Part } from '../part';
import { planCurve, smallestClash, solvePlan, type ProgramSolver } from '../planning';
import { fitScore, wantCurves, wantWeights } from '../preference';
import { planModelOf, type LeftOut, type PlanSetting } from './plan-model-of';

/** A build that the planner proposes, assessed in full. */
export interface PlannedBuild {
  readonly partIds: readonly string[];
  /** Machine, parts, fitting and all that comes with it, brief's currency. */
  readonly cost: number;
  /** Points by the full assessment, at the middle. */
  readonly points: number;
  /** Points that the planner's own sum gave: apart from `points` by what is not a sum. */
  readonly planned: number;
  /** Musts that fail in full; a gate is kept at the middle of the planner's sum, so this is empty but for products. */
  readonly failed: readonly string[];
}

export type BestBuild =
  | { readonly kind: 'build'; readonly build: PlannedBuild; readonly leftOut: readonly LeftOut[] }
  | { readonly kind: 'clash'; readonly limits: readonly string[] }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** Rounds of planning about the build just found, which takes in how parts act together. */
const ROUNDS = 3;

const partsOf = ({ choices }: PlanSetting, ids: readonly string[]): readonly Part[] =>
  ids.flatMap((id) => choices.find((p) => p.id === id) ?? []);

/** A build assessed in full. */
export function assessedBuild(
  setting: PlanSetting,
  partIds: readonly string[],
  planned: number,
): PlannedBuild {
  const { brief } = setting;
  const { metrics, musts } = assess({ ...setting, parts: partsOf(setting, partIds) });
  const outlay = metrics.outlay.estimate;
  return {
    partIds,
    planned,
    cost: outlay.kind === 'known' ? outlay.interval.mid : 0,
    points: fitScore(metrics, wantCurves(brief), wantWeights(brief)).points.mid,
    failed: musts.filter((m) => m.verdict === 'fail' && m.key !== 'money').map((m) => m.key),
  };
}

/**
 * The best build for a spending limit. The planner's answer is proven for its sum of effects; planning again about that answer, with
 * effects taken there, finds what parts do together, and the better by the full assessment is returned.
 */
export function bestBuild(
  solver: ProgramSolver,
  setting: PlanSetting,
  spend: number | undefined,
): BestBuild {
  let around: readonly Part[] = [];
  let best: PlannedBuild | undefined;
  let leftOut: readonly LeftOut[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const basis = planModelOf(setting, around);
    if (basis.missing.length > 0) return { kind: 'unknown', missing: basis.missing };
    if (round === 0) leftOut = basis.leftOut;
    const answer = solvePlan(solver, basis.model, { aim: 'value', spend });
    if (answer.kind !== 'plan') {
      if (best) break;
      return { kind: 'clash', limits: smallestClash(solver, basis.model, spend) };
    }
    const build = assessedBuild(setting, answer.plan.ids, answer.plan.value);
    if (best && !isBetter(build, best)) break;
    best = build;
    around = partsOf(setting, answer.plan.ids);
  }
  return best ? { kind: 'build', build: best, leftOut } : { kind: 'clash', limits: [] };
}

const isBetter = (a: PlannedBuild, b: PlannedBuild): boolean =>
  a.failed.length !== b.failed.length
    ? a.failed.length < b.failed.length
    : a.points > b.points + 0.01;

/** Corners of a candidate's curve as they are proven, the dearest first, each assessed in full. Ends at once where limits clash. */
export function* buildCurve(
  solver: ProgramSolver,
  setting: PlanSetting,
  most?: number,
): Generator<PlannedBuild, void, undefined> {
  const { model, missing } = planModelOf(setting);
  if (missing.length > 0) return;
  for (const corner of planCurve(solver, model, most))
    yield assessedBuild(setting, corner.ids, corner.value);
}

/** The corners that are worth their money by the full assessment: rising in cost and in points. */
export function worthwhile(corners: readonly PlannedBuild[]): readonly PlannedBuild[] {
  const sound = corners
    .filter((c) => c.failed.length === 0)
    .toSorted((a, b) => a.cost - b.cost || b.points - a.points);
  return sound.filter((c, i) =>
    sound.slice(0, i).every((before) => before.points < c.points - 1e-9),
  );
}
