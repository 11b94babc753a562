import { piecewiseLinear } from '../numeric';
import { findBuildFaults, type PlanItem, type PlanModel } from '../planning';

/** What one item does to every leg and gate. */
interface Move {
  readonly ids: readonly string[];
  readonly cost: number;
  readonly effects: Float64Array;
}

const clash = (a: PlanItem, b: PlanItem): boolean =>
  a.shutsOut.includes(b.id) || b.shutsOut.includes(a.id) || (a.slot !== '' && a.slot === b.slot);

/** No move, every single one, and every two together. */
function upToTwo(singles: readonly Move[]): readonly Move[] {
  const nothing: Move = {
    ids: [],
    cost: 0,
    effects: new Float64Array(singles[0]?.effects.length ?? 0),
  };
  const pairs = singles.flatMap((a, i) =>
    singles.slice(i + 1).map((b) => ({
      ids: [...a.ids, ...b.ids],
      cost: a.cost + b.cost,
      effects: a.effects.map((x, k) => x + (b.effects[k] as number)),
    })),
  );
  return [nothing, ...singles, ...pairs];
}

/** A choice may look so much worse by the sum and yet be better in full, points. Of 1055 that were better, on the example and five riders made up, none looked worse at all. */
const SLACK = 0.75;
const TOLERANCE = 1e-6;

/**
 * Choices that differ from one by up to two items taken away and up to two added, that keep the rules, the gates and the money by the
 * model: all of one for one, then of two the most promising by its sum. The model should have its effects taken about that choice.
 *
 * @param once an item that every other needs and that is paid for once; it goes with them unasked
 * @param most no more than so many of two
 */
export function nearbyChoices(
  model: PlanModel,
  chosen: readonly string[],
  spend: number | undefined,
  once: string,
  most: number,
): readonly (readonly string[])[] {
  const legs = [...model.wants.flatMap((w) => w.legs), ...model.gates.map((g) => g.leg)];
  const effectsOf = ({ id }: PlanItem) => Float64Array.from(legs, (leg) => leg.effects[id] ?? 0);
  const here = new Set(chosen);
  const items = model.items.filter((i) => i.id !== once);
  const common = model.items.find((i) => i.id === once);
  const nothing = { cost: 0, effects: new Float64Array(legs.length) };
  const withOnce = common ? { cost: common.cost, effects: effectsOf(common) } : nothing;
  const shared = (count: number) => (count > 0 ? withOnce : nothing);
  const now = Float64Array.from(legs, (leg) => leg.base);
  let cost = model.baseCost;
  for (const item of items.filter((i) => here.has(i.id))) {
    cost += item.cost;
    effectsOf(item).forEach((e, k) => (now[k] = (now[k] as number) + e));
  }
  const valueAt = (at: Float64Array): number => {
    let k = 0;
    return model.wants.reduce((sum, want) => {
      let least = Number.POSITIVE_INFINITY;
      for (let l = 0; l < want.legs.length; l += 1, k += 1)
        least = Math.min(least, at[k] as number);
      return sum + piecewiseLinear(want.knots, least);
    }, 0);
  };
  const keeps = (at: Float64Array): boolean => {
    const from = legs.length - model.gates.length;
    return model.gates.every((g, i) => (at[from + i] as number) >= g.least - TOLERANCE);
  };
  const moves = (which: (item: PlanItem) => boolean, sign: 1 | -1) =>
    upToTwo(
      items.filter(which).map((item) => ({
        ids: [item.id],
        cost: sign * item.cost,
        effects: effectsOf(item).map((e) => sign * e),
      })),
    );
  const chosenItems = items.filter((i) => here.has(i.id));
  const clashing = new Map(
    items.map((i) => [i.id, chosenItems.filter((c) => c !== i && clash(c, i)).map((c) => c.id)]),
  );
  const removals = moves((i) => here.has(i.id) && !i.pinned, -1);
  const additions = moves((i) => !here.has(i.id), 1)
    .map((more) => ({ more, clashes: new Set(more.ids.flatMap((id) => clashing.get(id) ?? [])) }))
    .filter(({ clashes }) => clashes.size <= 2);
  const makingRoom = new Map<string, readonly Move[]>();
  /** Ways to take away what an addition clashes with. */
  const removalsFor = (clashes: ReadonlySet<string>): readonly Move[] => {
    const key = [...clashes].toSorted().join(' ');
    const kept =
      makingRoom.get(key) ??
      removals.filter((less) => [...clashes].every((id) => less.ids.includes(id)));
    makingRoom.set(key, kept);
    return kept;
  };
  const catalogue = new Map(items.map((i) => [i.id, { ...i, needs: withoutOnce(i, once) }]));
  const atNow = now.map((x, k) => x + (shared(here.size).effects[k] as number));
  const least = valueAt(atNow) - SLACK;
  const found: { readonly ids: readonly string[]; readonly value: number }[] = [];
  const simple: (readonly string[])[] = [];
  const at = new Float64Array(legs.length);
  for (const { more, clashes } of additions) {
    for (const less of removalsFor(clashes)) {
      if (less.ids.length + more.ids.length === 0) continue;
      const common = shared(here.size - less.ids.length + more.ids.length);
      if (spend !== undefined && cost + less.cost + more.cost + common.cost > spend + TOLERANCE)
        continue;
      for (let k = 0; k < at.length; k += 1)
        at[k] =
          (now[k] as number) +
          (less.effects[k] as number) +
          (more.effects[k] as number) +
          (common.effects[k] as number);
      if (!keeps(at)) continue;
      const value = valueAt(at);
      if (value < least) continue;
      const gone = new Set(less.ids);
      const ids = [...chosen.filter((id) => !gone.has(id)), ...more.ids];
      if (less.ids.length < 2 && more.ids.length < 2) simple.push(ids);
      else found.push({ ids, value });
    }
  }
  const allowed = simple.filter((ids) => findBuildFaults(ids, catalogue).length === 0);
  const enough = allowed.length + most;
  for (const { ids } of found.sort((a, b) => b.value - a.value)) {
    if (allowed.length >= enough) break;
    if (findBuildFaults(ids, catalogue).length === 0) allowed.push(ids);
  }
  return allowed;
}

const withoutOnce = ({ needs }: PlanItem, once: string) =>
  needs.filter((group) => !group.includes(once));
