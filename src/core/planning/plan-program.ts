import { piecewiseLinear } from '../numeric';
import { shrink, type PlanLeg, type PlanModel, type PlanWant } from './plan-model';

/** What is asked of the program. */
export interface PlanQuestion {
  /** Most that may be spent, base cost included. */
  readonly spend?: number | undefined;
  /** `value`: most points, and of equal ones the cheapest. `cost`: the least money that keeps the gates. */
  readonly aim: 'value' | 'cost';
  /** Points that a plan has to have, by the model. */
  readonly worth?: number | undefined;
}

/** A mixed-integer program as text, and which variable stands for which item. */
export interface PlanProgram {
  readonly text: string;
  readonly variables: ReadonlyMap<string, string>;
  /** Points that the objective leaves out. */
  readonly constant: number;
}

/** Points that one unit of money is worth beside the value, to part equal values by price: ten thousand make a hundredth of a point. */
export const TIE_POINTS = 1e-6;
const EPSILON = 1e-9;

const number = (x: number): string =>
  Math.abs(x) < EPSILON
    ? '0'
    : x
        .toPrecision(12)
        .replace(/\.?0+$/, '')
        .replace(/\.?0+e/, 'e');
const term = (coefficient: number, name: string): string =>
  `${coefficient < 0 ? '-' : '+'} ${number(Math.abs(coefficient))} ${name}`;

/**
 * The program in CPLEX LP format: max Σ points; needs xᵢ ≤ Σ xⱼ of each group; exclusions xᵢ + xⱼ ≤ 1; slots Σ x ≤ 1; gates; spending.
 * A want's points enter as segments δₖ ∈ [0, 1] of its curve between what can be reached: where the slopes never rise they fill in order
 * by themselves, else binaries make them (incremental formulation; Markowitz & Manne 1957, from memory).
 */
export function planProgram(whole: PlanModel, { spend, aim, worth }: PlanQuestion): PlanProgram {
  const model = shrink(whole);
  const variables = new Map(model.items.map((item, i) => [item.id, `x${i}`]));
  const x = (id: string): string => variables.get(id) ?? '';
  const objective: string[] = [];
  const rows: string[] = [];
  const bounds: string[] = [];
  const binaries = [...variables.values()];
  let constant = 0;

  for (const item of model.items) {
    objective.push(term(aim === 'value' ? -TIE_POINTS * item.cost : item.cost, x(item.id)));
    if (item.pinned) rows.push(`${x(item.id)} >= 1`);
    for (const group of item.needs)
      rows.push(
        `${[...group.flatMap((id) => (variables.has(id) ? [`+ ${x(id)}`] : []))].join(' ')} - ${x(item.id)} >= 0`,
      );
    for (const other of item.shutsOut)
      if (variables.has(other)) rows.push(`${x(item.id)} + ${x(other)} <= 1`);
  }
  const slots = new Map<string, string[]>();
  for (const item of model.items)
    if (item.slot !== '') slots.set(item.slot, [...(slots.get(item.slot) ?? []), x(item.id)]);
  for (const taken of slots.values()) if (taken.length > 1) rows.push(`${taken.join(' + ')} <= 1`);
  const effects = (leg: PlanLeg): string[] =>
    model.items.flatMap((item) => {
      const e = leg.effects[item.id] ?? 0;
      return Math.abs(e) < EPSILON ? [] : [term(e, x(item.id))];
    });
  for (const gate of model.gates) rows.push(atLeast(effects(gate.leg), gate.least - gate.leg.base));
  if (spend !== undefined)
    rows.push(
      atLeast(
        model.items.map((item) => term(-item.cost, x(item.id))),
        model.baseCost - spend,
      ),
    );
  for (const cut of model.cuts ?? []) {
    // At least one of it is left out, or one that is not in it is chosen.
    const inside = new Set(cut);
    rows.push(
      atLeast(
        model.items.map((item) => term(inside.has(item.id) ? -1 : 1, x(item.id))),
        1 - model.items.filter((item) => inside.has(item.id)).length,
      ),
    );
  }
  const points: string[] = [];
  if (aim === 'value' || worth !== undefined) {
    model.wants.forEach((want, w) => {
      const { start, segments } = reachable(want, model);
      constant += start.y;
      const names = segments.map((_, k) => `d${w}_${k}`);
      segments.forEach((s, k) => {
        points.push(term(s.rise, names[k] ?? ''));
        bounds.push(`0 <= ${names[k]} <= 1`);
      });
      if (segments.length === 0) return;
      // start + Σ length·δ ≤ base + Σ effect·x, for every leg
      for (const leg of want.legs)
        rows.push(
          atLeast(
            [...effects(leg), ...segments.map((s, k) => term(-s.run, names[k] ?? ''))],
            start.x - leg.base,
          ),
        );
      if (!isConcave(segments)) {
        names.slice(0, -1).forEach((name, k) => {
          const z = `z${w}_${k}`;
          binaries.push(z);
          rows.push(`${name} - ${z} >= 0`, `${names[k + 1]} - ${z} <= 0`);
        });
      }
    });
  }
  if (aim === 'value') objective.push(...points);
  if (worth !== undefined) rows.push(atLeast(points, worth - constant));
  // An objective, a row and a variable there must be, or it is no program.
  const text = [
    aim === 'value' ? 'Maximize' : 'Minimize',
    ` obj: ${objective.join(' ') || '0 dummy'}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    ' cdummy: dummy <= 1',
    'Bounds',
    ' 0 <= dummy <= 1',
    ...bounds.map((b) => ` ${b}`),
    'Binaries',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');
  return { text, variables, constant };
}

/** Σ terms ≥ least; without terms the row only says whether it holds: 0·dummy ≥ 0 or a row that cannot be. */
const atLeast = (terms: readonly string[], least: number): string =>
  terms.length > 0
    ? `${terms.join(' ')} >= ${number(least - 1e-7)}`
    : `dummy >= ${least <= 1e-7 ? 0 : 2}`;

interface Segment {
  readonly run: number;
  readonly rise: number;
}

/** The part of a want's curve that some choice can reach, as segments from its lowest end. */
function reachable(
  want: PlanWant,
  model: PlanModel,
): {
  readonly start: { readonly x: number; readonly y: number };
  readonly segments: readonly Segment[];
} {
  const sums = want.legs.map((leg) =>
    model.items.reduce(
      ([low, high], { id }) => {
        const e = leg.effects[id] ?? 0;
        return [low + Math.min(0, e), high + Math.max(0, e)] as [number, number];
      },
      [leg.base, leg.base] as [number, number],
    ),
  );
  const low = Math.min(...sums.map(([l]) => l));
  const high = Math.min(...sums.map(([, h]) => h));
  const at = (position: number) => ({ x: position, y: piecewiseLinear(want.knots, position) });
  const points = [
    at(low),
    ...want.knots.filter((k) => k.x > low + EPSILON && k.x < high - EPSILON),
    ...(high > low + EPSILON ? [at(high)] : []),
  ];
  const segments = points
    .slice(1)
    .map((p, i) => ({ run: p.x - (points[i]?.x ?? low), rise: p.y - (points[i]?.y ?? 0) }));
  return { start: at(low), segments };
}

const isConcave = (segments: readonly Segment[]): boolean =>
  segments.every((s, i) => {
    const before = segments[i - 1];
    return !before || s.rise / s.run <= before.rise / before.run + EPSILON;
  });
