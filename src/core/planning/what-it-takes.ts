import type { PlanModel } from './plan-model';
import { solvePlan, type ProgramSolver } from './solve-plan';

/** What a rejected item lacks. */
export type WhatItTakes =
  | { readonly kind: 'chosen' }
  /** Rules, gates or money keep it out at any price. */
  | { readonly kind: 'shut-out' }
  /** `price`: it would be chosen up to this; absent where not even for nothing. `lacks`: points it would have to give besides, at its price. */
  | { readonly kind: 'rejected'; readonly price: number | undefined; readonly lacks: number };

/** Steps of halving: the price is found to a thousandth of the item's own. */
const HALVINGS = 10;

/** For which price, or with how many more points, an item would be in the best plan under a spending limit. */
export function whatItTakes(
  solver: ProgramSolver,
  model: PlanModel,
  spend: number | undefined,
  id: string,
): WhatItTakes {
  const free = solvePlan(solver, model, { aim: 'value', spend });
  const item = model.items.find((i) => i.id === id);
  if (free.kind !== 'plan' || !item) return { kind: 'shut-out' };
  if (free.plan.ids.includes(id)) return { kind: 'chosen' };
  const worthAt = (cost: number): number | undefined => {
    const saved = item.cost - cost;
    // The price also counts in the wants that money enters; these are legs that the item lowers by its cost.
    const answer = solvePlan(solver, repriced(model, id, saved), { aim: 'value', spend });
    return answer.kind === 'plan' ? answer.plan.value : undefined;
  };
  const [now, nothing] = [worthAt(item.cost), worthAt(0)];
  if (nothing === undefined) return { kind: 'shut-out' };
  const enough = (value: number | undefined) =>
    value !== undefined && value >= free.plan.value - 1e-7;
  const lacks = Math.max(0, free.plan.value - (now ?? nothing));
  if (!enough(nothing)) return { kind: 'rejected', price: undefined, lacks };
  let [low, high] = [0, item.cost];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (enough(worthAt(middle))) low = middle;
    else high = middle;
  }
  return { kind: 'rejected', price: low, lacks };
}

/** The model with one item pinned and cheaper, in what is spent and in every leg of the want named `spending`. */
function repriced(model: PlanModel, id: string, saved: number): PlanModel {
  return {
    ...model,
    items: model.items.map((item) =>
      item.id === id ? { ...item, pinned: true, cost: item.cost - saved } : item,
    ),
    wants: model.wants.map((want) =>
      want.key === SPENDING_WANT
        ? {
            ...want,
            legs: want.legs.map((leg) => ({
              ...leg,
              effects: { ...leg.effects, [id]: (leg.effects[id] ?? 0) + saved },
            })),
          }
        : want,
    ),
  };
}

/** Key of the want whose legs fall by the cost of every item. */
export const SPENDING_WANT = 'outlay';
