import type { Plan, PlanModel } from './plan-model';
import type { PlanQuestion } from './plan-program';
import { solvePlan, type ProgramSolver } from './solve-plan';

/** A step of a curve: from this cost up, this plan is the best there is but for {@link GRAIN}, until the next corner. */
export type Corner = Plan;

/** Between two corners there may be another that is worth less than this more than the cheaper: half of what a rider would feel. Own assumption. */
export const GRAIN = 0.5;
/** Money that has to be saved for a cheaper plan to count. */
const ONE_UNIT = 1;
/** So many plans are cut off before a curve goes on without looking. */
const MOST_CUTS = 60;
/** A curve has no more corners than this. */
const MOST_CORNERS = 400;

/**
 * Corners of best value over spending, the dearest first, each proven as it is given: the best plan, then the cheapest that is worth at
 * most a grain less, and so on; where nothing cheaper is, the best one unit of money below. So at any spending the dearest corner within
 * it is the best plan there is, or less than a grain below it.
 *
 * @param isRefused says that a plan is not to be had after all: it is cut off and the program is solved again
 * @yields corners with falling cost and falling value
 */
export function* planCurve(
  solver: ProgramSolver,
  model: PlanModel,
  most?: number,
  isRefused: (plan: Plan) => boolean = () => false,
  grain = GRAIN,
): Generator<Corner, void, undefined> {
  const cuts: (readonly string[])[] = [...(model.cuts ?? [])];
  /** The answer to a question, with what is refused cut off. */
  const answered = (question: PlanQuestion): Plan | undefined => {
    for (;;) {
      const answer = solvePlan(solver, { ...model, cuts }, question);
      if (answer.kind !== 'plan') return undefined;
      if (cuts.length >= MOST_CUTS || !isRefused(answer.plan)) return answer.plan;
      cuts.push(answer.plan.ids);
    }
  };
  let corner = answered({ aim: 'value', spend: most });
  for (let i = 0; corner && i < MOST_CORNERS; i += 1) {
    yield corner;
    const spend = corner.cost - ONE_UNIT;
    corner =
      answered({ aim: 'cost', worth: corner.value - grain, spend }) ??
      answered({ aim: 'value', spend });
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
