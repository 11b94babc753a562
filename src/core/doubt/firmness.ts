import type { RankDoubt } from './simulate-ranks';

/** Between these shares of the draws that place both, two alternatives are level. */
export const LEVEL = { from: 0.45, to: 0.55 } as const;
/** First in so many of all draws is firm, in so many likely. Own assumption. */
export const FIRM_FROM = 0.8;
export const LIKELY_FROM = 0.5;

export type Firmness = 'none' | 'level' | 'behind' | 'firm' | 'likely' | 'open';

/** How firmly one alternative stands against another. */
export interface Footing {
  readonly firmness: Firmness;
  /** Share of all draws in which it comes first. */
  readonly first: number;
  /** Share of all draws in which it keeps every limit. */
  readonly placed: number;
  /** Share of the draws that place both in which it is ahead of the other; `undefined` where no draw places both. */
  readonly ahead: number | undefined;
}

/** Where an alternative stands in all draws and against one other. */
export function firmness(
  { ids, acceptability, wins }: RankDoubt,
  id: string,
  against: string | undefined,
): Footing {
  const [a, b] = [ids.indexOf(id), against === undefined ? -1 : ids.indexOf(against)];
  const first = acceptability[a]?.[0] ?? 0;
  const [won, lost] = [wins[a]?.[b] ?? 0, wins[b]?.[a] ?? 0];
  const ahead = won + lost > 0 ? won / (won + lost) : undefined;
  const placed = (acceptability[a] ?? []).reduce((sum, share) => sum + share, 0);
  const word = (): Firmness => {
    if (placed === 0) return 'none';
    if (ahead !== undefined && ahead < LEVEL.from) return 'behind';
    if (ahead !== undefined && ahead <= LEVEL.to) return 'level';
    return first >= FIRM_FROM ? 'firm' : first >= LIKELY_FROM ? 'likely' : 'open';
  };
  return { firmness: word(), first, placed: Math.min(1, placed), ahead };
}

/** Who comes first clearly more often than one, by more than the draws are sure to; `undefined` where nobody does. */
export function oftenest(
  { ids, acceptability, error }: RankDoubt,
  than: string,
): string | undefined {
  const firsts = acceptability.map((row) => row[0] ?? 0);
  const most = Math.max(...firsts);
  const clear = most - (firsts[ids.indexOf(than)] ?? 0) > Math.max(0.02, 4 * error);
  return clear ? ids[firsts.indexOf(most)] : undefined;
}
