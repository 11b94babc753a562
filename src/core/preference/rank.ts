import { allHold, type MustResult } from '../assessment';
import { even, shareOf, type Known, type Rows } from '../numeric';
import type { FitScore } from './fit-score';

/** `kept`: every must as surely as the brief asks. `doubtful`: none broken, but one not that sure or not known. `broken`: one missed as surely. */
export const RANK_GROUPS = ['kept', 'doubtful', 'broken'] as const;
export type RankGroup = (typeof RANK_GROUPS)[number];

export interface Ranked {
  readonly id: string;
  readonly score: FitScore;
  readonly group: RankGroup;
  /** 1 for the first; candidates that are level share a place. `undefined` where a must rules it out. */
  readonly place: number | undefined;
  /** Share of the rows of the table of draws in which all musts hold, 0–1; `undefined` where one is not known. */
  readonly chance: number | undefined;
  readonly failed: readonly MustResult[];
  readonly open: readonly MustResult[];
}

/** Between these shares of the rows in which both keep their musts, two candidates are level. */
export const LEVEL = { from: 0.45, to: 0.55 } as const;
/** A hundredth of a point is no difference. */
const SAME_POINTS = 0.01;

/** A candidate as it is set against others. */
export interface Contender {
  readonly total: Known;
  /** 1 in each row in which all musts hold, else 0. */
  readonly keeps: Known;
}

const column = ({ rows, mid }: Known): Rows => rows ?? even(mid);

/** How two candidates compare, row by row. */
export interface Against {
  /** Share of the rows in which both keep their musts, 0–1. */
  readonly both: number;
  /** Share of those in which the first is worth more; a tie counts half. `undefined` where there is none. */
  readonly ahead: number | undefined;
}

/** How often the first is ahead of the second where both keep their musts; rows in which one does not are counted apart. */
export function against(first: Contender, second: Contender): Against {
  const [mine, theirs] = [column(first.total), column(second.total)];
  const [keepsMine, keepsTheirs] = [column(first.keeps), column(second.keeps)];
  const count = mine.length;
  let [both, won] = [0, 0];
  for (let i = 0; i < count; i += 1) {
    if ((keepsMine[i] as number) * (keepsTheirs[i] as number) !== 1) continue;
    const lead = (mine[i] as number) - (theirs[i] as number);
    both += 1;
    won += lead > SAME_POINTS ? 1 : lead < -SAME_POINTS ? 0 : 0.5;
  }
  return { both: both / count, ahead: both === 0 ? undefined : won / both };
}

/** Neither is clearly worth more: 45 to 55 of 100 rows in which both keep their musts. */
export function isLevel(first: Contender, second: Contender): boolean {
  const { ahead } = against(first, second);
  return ahead !== undefined && ahead >= LEVEL.from && ahead <= LEVEL.to;
}

const groupOf = (failed: readonly MustResult[], open: readonly MustResult[]): RankGroup =>
  failed.length > 0 ? 'broken' : open.length > 0 ? 'doubtful' : 'kept';

/**
 * Orders candidates: those that keep every must, by points; then those of which one is doubtful; then those that break one. Within a
 * group a place is shared with the one above where the two are level ({@link isLevel}).
 */
export function rank(
  items: readonly {
    readonly id: string;
    readonly score: FitScore;
    readonly musts: readonly MustResult[];
  }[],
): readonly Ranked[] {
  const ranked = items.map((item) => {
    const failed = item.musts.filter((m) => m.verdict === 'fail');
    const open = item.musts.filter((m) => m.verdict === 'unsure' || m.verdict === 'not-known');
    const keeps = allHold(item.musts);
    const known = item.musts.every((m) => m.holds.kind === 'known');
    return {
      id: item.id,
      score: item.score,
      group: groupOf(failed, open),
      keeps,
      chance: known ? shareOf(keeps) : undefined,
      failed,
      open,
    };
  });
  const sorted = ranked.toSorted(
    (a, b) =>
      RANK_GROUPS.indexOf(a.group) - RANK_GROUPS.indexOf(b.group) ||
      b.score.points.mid - a.score.points.mid ||
      a.id.localeCompare(b.id, 'en'),
  );
  let place = 0;
  let head: (typeof ranked)[number] | undefined;
  return sorted.map(({ keeps, ...r }, i): Ranked => {
    if (r.group === 'broken') return { ...r, place: undefined };
    const level =
      head?.group === r.group &&
      isLevel({ total: head.score.total, keeps: head.keeps }, { total: r.score.total, keeps });
    if (!level) {
      place = i + 1;
      head = sorted[i];
    }
    return { ...r, place };
  });
}
