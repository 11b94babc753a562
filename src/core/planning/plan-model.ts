import { piecewiseLinear } from '../numeric';
import type { Choosable } from './build-rules';

/** Something that can be chosen, with its price. */
export interface PlanItem extends Choosable {
  /** At least 0. */
  readonly cost: number;
  /** Must be in every plan. */
  readonly pinned: boolean;
}

/** A quantity that chosen items change: base + Σ effects of the chosen. */
export interface PlanLeg {
  readonly base: number;
  readonly effects: Readonly<Record<string, number>>;
}

/** A graded wish: points by its weakest leg, piecewise linear between knots (x rising, y never falling), flat beyond the ends. */
export interface PlanWant {
  readonly key: string;
  readonly knots: readonly { readonly x: number; readonly y: number }[];
  /** At least one; the lowest counts. */
  readonly legs: readonly PlanLeg[];
}

/** A limit that every plan keeps: leg ≥ least. */
export interface PlanGate {
  readonly key: string;
  readonly leg: PlanLeg;
  readonly least: number;
}

/** Everything a planner is told. It knows no motorcycle: items, what they change, what that is worth, what must hold. */
export interface PlanModel {
  readonly items: readonly PlanItem[];
  readonly wants: readonly PlanWant[];
  readonly gates: readonly PlanGate[];
  /** Spent already, before any item. */
  readonly baseCost: number;
  /** Choices that are not to be had again, each just as it is: what a fuller look refused. */
  readonly cuts?: readonly (readonly string[])[] | undefined;
}

export interface Plan {
  /** Chosen, in the order of the model's items. */
  readonly ids: readonly string[];
  /** With what is spent already. */
  readonly cost: number;
  /** Points by the model. */
  readonly value: number;
}

export const legAt = (leg: PlanLeg, chosen: ReadonlySet<string>): number => {
  let sum = leg.base;
  for (const id of chosen) sum += leg.effects[id] ?? 0;
  return sum;
};

const TOLERANCE = 1e-6;

/** Points of a choice by the model, its cost, and whether it keeps every gate; rules of needs and slots are `findBuildFaults`' business. */
export function planOf(
  model: PlanModel,
  ids: Iterable<string>,
): Plan & { readonly gatesKept: boolean } {
  const chosen = new Set(ids);
  const value = model.wants.reduce(
    (sum, want) =>
      sum + piecewiseLinear(want.knots, Math.min(...want.legs.map((leg) => legAt(leg, chosen)))),
    0,
  );
  const picked = model.items.filter((item) => chosen.has(item.id));
  return {
    ids: picked.map((item) => item.id),
    cost: picked.reduce((sum, item) => sum + item.cost, model.baseCost),
    value,
    gatesKept: model.gates.every((gate) => legAt(gate.leg, chosen) >= gate.least - TOLERANCE),
  };
}

/** The model without items that cannot matter: they are not pinned, help no want and no gate, and nothing that matters needs them. */
export function shrink(model: PlanModel): PlanModel {
  const legs = [...model.wants.flatMap((w) => w.legs), ...model.gates.map((g) => g.leg)];
  const kept = new Set(
    model.items
      .filter((item) => item.pinned || legs.some((leg) => (leg.effects[item.id] ?? 0) > TOLERANCE))
      .map((item) => item.id),
  );
  const byId = new Map(model.items.map((item) => [item.id, item]));
  const open = [...kept];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    for (const needed of byId.get(id)?.needs.flat() ?? []) {
      if (byId.has(needed) && !kept.has(needed)) {
        kept.add(needed);
        open.push(needed);
      }
    }
  }
  return { ...model, items: model.items.filter((item) => kept.has(item.id)) };
}
