import type { PlannedBuild } from './assessed-build';

/** The corners of one candidate, rising in cost and points (see `worthwhile`). */
export interface BuildCurve {
  readonly id: string;
  readonly corners: readonly PlannedBuild[];
}

/** From this spending on, this candidate with this build is ahead of all others. */
export interface Lead {
  readonly from: number;
  readonly id: string;
  readonly build: PlannedBuild;
  /** Who was ahead before, and with what at that spending. */
  readonly over: { readonly id: string; readonly build: PlannedBuild } | undefined;
}

/** The best corner within a spending that is as surely within it as the brief asks. */
export const atSpending = ({ corners }: BuildCurve, spend: number): PlannedBuild | undefined =>
  corners.findLast((c) => c.cost <= spend + 1e-6 && !c.overMoney);

/** The best corner within a spending that is passed over because prices are too roughly known for it to stay within as surely as the brief asks; none where it would be no better. */
export function passedOver(curve: BuildCurve, spend: number): PlannedBuild | undefined {
  const taken = atSpending(curve, spend);
  const best = curve.corners.findLast((c) => c.cost <= spend + 1e-6);
  return best?.overMoney && best.points > (taken?.points ?? 0) ? best : undefined;
}

/** Where the lead passes from one candidate to another as the spending rises; of equals the earlier stays ahead. */
export function leads(curves: readonly BuildCurve[]): readonly Lead[] {
  const found: Lead[] = [];
  for (const spend of [...new Set(curves.flatMap((c) => c.corners.map((k) => k.cost)))].sort(
    (a, b) => a - b,
  )) {
    const now = curves.flatMap((curve) => {
      const build = atSpending(curve, spend);
      return build ? [{ id: curve.id, build }] : [];
    });
    const last = found.at(-1);
    const held = last && now.find((n) => n.id === last.id);
    const best = now.toSorted((a, b) => b.build.points - a.build.points)[0];
    if (best && (!held || best.build.points > held.build.points + 1e-9) && best.id !== last?.id)
      found.push({ from: spend, ...best, over: held });
  }
  return found;
}
