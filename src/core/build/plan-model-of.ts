import { metricDefinition, reckon, type BareCase, type Reckoning } from '../assessment';
import { spendable } from '../brief';
import { partsCost } from '../money';
import { madeFor, type Part } from '../part';
import {
  areEitherOr,
  SPENDING_WANT,
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
import { gatesOf } from './plan-gates';

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

/** Inspection and papers, as something that every part needs and that is paid for once. */
export const PAPERS = '#papers';

/** A case as the planner looks at it: papers are not in the cost of a part. */
const withoutPapers = (setting: PlanSetting): PlanSetting => ({
  ...setting,
  brief: { ...setting.brief, money: { ...setting.brief.money, papers: undefined } },
});

/**
 * The planner's model of one candidate: each part's effect on each want and gate as the full assessment gives it, part by part, beside
 * the parts in `around` (usually none); wants at the middle, gates at the level that the brief's sureness asks for. Effects are added up;
 * where the true metric is a product or an index, the sum is only close, so every plan is assessed again in full.
 */
export function planModelOf(setting: PlanSetting, around: readonly Part[] = []): PlanBasis {
  const key = around.map((p) => p.id).join(' ');
  const last = lastModels.get(setting) ?? [];
  const known = last.find((m) => m.key === key);
  if (known) return known.basis;
  const basis = modelAround(setting, around);
  lastModels.set(setting, [{ key, basis }, ...last].slice(0, MODELS_KEPT));
  return basis;
}

/** The models asked for last: looking for exchanges, and for what is enough, begins where planning ended. */
const lastModels = new WeakMap<
  PlanSetting,
  readonly { readonly key: string; readonly basis: PlanBasis }[]
>();
const MODELS_KEPT = 4;

/** A part that may be planned: the machine with it, or without it where it is among those around; and what that is beside. */
interface Considered {
  readonly item: PlanItem;
  readonly alone: Reckoning;
  /** The parts around, less those that it would take the place of: a can is not looked at beside the bladder in its stead. */
  readonly beside: Reckoning;
}

/** The machine with the parts around less some of them, each reckoned once. */
function besideLess(
  setting: PlanSetting,
  around: readonly Part[],
  here: Reckoning,
): (gone: readonly Part[]) => Reckoning {
  const known = new Map<string, Reckoning>([['', here]]);
  return (gone) => {
    const key = gone.map((p) => p.id).join(' ');
    const found =
      known.get(key) ??
      reckon({ ...setting, parts: around.filter((p) => gone.every((g) => g.id !== p.id)) });
    known.set(key, found);
    return found;
  };
}

function modelAround(whole: PlanSetting, around: readonly Part[]): PlanBasis {
  const { papers } = whole.brief.money;
  const setting = withoutPapers(whole);
  const { brief, aboard } = setting;
  const [curves, weights] = [wantCurves(brief), wantWeights(brief)];
  const near = new Set(around.map((p) => p.id));
  const here = reckon({ ...setting, parts: around });
  const leftOut: LeftOut[] = [];
  const there = new Set(aboard.parts.map((p) => p.id));
  const considered: Considered[] = [];
  const without = besideLess(setting, around, here);
  const papersNeeded = papers !== undefined && papers > 0 ? [[PAPERS]] : [];
  for (const chosen of setting.choices) {
    const part = madeFor(chosen, setting.donor);
    if (there.has(part.id)) continue;
    const cost = partsCost(part, brief.money);
    const why = reasonAgainst(part, setting, cost);
    const apart = around.filter((p) => p.id !== part.id && areEitherOr(p, part));
    const beside = near.has(part.id) ? here : without(apart);
    const alone = why
      ? here
      : near.has(part.id)
        ? without([part])
        : reckon({ ...setting, parts: [...around.filter((p) => !apart.includes(p)), part] });
    if (why) leftOut.push({ id: part.id, why });
    else if (alone.licence.kind === 'not-legal' && here.licence.kind !== 'not-legal')
      leftOut.push({ id: part.id, why: 'licence' });
    else
      considered.push({
        alone,
        beside,
        item: {
          id: part.id,
          cost: cost ?? 0,
          pinned: setting.pinned.has(part.id),
          needs: [
            ...part.needs.filter((group) => !group.some((id) => there.has(id))),
            ...papersNeeded,
          ],
          shutsOut: part.shutsOut,
          slot: part.slot,
        },
      });
  }
  /** A leg from a quantity of a reckoning: what each part adds, and where it stands without any of those around. */
  const legOf = (read: (a: Reckoning) => number): PlanLeg => {
    const at = read(here);
    const effects: Record<string, number> = {};
    let base = at;
    for (const { item, alone, beside } of considered) {
      const effect = near.has(item.id) ? at - read(alone) : read(alone) - read(beside);
      if (Math.abs(effect) > 1e-9) effects[item.id] = effect;
      if (near.has(item.id)) base -= effect;
    }
    return { base, effects };
  };
  const wants = WANT_KEYS.map((want): PlanWant => {
    const sign = metricDefinition(want).better === 'less' ? -1 : 1;
    const { floor, need, ideal } = curves[want];
    const points = weights[want] * 100;
    // What is not known counts as nothing, as it does in the points.
    const mid = (a: Reckoning): number => {
      const { estimate, standIn } = a.metrics[want];
      const figure = estimate.kind === 'known' ? estimate : standIn;
      return sign * (figure ? figure.mid : floor);
    };
    const legs = legsOf(want, mid, legOf);
    return {
      key: want === 'outlay' ? SPENDING_WANT : want,
      knots: [
        { x: sign * floor, y: 0 },
        { x: sign * need, y: NEED_VALUE * points },
        { x: sign * ideal, y: points },
      ],
      legs:
        want === 'outlay' && papers !== undefined
          ? legs.map((leg) => ({ ...leg, effects: { ...leg.effects, [PAPERS]: -papers } }))
          : legs,
    };
  });
  const bare = reckon({ ...setting, parts: [] });
  const outlay = bare.metrics.outlay.estimate;
  const items = considered.map((c) => c.item);
  return {
    model: {
      items:
        papers !== undefined && papers > 0
          ? [
              ...items,
              { id: PAPERS, cost: papers, pinned: false, needs: [], shutsOut: [], slot: '' },
            ]
          : items,
      wants,
      gates: gatesOf(brief, here, bare, legOf),
      baseCost: outlay.kind === 'known' ? outlay.mid : 0,
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
  if (aboard.parts.some((p) => areEitherOr(p, part))) return 'clashes-aboard';
  return undefined;
}

/** Suspension is the weaker of two ends: an end made better alone gains nothing. */
function legsOf(
  want: WantKey,
  mid: (a: Reckoning) => number,
  legOf: (read: (a: Reckoning) => number) => PlanLeg,
): readonly PlanLeg[] {
  if (want !== 'suspension') return [legOf(mid)];
  const end =
    (name: SuspensionEnd) =>
    (a: Reckoning): number => {
      const { index } = a.metrics.suspension.ends[name];
      return index.kind === 'known' ? index.mid : mid(a);
    };
  return [legOf(end('front')), legOf(end('rear'))];
}

/** Points of a build by the full assessment, at the middle. */
export function fullPoints(bare: BareCase, parts: readonly Part[]): number {
  return fitScore(
    reckon({ ...bare, parts }).metrics,
    wantCurves(bare.brief),
    wantWeights(bare.brief),
  ).points.mid;
}

/** Most that may be spent without touching the trip fund. */
export const spendLimit = ({ brief }: Pick<PlanSetting, 'brief'>): number => spendable(brief.money);
