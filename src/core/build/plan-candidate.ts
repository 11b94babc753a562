import { assess, surenessOf } from '../assessment';
import { percentiles } from '../numeric';
import {
  planCurve,
  smallestClash,
  solvePlan,
  type Plan,
  type PlanModel,
  type ProgramSolver,
} from '../planning';
import { assessedBuild, moneyOver, partsOf, stockOf, type PlannedBuild } from './assessed-build';
import { ceilingOf } from './ceiling';
import { enoughFor } from './enough';
import { exchanged, GAIN, isBetter } from './exchanges';
import { PAPERS, planModelOf, type LeftOut, type PlanSetting } from './plan-model-of';
import { soundPlan } from './sound-plan';
import { untoldWorths, type UntoldWorth } from './untold-worth';

export type BestBuild =
  | {
      readonly kind: 'build';
      readonly build: PlannedBuild;
      /** The cheapest build found that nobody would tell from the best on the road (see {@link FELT}); absent where that is the best itself, or was not looked for. */
      readonly enough?: PlannedBuild | undefined;
      /** Points that no build of these parts within the money is worth more than (see {@link ceilingOf}); absent where that was not looked for, or not found. */
      readonly atMost?: number | undefined;
      /** Parts of both that bring what the machine may have already, and what they are worth then; absent where nothing was looked into. */
      readonly untold?: readonly UntoldWorth[] | undefined;
      /** A first build, soon: the best is still being looked for. */
      readonly quick?: true | undefined;
      readonly leftOut: readonly LeftOut[];
    }
  | { readonly kind: 'clash'; readonly limits: readonly string[] }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** A first build that may still be bettered is no answer yet. */
export const isFinal = (best: BestBuild): boolean => best.kind !== 'build' || !best.quick;

/** Rounds of planning about the build just found, which takes in how parts act together. */
const ROUNDS = 3;
/**
 * The best build for a spending limit. The planner's answer is the best of its sum of effects that the full assessment does not refuse;
 * planning again about that answer, with effects taken there, finds what parts do together; and then parts are added, taken away and
 * exchanged, up to two for two, as long as the full assessment gains by it.
 *
 * @param thorough without it the first round alone: a good build soon, to be bettered later
 */
export function bestBuild(
  solver: ProgramSolver,
  setting: PlanSetting,
  spend: number | undefined,
  thorough = true,
): BestBuild {
  let limit = spend === undefined ? undefined : spend - roomForPrice(setting);
  for (let round = 0; ; round += 1) {
    const best = bestWithin(solver, setting, limit, thorough);
    if (best.kind !== 'build') return best;
    if (!best.build.overMoney || limit === undefined || round === LOWERED) {
      if (!thorough) return { ...best, quick: true };
      // The lowered limit was for all builds; one whose prices are surer may cost more.
      const most = best.build.overMoney ? limit : spend;
      const near = most === limit ? best.build : exchanged(setting, best.build, most);
      const { build, atMost } = underCeiling(
        solver,
        setting,
        lookedPast(solver, setting, near, most),
        most,
      );
      const enough = enoughFor(solver, setting, build);
      return { ...best, build, atMost, enough, untold: untoldWorths(setting, build, enough) };
    }
    // Prices that are not exactly known leave room below the limit, so that it holds as surely as is asked.
    limit -=
      1 + moneyOver(setting, assess({ ...setting, parts: partsOf(setting, best.build.partIds) }));
  }
}

/** Builds that looking for the ceiling may better, at most. */
const BETTERED = 3;

/** A build and what none is worth more than; what is found better on the way takes its place. */
function underCeiling(
  solver: ProgramSolver,
  setting: PlanSetting,
  from: PlannedBuild,
  spend: number | undefined,
): { readonly build: PlannedBuild; readonly atMost: number | undefined } {
  let build = from;
  for (let i = 0; ; i += 1) {
    const { points, better } = ceilingOf(solver, setting, build, spend);
    const atMost = Number.isFinite(points) ? Math.max(points, build.points) : undefined;
    if (!better || i === BETTERED) return { build, atMost };
    build = exchanged(setting, better, spend);
  }
}

/** What the doubt about the bare machine's price takes of the money, so that it holds as surely as is asked; 0 where that is not asked or not to be had. */
function roomForPrice(setting: PlanSetting): number {
  const stock = stockOf(setting);
  const outlay = stock.metrics.outlay.estimate;
  const asked = stock.musts.some((m) => m.key === 'money' && m.verdict === 'pass');
  if (!asked || outlay.kind === 'unknown' || !outlay.rows) return 0;
  const [sure = outlay.mid] = percentiles(outlay.rows, surenessOf(setting.brief));
  return Math.max(0, sure - outlay.mid);
}

/** So often the limit is lowered for prices that are not exactly known. */
const LOWERED = 4;

function bestWithin(
  solver: ProgramSolver,
  setting: PlanSetting,
  spend: number | undefined,
  thorough: boolean,
): BestBuild {
  const first = planModelOf(setting);
  if (first.missing.length > 0) return { kind: 'unknown', missing: first.missing };
  let model = first.model;
  let best: PlannedBuild | undefined;
  let refusedBy: readonly string[] = [];
  for (let round = 0; round < (thorough ? ROUNDS : 1); round += 1) {
    const { build, refusedBy: by } = soundPlan(solver, setting, model, spend);
    refusedBy = by;
    if (!build || (best && build.points <= best.points + GAIN)) break;
    best = build;
    if (thorough) model = planModelOf(setting, partsOf(setting, build.partIds)).model;
  }
  if (!best) {
    const limits = smallestClash(solver, first.model, spend);
    return { kind: 'clash', limits: limits.length > 0 ? limits : refusedBy };
  }
  const build = thorough ? exchanged(setting, best, spend) : best;
  return { kind: 'build', build, leftOut: first.leftOut };
}

/** Plans of the sum that are looked at beside the best, at most. */
const LOOKED_PAST = 8;

/**
 * The best plans of the sum about a build, one after the other, each assessed in full, until none is left whose sum is more: what no
 * exchange of two for two reaches. At the build itself the sum is exact.
 */
function lookedPast(
  solver: ProgramSolver,
  setting: PlanSetting,
  from: PlannedBuild,
  spend: number | undefined,
): PlannedBuild {
  let best = from;
  let cuts: (readonly string[])[] = [];
  for (let look = 0; look < LOOKED_PAST; look += 1) {
    const { model } = planModelOf(setting, partsOf(setting, best.partIds));
    if (cuts.length === 0) cuts = [asPlanned(model, best.partIds)];
    const answer = solvePlan(solver, { ...model, cuts }, { aim: 'value', spend });
    if (answer.kind !== 'plan' || answer.plan.value <= best.points + GAIN) break;
    const build = assessedBuild(setting, answer.plan.ids, answer.plan.value);
    if (isBetter(build, best)) {
      best = exchanged(setting, build, spend);
      cuts = [];
    } else cuts.push(answer.plan.ids);
  }
  return best;
}

/** A build as the program has it: with the papers that any part needs. */
const asPlanned = (model: PlanModel, ids: readonly string[]): readonly string[] =>
  ids.length > 0 && model.items.some((i) => i.id === PAPERS) ? [...ids, PAPERS] : ids;

/** Corners of a candidate's curve, the dearest first, each assessed in full; what is refused there is cut off. Ends at once where limits clash. */
export function* buildCurve(
  solver: ProgramSolver,
  setting: PlanSetting,
  most?: number,
): Generator<PlannedBuild, void, undefined> {
  const { model, missing } = planModelOf(setting);
  if (missing.length > 0) return;
  const isRefused = (plan: Plan): boolean =>
    assessedBuild(setting, plan.ids, plan.value).failed.length > 0;
  for (const corner of planCurve(solver, model, most, isRefused))
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
