import type { MustResult } from '../assessment';
import type { FitScore } from './fit-score';

export interface Ranked {
  readonly id: string;
  readonly score: FitScore;
  /** 1 for the first; candidates that are level share a place. `undefined` where a must rules it out. */
  readonly place: number | undefined;
  readonly failed: readonly MustResult[];
  readonly open: readonly MustResult[];
}

/** Candidates closer than this many points are level: our own assumption until doubt is simulated. */
export const LEVEL_WITHIN = 2;

/**
 * Orders candidates: those no must rules out first, by points; then the ruled-out ones, by points. Places are shared
 * with the one above when the distance to the first of that place is below {@link LEVEL_WITHIN}.
 */
export function rank(
  items: readonly {
    readonly id: string;
    readonly score: FitScore;
    readonly musts: readonly MustResult[];
  }[],
): readonly Ranked[] {
  const ranked = items.map((item) => ({
    id: item.id,
    score: item.score,
    failed: item.musts.filter((m) => m.verdict === 'fail'),
    open: item.musts.filter((m) => m.verdict === 'unsure' || m.verdict === 'not-known'),
  }));
  const byPoints = (a: (typeof ranked)[number], b: (typeof ranked)[number]) =>
    b.score.points.mid - a.score.points.mid || a.id.localeCompare(b.id, 'en');
  const standing = ranked.filter((r) => r.failed.length === 0).sort(byPoints);
  const out = ranked.filter((r) => r.failed.length > 0).sort(byPoints);
  let place = 0;
  let head = Number.POSITIVE_INFINITY;
  const placed = standing.map((r, i): Ranked => {
    if (head - r.score.points.mid >= LEVEL_WITHIN) {
      place = i + 1;
      head = r.score.points.mid;
    }
    return { ...r, place };
  });
  return [...placed, ...out.map((r): Ranked => ({ ...r, place: undefined }))];
}
