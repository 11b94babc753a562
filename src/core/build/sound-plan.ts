import {
  findBuildFaults,
  planOf,
  solvePlan,
  type PlanModel,
  type PlanQuestion,
  type ProgramSolver,
} from '../planning';
import { assessedBuild, type PlannedBuild } from './assessed-build';
import { isBetter } from './exchanges';
import { PAPERS, type PlanSetting } from './plan-model-of';

/** Plans that the full assessment refuses are cut off, at most so many in a round. */
const MOST_CUTS = 25;
/** The plan that the full assessment does not refuse, and what it refused before: that is cut off and the program solved again. */
function acceptedPlan(
  solver: ProgramSolver,
  setting: PlanSetting,
  model: PlanModel,
  question: PlanQuestion,
): { readonly accepted?: PlannedBuild; readonly refused: readonly PlannedBuild[] } {
  const refused: PlannedBuild[] = [];
  const cuts: (readonly string[])[] = [];
  while (cuts.length <= MOST_CUTS) {
    const answer = solvePlan(solver, { ...model, cuts }, question);
    if (answer.kind !== 'plan') break;
    const build = assessedBuild(setting, answer.plan.ids, answer.plan.value);
    if (build.failed.length === 0) return { accepted: build, refused };
    refused.push(build);
    cuts.push(answer.plan.ids);
  }
  return { refused };
}

/**
 * The best plan of the sum that is not refused, or what refuses the cheapest. Where every one that was looked at is refused, as of many
 * parts that break a limit only together: the cheapest that is not, with as much of the best of the refused as goes with it.
 */
export function soundPlan(
  solver: ProgramSolver,
  setting: PlanSetting,
  model: PlanModel,
  spend: number | undefined,
): { readonly build?: PlannedBuild | undefined; readonly refusedBy: readonly string[] } {
  const best = acceptedPlan(solver, setting, model, { aim: 'value', spend });
  const [wanted] = best.refused;
  if (best.accepted || !wanted) return { build: best.accepted, refusedBy: [] };
  const { accepted, refused } = acceptedPlan(solver, setting, model, { aim: 'cost', spend });
  return {
    build: accepted && grownTowards(setting, model, accepted, wanted, spend),
    refusedBy: refused[0]?.failed ?? wanted.failed,
  };
}

/** A build with parts of another put in, one after the other, as long as it gains by it and nothing forbids it. */
function grownTowards(
  setting: PlanSetting,
  model: PlanModel,
  from: PlannedBuild,
  wanted: PlannedBuild,
  spend: number | undefined,
): PlannedBuild {
  const catalogue = new Map(model.items.map((item) => [item.id, item]));
  let build = from;
  for (const id of wanted.partIds) {
    const needed = (catalogue.get(id)?.needs ?? []).flatMap(
      (group) => wanted.partIds.find((other) => group.includes(other)) ?? [],
    );
    const ids = [...new Set([...build.partIds, ...needed, id])];
    const papers = catalogue.has(PAPERS) ? [PAPERS] : [];
    if (findBuildFaults([...ids, ...papers], catalogue).length > 0) continue;
    const more = assessedBuild(setting, ids, planOf(model, [...ids, ...papers]).value);
    if (isBetter(more, build) && (spend === undefined || more.cost <= spend + 1e-6)) build = more;
  }
  return build;
}
