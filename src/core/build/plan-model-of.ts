import { assess, metricDefinition, wattsLeft, type Assessment, type BareCase } from '../assessment';
import { spendable } from '../brief';
import { partsCost } from '../money';
import type { Part } from '../part';
import {
  SPENDING_WANT,
  type PlanGate,
  type PlanItem,
  type PlanLeg,
  type PlanModel,
  type PlanWant,
} from '../planning';
import {
  fitScore,
  NEED_VALUE,
  WANT_KEYS,
  wantCurves,
  wantWeights,
  type WantKey,
} from '../preference';
import type { SuspensionEnd } from '../suspension';

/** What a plan for one candidate is made from. */
export interface PlanSetting extends BareCase {
  /** Parts that are made for it, to choose from. */
  readonly choices: readonly Part[];
  readonly pinned: ReadonlySet<string>;
  readonly banned: ReadonlySet<string>;
  /** Leave out what may end road approval. */
  readonly legalOnly: boolean;
  /** Days until the trip; parts that take longer are left out. Absent: not fixed. */
  readonly daysLeft?: number | undefined;
}

/** Why a part is not considered. */
export type LeftOut = {
  readonly id: string;
  readonly why: 'banned' | 'no-rate' | 'not-legal' | 'too-late' | 'licence' | 'clashes-aboard';
};

export interface PlanBasis {
  readonly model: PlanModel;
  readonly leftOut: readonly LeftOut[];
  /** Machine, repairs and papers not known: then nothing can be planned for money. */
  readonly missing: readonly string[];
}

/**
 * The planner's model of one candidate: each part's effect on each want and gate as the full assessment gives it, part by part, at the
 * middle of the intervals, beside the parts in `around` (usually none). Effects are added up; where the true metric is a product or an
 * index, the sum is only close, so every plan is assessed again in full (see {@link fullPoints}).
 */
export function planModelOf(setting: PlanSetting, around: readonly Part[] = []): PlanBasis {
  const { brief, aboard } = setting;
  const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
  const near = new Set(around.map((p) => p.id));
  const here = assess({ ...setting, parts: around });
  const leftOut: LeftOut[] = [];
  const there = new Set(aboard.parts.map((p) => p.id));
  const considered: { readonly item: PlanItem; readonly alone: Assessment }[] = [];
  for (const part of setting.choices) {
    if (there.has(part.id)) continue;
    const cost = partsCost(part, brief.money);
    const why = reasonAgainst(part, setting, cost);
    const alone = why
      ? here
      : assess({
          ...setting,
          parts: near.has(part.id) ? around.filter((p) => p.id !== part.id) : [...around, part],
        });
    if (why) leftOut.push({ id: part.id, why });
    else if (alone.licence.kind === 'not-legal' && here.licence.kind !== 'not-legal')
      leftOut.push({ id: part.id, why: 'licence' });
    else
      considered.push({
        alone,
        item: {
          id: part.id,
          cost: cost ?? 0,
          pinned: setting.pinned.has(part.id),
          needs: part.needs.filter((group) => !group.some((id) => there.has(id))),
          shutsOut: part.shutsOut,
          slot: part.slot,
        },
      });
  }
  /** A leg from a quantity of an assessment: what each part adds, and where it stands without any of those around. */
  const legOf = (read: (a: Assessment) => number): PlanLeg => {
    const at = read(here);
    const effects: Record<string, number> = {};
    let base = at;
    for (const { item, alone } of considered) {
      const effect = near.has(item.id) ? at - read(alone) : read(alone) - at;
      if (Math.abs(effect) > 1e-9) effects[item.id] = effect;
      if (near.has(item.id)) base -= effect;
    }
    return { base, effects };
  };
  const wants = WANT_KEYS.map((want): PlanWant => {
    const sign = metricDefinition(want).better === 'less' ? -1 : 1;
    const { floor, need, ideal } = curves[want];
    const points = weights[want] * 100;
    const unknownAt = floor + ((need - floor) * 0.5) / NEED_VALUE;
    const mid = (a: Assessment): number => {
      const { estimate } = a.metrics[want];
      return sign * (estimate.kind === 'known' ? estimate.interval.mid : unknownAt);
    };
    return {
      key: want === 'outlay' ? SPENDING_WANT : want,
      knots: [
        { x: sign * floor, y: 0 },
        { x: sign * need, y: NEED_VALUE * points },
        { x: sign * ideal, y: points },
      ],
      legs: legsOf(want, mid, legOf),
    };
  });
  const outlay = assess({ ...setting, parts: [] }).metrics.outlay.estimate;
  return {
    model: {
      items: considered.map((c) => c.item),
      wants,
      gates: gatesOf(here, legOf),
      baseCost: (outlay.kind === 'known' ? outlay.interval.mid : 0) + (brief.money.papers ?? 0),
    },
    leftOut,
    missing: outlay.kind === 'known' ? [] : outlay.missing,
  };
}

function reasonAgainst(
  part: Part,
  { aboard, banned, legalOnly, daysLeft }: PlanSetting,
  cost: number | undefined,
): LeftOut['why'] | undefined {
  if (banned.has(part.id)) return 'banned';
  if (cost === undefined) return 'no-rate';
  if (legalOnly && part.flags.includes('ends-approval')) return 'not-legal';
  if (daysLeft !== undefined && part.leadTime_days > daysLeft) return 'too-late';
  if (
    aboard.parts.some(
      (p) =>
        p.shutsOut.includes(part.id) ||
        part.shutsOut.includes(p.id) ||
        (p.slot !== '' && p.slot === part.slot),
    )
  )
    return 'clashes-aboard';
  return undefined;
}

/** Suspension is the weaker of two ends: an end made better alone gains nothing. */
function legsOf(
  want: WantKey,
  mid: (a: Assessment) => number,
  legOf: (read: (a: Assessment) => number) => PlanLeg,
): readonly PlanLeg[] {
  if (want !== 'suspension') return [legOf(mid)];
  const end =
    (name: SuspensionEnd) =>
    (a: Assessment): number => {
      const { index } = a.metrics.suspension.ends[name];
      return index.kind === 'known' ? index.interval.mid : mid(a);
    };
  return [legOf(end('front')), legOf(end('rear'))];
}

/** Musts that are on, at the middle, and a load that the frame and the alternator take; what stands below already need only not grow worse. */
function gatesOf(
  here: Assessment,
  legOf: (read: (a: Assessment) => number) => PlanLeg,
): readonly PlanGate[] {
  const value = (read: (a: Assessment) => number | undefined) => (a: Assessment) => read(a) ?? 0;
  const gates = here.musts.flatMap(({ key, metric, need, have }): PlanGate[] => {
    if (!metric || need === undefined || key === 'money' || have?.kind !== 'known') return [];
    const sign = metricDefinition(metric).better === 'less' ? -1 : 1;
    return [
      {
        key,
        least: sign * need,
        leg: legOf(
          value((a) => {
            const { estimate } = a.metrics[metric];
            return estimate.kind === 'known' ? sign * estimate.interval.mid : undefined;
          }),
        ),
      },
    ];
  });
  const wattsOf = (a: Assessment) => {
    const estimate = wattsLeft(a.figures);
    return estimate.kind === 'known' ? estimate.interval.mid : undefined;
  };
  if (wattsOf(here) === undefined) return gates;
  const watts = legOf(value(wattsOf));
  return [...gates, { key: 'watts', leg: watts, least: Math.min(0, watts.base) }];
}

/** Points of a build by the full assessment, at the middle. */
export function fullPoints(bare: BareCase, parts: readonly Part[]): number {
  return fitScore(
    assess({ ...bare, parts }).metrics,
    wantCurves(bare.brief),
    wantWeights(bare.brief),
  ).points.mid;
}

/** Most that may be spent without touching the trip fund. */
export const spendLimit = ({ brief }: Pick<PlanSetting, 'brief'>): number => spendable(brief.money);
