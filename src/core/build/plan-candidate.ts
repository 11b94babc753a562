import { assess, surenessOf, type Assessment } from '../assessment';
import type { CautionCode } from '../cautions';
import type { Part } from '../part';
import {
  findBuildFaults,
  planCurve,
  smallestClash,
  solvePlan,
  type Plan,
  type ProgramSolver,
} from '../planning';
import { percentiles } from '../numeric';
import { fitScore, wantCurves, wantWeights } from '../preference';
import { fullPoints, PAPERS, planModelOf, type LeftOut, type PlanSetting } from './plan-model-of';
import { nearbyChoices } from './nearby-choices';

/** A build that the planner proposes, assessed in full. */
export interface PlannedBuild {
  readonly partIds: readonly string[];
  /** Machine, parts, fitting and all that comes with it, brief's currency. */
  readonly cost: number;
  /** Points by the full assessment, at the middle. */
  readonly points: number;
  /** Points that the planner's own sum gave: apart from `points` by what is not a sum. */
  readonly planned: number;
  /** Musts and loads that the full assessment refuses: none in a build that is proposed. */
  readonly failed: readonly string[];
  /** Musts that nobody has given the figures of: neither kept nor broken. */
  readonly open?: readonly string[] | undefined;
  /** Within the money by the middle, but not as surely as the brief asks, where the bare machine is: never the best for the money. */
  readonly overMoney?: true | undefined;
}

export type BestBuild =
  | {
      readonly kind: 'build';
      readonly build: PlannedBuild;
      /** The cheapest build found that nobody would tell from the best on the road (see {@link FELT}); absent where that is the best itself, or was not looked for. */
      readonly enough?: PlannedBuild | undefined;
      /** A first build, soon: the best is still being looked for. */
      readonly quick?: true | undefined;
      readonly leftOut: readonly LeftOut[];
    }
  | { readonly kind: 'clash'; readonly limits: readonly string[] }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** Rounds of planning about the build just found, which takes in how parts act together. */
const ROUNDS = 3;
/** Plans that the full assessment refuses are cut off, at most so many in a round. */
const MOST_CUTS = 25;
/** Rounds of exchanges about the best build. */
const EXCHANGES = 12;
/** An exchange has to gain so many points. */
const GAIN = 0.005;
/** Exchanges that the sum finds most promising and that are assessed in full, a round. */
const LOOKED_AT = 80;

const partsOf = ({ choices }: PlanSetting, ids: readonly string[]): readonly Part[] =>
  ids.flatMap((id) => choices.find((p) => p.id === id) ?? []);

/** Loads that no plan may put on a machine that carried less without it. */
const LOADS: readonly CautionCode[] = ['over-axle-limit', 'over-tyre-load', 'watts-short'];

const stocks = new WeakMap<PlanSetting, Assessment>();
function stockOf(setting: PlanSetting): Assessment {
  const kept = stocks.get(setting) ?? assess({ ...setting, parts: [] });
  stocks.set(setting, kept);
  return kept;
}

/**
 * What keeps a build from being proposed, whatever it is worth: a must that is not kept as surely as the brief asks, a licence that it
 * breaks, a load that the bare machine did not have. Money is the spending limit's business unless it is missed for certain; what is not
 * known, or is doubtful only because nobody has given the figure, cannot be planned for and is left to be said: to ask costs less than a part.
 */
export function refusals(setting: PlanSetting, full: Assessment): readonly string[] {
  const stock = stockOf(setting);
  const musts = full.musts.filter((m) =>
    m.key === 'money' ? false : m.verdict === 'fail' || (m.verdict === 'unsure' && !m.typical),
  );
  const licence =
    full.licence.kind === 'not-legal' && stock.licence.kind !== 'not-legal' ? ['licence'] : [];
  const had = new Set(stock.cautions.map((c) => c.code));
  const loads = full.cautions.map((c) => c.code).filter((c) => LOADS.includes(c) && !had.has(c));
  const [now, was] = [full.metrics.payloadLeft.estimate, stock.metrics.payloadLeft.estimate];
  const overloaded =
    now.kind === 'known' && now.mid < 0 && (was.kind !== 'known' || was.mid >= 0) ? ['load'] : [];
  return [...new Set([...musts.map((m) => m.key), ...licence, ...loads, ...overloaded])];
}

/**
 * By how much a build that is within the money by the middle goes over it at the level that the sureness asks for, brief's currency;
 * 0 where money is no must, or not surely kept by the bare machine either.
 */
function moneyOver(setting: PlanSetting, full: Assessment): number {
  const money = full.musts.find((m) => m.key === 'money');
  const bare = stockOf(setting).musts.find((m) => m.key === 'money');
  if (!money || money.verdict === 'pass' || bare?.verdict !== 'pass') return 0;
  const { have, need = 0 } = money;
  if (have?.kind !== 'known' || have.mid > need || !have.rows) return 0;
  const [sure = have.mid] = percentiles(have.rows, surenessOf(setting.brief));
  return Math.max(0, sure - need);
}

/** A build assessed in full. */
export function assessedBuild(
  setting: PlanSetting,
  ids: readonly string[],
  planned: number,
): PlannedBuild {
  const { brief } = setting;
  const partIds = ids.filter((id) => id !== PAPERS);
  const full = assess({ ...setting, parts: partsOf(setting, partIds) });
  const outlay = full.metrics.outlay.estimate;
  return {
    partIds,
    planned,
    cost: outlay.kind === 'known' ? outlay.mid : 0,
    points: fitScore(full.metrics, wantCurves(brief), wantWeights(brief)).points.mid,
    failed: refusals(setting, full),
    ...(moneyOver(setting, full) > 0 ? { overMoney: true as const } : {}),
    open: full.musts
      .filter((m) => m.verdict === 'not-known' || (m.verdict === 'unsure' && m.typical))
      .map((m) => m.key),
  };
}

/** The best plan of the sum that the full assessment does not refuse: what it refuses is cut off and the program solved again. */
function acceptedPlan(
  solver: ProgramSolver,
  setting: PlanSetting,
  model: ReturnType<typeof planModelOf>['model'],
  spend: number | undefined,
): PlannedBuild | undefined {
  const cuts: (readonly string[])[] = [];
  while (cuts.length <= MOST_CUTS) {
    const answer = solvePlan(solver, { ...model, cuts }, { aim: 'value', spend });
    if (answer.kind !== 'plan') return undefined;
    const build = assessedBuild(setting, answer.plan.ids, answer.plan.value);
    if (build.failed.length === 0) return build;
    cuts.push(answer.plan.ids);
  }
  return undefined;
}

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
    if (!best.build.overMoney || limit === undefined || round === LOWERED)
      return thorough
        ? { ...best, enough: enoughFor(solver, setting, best.build) }
        : { ...best, quick: true };
    // Prices that are not exactly known leave room below the limit, so that it holds as surely as is asked.
    limit -=
      1 + moneyOver(setting, assess({ ...setting, parts: partsOf(setting, best.build.partIds) }));
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
  for (let round = 0; round < (thorough ? ROUNDS : 1); round += 1) {
    const build = acceptedPlan(solver, setting, model, spend);
    if (!build || (best && build.points <= best.points + GAIN)) break;
    best = build;
    if (thorough) model = planModelOf(setting, partsOf(setting, build.partIds)).model;
  }
  if (!best) {
    const limits = smallestClash(solver, first.model, spend);
    const stock = stockOf(setting);
    return { kind: 'clash', limits: limits.length > 0 ? limits : refusals(setting, stock) };
  }
  const build = thorough ? exchanged(setting, best, spend) : best;
  return { kind: 'build', build, leftOut: first.leftOut };
}

/** A build bettered by exchanges until none of those tried gains anything in the full assessment. */
export function exchanged(
  setting: PlanSetting,
  from: PlannedBuild,
  spend: number | undefined,
): PlannedBuild {
  let best = from;
  for (let round = 0; round < EXCHANGES; round += 1) {
    const better = oneExchange(setting, best, spend);
    if (!better) break;
    best = better;
  }
  return best;
}

function oneExchange(
  setting: PlanSetting,
  best: PlannedBuild,
  spend: number | undefined,
): PlannedBuild | undefined {
  const { model } = planModelOf(setting, partsOf(setting, best.partIds));
  const nearby = nearbyChoices(model, best.partIds, spend, PAPERS, LOOKED_AT);
  const promising = nearby
    .map((ids) => ({ ids, points: fullPoints(setting, partsOf(setting, ids)) }))
    .filter(({ points }) => points > best.points + GAIN)
    .toSorted((a, b) => b.points - a.points);
  for (const { ids, points } of promising) {
    const build = assessedBuild(setting, ids, points);
    const affordable = spend === undefined || build.cost <= spend + 1e-6;
    if (affordable && build.failed.length === 0) return build;
  }
  return undefined;
}

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

/** What a rider would feel, points of 100. Own assumption. */
export const FELT = 1;

/**
 * The cheapest build found that is worth less than a point under the best, in the full assessment: the cheapest plan of the sum about
 * the best, what the full assessment refuses or finds worth too little cut off; then whatever part may go as well is taken off.
 *
 * @returns `undefined` where nothing cheaper is as good
 */
function enoughFor(
  solver: ProgramSolver,
  setting: PlanSetting,
  best: PlannedBuild,
): PlannedBuild | undefined {
  const least = best.points - FELT;
  const isEnough = (b: PlannedBuild) =>
    b.failed.length === 0 && !b.overMoney && b.points > least && b.cost < best.cost - 1;
  const { model } = planModelOf(setting, partsOf(setting, best.partIds));
  const cuts: (readonly string[])[] = [];
  let found: PlannedBuild | undefined;
  while (!found && cuts.length <= MOST_CUTS) {
    const answer = solvePlan(
      solver,
      { ...model, cuts },
      { aim: 'cost', worth: least, spend: best.cost - 1 },
    );
    if (answer.kind !== 'plan') break;
    const build = assessedBuild(setting, answer.plan.ids, answer.plan.value);
    if (isEnough(build)) found = build;
    else cuts.push(answer.plan.ids);
  }
  const catalogue = new Map(
    model.items.map((i) => [i.id, { ...i, needs: i.needs.filter((g) => !g.includes(PAPERS)) }]),
  );
  for (let from: PlannedBuild | undefined = found ?? best; from; ) {
    const { partIds } = from;
    const fewer: readonly PlannedBuild[] = partIds
      .filter((id) => !setting.pinned.has(id))
      .map((id) => partIds.filter((other) => other !== id))
      .filter((ids) => findBuildFaults(ids, catalogue).length === 0)
      .map((ids) => assessedBuild(setting, ids, fullPoints(setting, partsOf(setting, ids))))
      .filter(isEnough);
    from = cheapestOf(fewer);
    if (from && from.cost < (found?.cost ?? Number.POSITIVE_INFINITY)) found = from;
  }
  return found;
}

const cheapestOf = (builds: readonly PlannedBuild[]): PlannedBuild | undefined =>
  builds.reduce<PlannedBuild | undefined>((a, b) => (a && a.cost <= b.cost ? a : b), undefined);

/** What is recommended of an answer: the cheapest that is as good to ride. */
export const recommended = ({
  build,
  enough,
}: Extract<BestBuild, { readonly kind: 'build' }>): PlannedBuild => enough ?? build;

/** The corners that are worth their money by the full assessment: rising in cost and in points. */
export function worthwhile(corners: readonly PlannedBuild[]): readonly PlannedBuild[] {
  const sound = corners
    .filter((c) => c.failed.length === 0)
    .toSorted((a, b) => a.cost - b.cost || b.points - a.points);
  return sound.filter((c, i) =>
    sound.slice(0, i).every((before) => before.points < c.points - 1e-9),
  );
}
