import { assess, type Case } from '../assessment';
import { GROUNDS, rebalanceShares, type Brief, type Ground } from '../brief';
import { fitScore, wantCurves, wantWeights } from '../preference';

/** A change of the brief that puts a rival level with the leader. */
export type BriefTurning =
  | { readonly kind: 'ground'; readonly ground: Ground; readonly from: number; readonly to: number }
  | { readonly kind: 'budget'; readonly from: number; readonly to: number };

/** Steps in which a share is tried, %; and budgets, as shares of the one that is. */
const SHARE_STEP = 5;
const BUDGETS = [0.95, 1.05, 0.9, 1.1, 0.85, 1.15, 0.8, 1.2, 0.7, 1.3, 0.6, 1.4, 0.5, 1.5, 1.75, 2];

/** The nearest share of each ground, and the nearest budget, with which the rival is ahead at the middle; those that never turn it are left out. */
export function briefTurnings(leader: Case, rival: Case): readonly BriefTurning[] {
  const { brief } = leader;
  const points = (of: Brief, c: Case): number =>
    fitScore(assess({ ...c, brief: of }).metrics, wantCurves(of), wantWeights(of)).points.mid;
  const turns = (of: Brief): boolean => points(of, rival) > points(of, leader);
  if (turns(brief)) return [];
  const grounds = GROUNDS.flatMap((ground): BriefTurning[] => {
    const from = brief.ground[ground];
    const shares = Array.from(
      { length: 2 * (100 / SHARE_STEP) + 2 },
      (_, i) => from + (i % 2 === 0 ? 1 : -1) * SHARE_STEP * (Math.floor(i / 2) + 1),
    ).filter((s) => s >= 0 && s <= 100);
    const to = shares.find((share) => {
      const result = rebalanceShares(brief.ground, ground, share, new Set());
      return result.kind === 'shares' && turns({ ...brief, ground: result.shares });
    });
    return to === undefined ? [] : [{ kind: 'ground', ground, from, to }];
  });
  const budget = BUDGETS.map((b) => Math.round((brief.money.budget * b) / 50) * 50).find((b) =>
    turns({ ...brief, money: { ...brief.money, budget: b } }),
  );
  return [
    ...grounds,
    ...(budget === undefined
      ? []
      : [{ kind: 'budget' as const, from: brief.money.budget, to: budget }]),
  ];
}
