import { assess, type Assessment, type MustVerdict } from '@/core/assessment';
import { fullPoints, type PlanSetting } from '@/core/build';
import type { Caution } from '@/core/cautions';
import type { Part } from '@/core/part';
import { findBuildFaults } from '@/core/planning';

/** What the full assessment may find better and the planner is forgiven, points of 100. */
export const FORGIVEN = 0.05;

const LOADS: readonly string[] = [
  'over-axle-limit',
  'over-tyre-load',
  'over-rack-limit',
  'over-carrier-limit',
  'watts-short',
];
/** By how much a cautioned load is over, kg or W; `perhaps` where it may be within. */
const over = (c: Caution): number => {
  if ('over_kg' in c) return c.over_kg;
  return 'short_W' in c ? c.short_W : Number.NaN;
};
const isPerhaps = (c: Caution): boolean => 'perhaps' in c && c.perhaps === true;
const endOf = (c: Caution): string => ('end' in c ? c.end : '');

/** No load over what bears it that was not so on the bare machine, and none that surely is goes further over. */
const bears = (full: Assessment, stock: Assessment): boolean =>
  full.cautions
    .filter((c) => LOADS.includes(c.code))
    .every((c) => {
      const had = stock.cautions.filter((o) => o.code === c.code && endOf(o) === endOf(c));
      return had.some((o) => isPerhaps(c) || over(c) <= over(o) + 0.05);
    });
const verdictOf = (a: Assessment, key: string): MustVerdict | undefined =>
  a.musts.find((m) => m.key === key)?.verdict;

export interface Judged {
  /** The whole outlay at the middle, brief's currency; NaN where it is not known. */
  readonly cost: number;
  /** No must, licence or load forbids it that did not forbid the bare machine. */
  readonly sound: boolean;
}

/** The full assessment's word on a build, written anew beside the planner's own. */
export function judged(setting: PlanSetting, parts: readonly Part[]): Judged {
  const full = assess({ ...setting, parts });
  const stock = assess({ ...setting, parts: [] });
  const outlay = full.metrics.outlay.estimate;
  const asLikely = (setting.brief.musts.sureness_percent ?? 80) / 100;
  const kept = full.musts.every((m) => {
    if (m.verdict === 'pass' || m.key === 'money') return true;
    // Doubtful only because nobody has given the figure: to be asked, not to be bought for. What the class breaks has to be kept.
    const wasBroken = verdictOf(stock, m.key) === 'fail';
    if (m.verdict === 'not-known') return !wasBroken || (m.chance ?? 0) >= asLikely;
    return m.verdict === 'unsure' && m.typical !== undefined && !wasBroken;
  });
  const [left, was] = [full.metrics.payloadLeft, stock.metrics.payloadLeft];
  const bare = was.estimate.kind === 'known' ? was.estimate.mid : 0;
  return {
    cost: outlay.kind === 'known' ? outlay.mid : Number.NaN,
    sound:
      kept &&
      (full.licence.kind !== 'not-legal' || stock.licence.kind === 'not-legal') &&
      bears(full, stock) &&
      (left.estimate.kind === 'unknown' ||
        // Overloaded from the first, by its class: nobody has told the limit.
        (was.typical !== undefined && bare < 0) ||
        left.estimate.mid >= Math.min(0, bare) - 1e-6) &&
      // As surely within the money as the bare machine.
      (verdictOf(full, 'money') === 'pass' || verdictOf(stock, 'money') !== 'pass'),
  };
}

/** The parts that a build may be made of here, and what may be asked of any choice of them. */
export interface Field {
  readonly choices: readonly Part[];
  readonly inRules: (ids: readonly string[]) => boolean;
  /** Points in full, whatever forbids it. */
  readonly points: (ids: readonly string[]) => number;
  /** Within rules, money and limits. */
  readonly allowed: (ids: readonly string[]) => boolean;
  readonly judged: (ids: readonly string[]) => Judged;
}

/** What stands on the machine already clashes with its rivals and serves those that need it; the rider's wishes bound the choice. */
export function fieldOf(setting: PlanSetting, spend: number): Field {
  const { aboard, banned, legalOnly, daysLeft = Number.POSITIVE_INFINITY, pinned } = setting;
  const there = new Set(aboard.parts.map((p) => p.id));
  const clashes = (p: Part) =>
    aboard.parts.some(
      (a) =>
        a.shutsOut.includes(p.id) ||
        p.shutsOut.includes(a.id) ||
        (a.slot !== '' && a.slot === p.slot),
    );
  const choices = setting.choices
    .filter(
      (p) =>
        !there.has(p.id) &&
        !clashes(p) &&
        !banned.has(p.id) &&
        !(legalOnly && p.flags.includes('ends-approval')) &&
        p.leadTime_days <= daysLeft,
    )
    .map((p) => ({ ...p, needs: p.needs.filter((g) => !g.some((id) => there.has(id))) }));
  const catalogue = new Map(choices.map((p) => [p.id, p]));
  const partsOf = (ids: readonly string[]) => ids.flatMap((id) => catalogue.get(id) ?? []);
  const inRules = (ids: readonly string[]) => findBuildFaults(ids, catalogue).length === 0;
  const word = (ids: readonly string[]) => judged(setting, partsOf(ids));
  return {
    choices,
    inRules,
    points: (ids) => fullPoints(setting, partsOf(ids)),
    judged: word,
    allowed: (ids) => {
      const wished = [...pinned].every((id) => ids.includes(id) || there.has(id));
      if (!wished || !inRules(ids)) return false;
      const { cost, sound } = word(ids);
      return sound && cost <= spend;
    },
  };
}
