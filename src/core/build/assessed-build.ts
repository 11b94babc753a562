import { assess, surenessOf, type Assessment } from '../assessment';
import { percentiles } from '../numeric';
import type { Part } from '../part';
import { fitScore, wantCurves, wantWeights } from '../preference';
import { limitsBroken } from './made-worse';
import { PAPERS, type PlanSetting } from './plan-model-of';

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

/** Parts of a setting by their ids; what it does not have is left out. */
export const partsOf = ({ choices }: PlanSetting, ids: readonly string[]): readonly Part[] =>
  ids.flatMap((id) => choices.find((p) => p.id === id) ?? []);

/** The bare machine of a setting, assessed once. */
const stocks = new WeakMap<PlanSetting, Assessment>();
export function stockOf(setting: PlanSetting): Assessment {
  const kept = stocks.get(setting) ?? assess({ ...setting, parts: [] });
  stocks.set(setting, kept);
  return kept;
}

/**
 * What keeps a build from being proposed, whatever it is worth: a must that is not kept as surely as the brief asks, a licence that it
 * breaks, a load over what bears it, or further over than on the bare machine. Money is the spending limit's business unless it is missed for certain; what is not
 * known, or is doubtful only because nobody has given the figure, cannot be planned for and is left to be said: to ask costs less than a part.
 * One that the class breaks on the bare machine is a gate of the program, and has to be kept here as well.
 */
export function refusals(setting: PlanSetting, full: Assessment): readonly string[] {
  const stock = stockOf(setting);
  const sureness = surenessOf(setting.brief);
  const broken = new Set(stock.musts.filter((m) => m.verdict === 'fail').map((m) => m.key));
  const musts = full.musts.filter(
    (m) =>
      m.key !== 'money' &&
      (m.verdict === 'fail' ||
        (m.verdict === 'unsure' && (!m.typical || broken.has(m.key))) ||
        // A limit of law or maker is never kept by the class, but may be as likely as is asked.
        (m.verdict === 'not-known' && broken.has(m.key) && (m.chance ?? 0) < sureness)),
  );
  return [...new Set([...musts.map((m) => m.key), ...limitsBroken(setting.brief, stock, full)])];
}

/**
 * By how much a build that is within the money by the middle goes over it at the level that the sureness asks for, brief's currency;
 * 0 where money is no must, or not surely kept by the bare machine either.
 */
export function moneyOver(setting: PlanSetting, full: Assessment): number {
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
