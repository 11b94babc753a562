import { piecewiseLinear } from '../numeric';
import type { PlanItem, PlanModel } from '../planning';

const TOLERANCE = 1e-6;

/** What one item or several do to every leg of wants and gates. */
export type Effects = Float64Array;

/** Wants and gates that a move changes at all, by their number. */
interface Touched {
  readonly wants: readonly number[];
  readonly gates: readonly number[];
}

/** Where a choice stands by the sum: points of each want, and the gates that are missed. */
interface Place {
  readonly legs: Effects;
  readonly worths: Float64Array;
  readonly points: number;
  readonly missed: readonly number[];
}

/**
 * The sum of a plan's model at one choice, and what a further move makes of it: only what the move touches is reckoned anew, so that a
 * hundred thousand moves are tried in the time of a few thousand.
 */
export interface SumOfMoves {
  readonly effectsOf: (item: PlanItem) => Effects;
  readonly nothing: Effects;
  readonly base: Effects;
  readonly touched: (effects: Effects) => Touched;
  readonly placeOf: (legs: Effects) => Place;
  /** Points after a further move; `undefined` where a gate is missed. */
  readonly pointsAfter: (place: Place, effects: Effects, touched: Touched) => number | undefined;
}

export const plus = (a: Effects, b: Effects, sign: 1 | -1 = 1): Effects =>
  a.map((x, k) => x + sign * (b[k] as number));

export function sumOfMoves({ wants, gates }: PlanModel): SumOfMoves {
  const legs = [...wants.flatMap((w) => w.legs), ...gates.map((g) => g.leg)];
  const nothing = new Float64Array(legs.length);
  let firstGate = 0;
  const places = wants.map(({ legs: own, knots }) => {
    const from = firstGate;
    firstGate += own.length;
    return { from, to: firstGate, knots };
  });
  const worthAfter = (want: number, at: Effects, by: Effects): number => {
    const { from, to, knots } = places[want] as (typeof places)[number];
    let least = Number.POSITIVE_INFINITY;
    for (let l = from; l < to; l += 1)
      least = Math.min(least, (at[l] as number) + (by[l] as number));
    return piecewiseLinear(knots, least);
  };
  const holdsAfter = (gate: number, at: Effects, by: Effects): boolean =>
    (at[firstGate + gate] as number) + (by[firstGate + gate] as number) >=
    (gates[gate]?.least ?? 0) - TOLERANCE;
  return {
    nothing,
    base: Float64Array.from(legs, (leg) => leg.base),
    effectsOf: ({ id }) => Float64Array.from(legs, (leg) => leg.effects[id] ?? 0),
    touched: (effects) => ({
      wants: places.flatMap(({ from, to }, w) =>
        effects.subarray(from, to).some((e) => e !== 0) ? [w] : [],
      ),
      gates: gates.flatMap((_, g) => (effects[firstGate + g] === 0 ? [] : [g])),
    }),
    placeOf(at) {
      const worths = Float64Array.from(wants, (_, w) => worthAfter(w, at, nothing));
      return {
        legs: at,
        worths,
        points: worths.reduce((a, b) => a + b, 0),
        missed: gates.flatMap((_, g) => (holdsAfter(g, at, nothing) ? [] : [g])),
      };
    },
    pointsAfter({ legs: at, worths, points, missed }, effects, touched) {
      for (const gate of missed) if (!touched.gates.includes(gate)) return undefined;
      for (const gate of touched.gates) if (!holdsAfter(gate, at, effects)) return undefined;
      let sum = points;
      for (const want of touched.wants)
        sum += worthAfter(want, at, effects) - (worths[want] as number);
      return sum;
    },
  };
}
