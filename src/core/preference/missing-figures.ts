import type { Assessment } from '../assessment';
import { WANT_KEYS, type WantKey } from './wants';
import type { WantWeights } from './want-weights';

/** What knowing one missing figure would add for this brief. */
export interface MissingFigure {
  /** A figure key, or the name of another thing that is missing (`rate:USD`). */
  readonly name: string;
  /** Share of the score that hangs on it, 0–1. */
  readonly weight: number;
  readonly wants: readonly WantKey[];
  /** Musts that cannot be judged without it, or are not kept for want of it. */
  readonly musts: readonly string[];
}

/**
 * Everything missing that the brief asks for, what matters most first: musts that cannot be judged count before points.
 * A want that lacks several figures counts in full for each, since each alone keeps it from being known; one that rests on what is
 * typical of the class lacks what that stands in for.
 */
export function missingFigures(
  { metrics, musts }: Pick<Assessment, 'metrics' | 'musts'>,
  weights: WantWeights,
): readonly MissingFigure[] {
  const found = new Map<string, { weight: number; wants: WantKey[]; musts: string[] }>();
  const of = (name: string) => {
    const entry = found.get(name) ?? { weight: 0, wants: [], musts: [] };
    found.set(name, entry);
    return entry;
  };
  for (const want of WANT_KEYS.filter((w) => weights[w] > 0)) {
    const { estimate, typical = [] } = metrics[want];
    for (const name of estimate.kind === 'known' ? typical : estimate.missing) {
      const entry = of(name);
      entry.weight += weights[want];
      entry.wants.push(want);
    }
  }
  for (const must of musts)
    for (const name of new Set([
      ...must.missing,
      ...(must.verdict === 'pass' ? [] : (must.typical ?? [])),
    ]))
      of(name).musts.push(must.key);
  return [...found]
    .map(([name, entry]) => ({ name, ...entry }))
    .sort(
      (a, b) =>
        b.musts.length - a.musts.length || b.weight - a.weight || (a.name < b.name ? -1 : 1),
    );
}
