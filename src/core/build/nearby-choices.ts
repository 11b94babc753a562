import { areEitherOr, findBuildFaults, type PlanItem, type PlanModel } from '../planning';
import { plus, sumOfMoves, type Effects } from './sum-of-moves';

/** Items taken away or added, with what that does to money and legs. */
interface Move {
  readonly ids: readonly string[];
  readonly cost: number;
  readonly effects: Effects;
}

/** No move, every single one, and every two together. */
function upToTwo(singles: readonly Move[], nothing: Effects): readonly Move[] {
  const pairs = singles.flatMap((a, i) =>
    singles.slice(i + 1).map((b) => ({
      ids: [...a.ids, ...b.ids],
      cost: a.cost + b.cost,
      effects: plus(a.effects, b.effects),
    })),
  );
  return [{ ids: [], cost: 0, effects: nothing }, ...singles, ...pairs];
}

/** A choice may look so much worse by the sum and yet be better in full, points. Of 1258 that were better, on the example and five riders made up, none looked worse at all. */
const SLACK = 0.2;
const TOLERANCE = 1e-6;
const NOTHING_TOUCHED = { wants: [], gates: [] };

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
  const sum = sumOfMoves(model);
  const here = new Set(chosen);
  const items = model.items.filter((i) => i.id !== once);
  const common = model.items.find((i) => i.id === once);
  const commonEffects = common ? sum.effectsOf(common) : sum.nothing;
  let [cost, now] = [model.baseCost, sum.base];
  for (const item of items.filter((i) => here.has(i.id))) {
    cost += item.cost;
    now = plus(now, sum.effectsOf(item));
  }
  const withCommon = plus(now, commonEffects);
  const moves = (which: (item: PlanItem) => boolean, sign: 1 | -1) =>
    upToTwo(
      items.filter(which).map((item) => ({
        ids: [item.id],
        cost: sign * item.cost,
        effects: plus(sum.nothing, sum.effectsOf(item), sign),
      })),
      sum.nothing,
    );
  const chosenItems = items.filter((i) => here.has(i.id));
  const clashing = new Map(
    items.map((i) => [
      i.id,
      chosenItems.filter((c) => c !== i && areEitherOr(c, i)).map((c) => c.id),
    ]),
  );
  const removals = moves((i) => here.has(i.id) && !i.pinned, -1).map((less) => {
    // With the last item goes what all of them needed.
    const last = less.ids.length === here.size;
    return {
      ...less,
      touched: sum.touched(less.effects),
      toNothing: last ? sum.placeOf(plus(now, less.effects)) : undefined,
    };
  });
  const additions = moves((i) => !here.has(i.id), 1)
    .map((more) => ({ more, clashes: new Set(more.ids.flatMap((id) => clashing.get(id) ?? [])) }))
    .filter(({ clashes }) => clashes.size <= 2);
  const makingRoom = new Map<string, typeof removals>();
  /** Ways to take away what an addition clashes with. */
  const removalsFor = (clashes: ReadonlySet<string>): typeof removals => {
    const key = [...clashes].toSorted().join(' ');
    const kept =
      makingRoom.get(key) ??
      removals.filter((less) => [...clashes].every((id) => less.ids.includes(id)));
    makingRoom.set(key, kept);
    return kept;
  };
  const catalogue = new Map(items.map((i) => [i.id, { ...i, needs: withoutOnce(i, once) }]));
  const least = sum.placeOf(here.size > 0 ? withCommon : now).points - SLACK;
  const found: { readonly less: Move; readonly more: Move; readonly value: number }[] = [];
  const simple: (readonly string[])[] = [];
  const idsOf = (less: Move, more: Move): readonly string[] => [
    ...chosen.filter((id) => !less.ids.includes(id)),
    ...more.ids,
  ];
  for (const { more, clashes } of additions) {
    const place = sum.placeOf(plus(withCommon, more.effects));
    for (const less of removalsFor(clashes)) {
      if (less.ids.length + more.ids.length === 0) continue;
      const bare = more.ids.length === 0 ? less.toNothing : undefined;
      const paid = bare ? 0 : (common?.cost ?? 0);
      if (spend !== undefined && cost + less.cost + more.cost + paid > spend + TOLERANCE) continue;
      const value = bare
        ? sum.pointsAfter(bare, sum.nothing, NOTHING_TOUCHED)
        : sum.pointsAfter(place, less.effects, less.touched);
      if (value === undefined || value < least) continue;
      if (less.ids.length < 2 && more.ids.length < 2) simple.push(idsOf(less, more));
      else found.push({ less, more, value });
    }
  }
  const allowed = simple.filter((ids) => findBuildFaults(ids, catalogue).length === 0);
  const enough = allowed.length + most;
  for (const { less, more } of found.sort((a, b) => b.value - a.value)) {
    if (allowed.length >= enough) break;
    const ids = idsOf(less, more);
    if (findBuildFaults(ids, catalogue).length === 0) allowed.push(ids);
  }
  return allowed;
}

const withoutOnce = ({ needs }: PlanItem, once: string) =>
  needs.filter((group) => !group.includes(once));
