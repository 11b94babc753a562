import type { Plan, PlanModel } from './plan-model';
import { solvePlan, type ProgramSolver } from './solve-plan';

/** A step of a curve: from this cost up, this plan is the best there is, until the next corner. */
export type Corner = Plan;

/** Money that has to be saved for a cheaper plan to count. */
const ONE_UNIT = 1;
/** So many plans are cut off before a curve goes on without looking. */
const MOST_CUTS = 60;
/** A curve has no more corners than this. */
const MOST_CORNERS = 400;

/**
 * Corners of best value over spending, the dearest first, each proven as it is given: the best plan, then the best one unit of money below
 * it, and so on down to the cheapest plan there is. A plan that costs less and is worth as much ends the corner above it.
 *
 * @param isRefused says that a plan is not to be had after all: it is cut off and the program is solved again
 * @yields corners with falling cost and falling value
 */
export function* planCurve(
  solver: ProgramSolver,
  model: PlanModel,
  most?: number,
  isRefused: (plan: Plan) => boolean = () => false,
): Generator<Corner, void, undefined> {
  let spend = most;
  const cuts: (readonly string[])[] = [...(model.cuts ?? [])];
  for (let i = 0; i < MOST_CORNERS; i += 1) {
    const answer = solvePlan(solver, { ...model, cuts }, { aim: 'value', spend });
    if (answer.kind !== 'plan') return;
    if (cuts.length < MOST_CUTS && isRefused(answer.plan)) {
      cuts.push(answer.plan.ids);
      continue;
    }
    yield answer.plan;
    spend = answer.plan.cost - ONE_UNIT;
  }
}

/** Names of the limits that no choice keeps together, the fewest first found: gates by key, `spend`, `pinned`. Empty where something is possible. */
export function smallestClash(
  solver: ProgramSolver,
  model: PlanModel,
  spend: number | undefined,
): readonly string[] {
  const limits = [
    ...model.gates.map((g) => g.key),
    ...(spend === undefined ? [] : ['spend']),
    ...(model.items.some((i) => i.pinned) ? ['pinned'] : []),
  ];
  const possible = (kept: readonly string[]): boolean =>
    solvePlan(
      solver,
      {
        ...model,
        wants: [],
        gates: model.gates.filter((g) => kept.includes(g.key)),
        items: kept.includes('pinned')
          ? model.items
          : model.items.map((i) => ({ ...i, pinned: false })),
      },
      { aim: 'cost', spend: kept.includes('spend') ? spend : undefined },
    ).kind === 'plan';
  if (possible(limits)) return [];
  for (let size = 1; size < limits.length; size += 1) {
    const found = subsets(limits, size).find((kept) => !possible(kept));
    if (found) return found;
  }
  return limits;
}

function subsets<T>(list: readonly T[], size: number): readonly (readonly T[])[] {
  if (size === 0) return [[]];
  return list.flatMap((item, i) =>
    subsets(list.slice(i + 1), size - 1).map((rest) => [item, ...rest]),
  );
}
