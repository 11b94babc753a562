import type { Part } from '../part';
import type { FigureKey } from '../readings';
import { inOrder } from './in-order';
import { FELT_KEYS, MOST_FELT, TRIAL_TIMES, type Felt, type Trial, type TrialTime } from './trial';

/** How much a mark counts by when it was given: the first hour flatters (practitioners' word; the shares are own assumptions). */
export const FIRST_COUNTS: Readonly<Record<TrialTime, number>> = {
  first: 0.5,
  week: 0.8,
  month: 1,
};
const UNSAID: TrialTime = 'first';

/** What was felt of one thing, first and later. */
export interface Impression {
  readonly felt: Felt;
  /** The newest mark of each time. */
  readonly marks: { readonly [T in TrialTime]?: number | undefined };
  /** Their mean, each by what it counts, 0 to {@link MOST_FELT}. */
  readonly mean: number;
  /** Last mark less first, where both were given. */
  readonly moved: number | undefined;
}

const weighted = (marks: Impression['marks']): number => {
  const given = (Object.entries(marks) as [TrialTime, number][]).map(([time, mark]) => ({
    mark,
    counts: FIRST_COUNTS[time],
  }));
  const all = given.reduce((sum, g) => sum + g.counts, 0);
  return given.reduce((sum, g) => sum + g.mark * g.counts, 0) / all;
};

/** Marks of one kind by time, the newest of each. */
function marksOf(
  trials: readonly Trial[],
  mark: (trial: Trial) => number | undefined,
): Impression['marks'] {
  const marks: { -readonly [T in TrialTime]?: number } = {};
  for (const trial of inOrder(trials)) {
    const given = mark(trial);
    if (given !== undefined) marks[trial.when ?? UNSAID] = given;
  }
  return marks;
}

/** What the trials on one machine say of one thing; nothing where no mark was given. */
export function feltOf(trials: readonly Trial[], felt: Felt): Impression | undefined {
  const marks = marksOf(trials, (t) => t.observed.felt?.[felt]);
  const [first, later] = [marks.first, marks.month ?? marks.week];
  if (Object.keys(marks).length === 0) return undefined;
  return {
    felt,
    marks,
    mean: weighted(marks),
    moved: first === undefined || later === undefined ? undefined : later - first,
  };
}

/** Several things together: the mean of their marks at each time; nothing where none was given. */
export function meanOf(
  trials: readonly Trial[],
  felt: readonly Felt[],
): Pick<Impression, 'marks' | 'mean'> | undefined {
  const each = felt.flatMap((key) => feltOf(trials, key) ?? []);
  const marks = Object.fromEntries(
    TRIAL_TIMES.flatMap((time): [TrialTime, number][] => {
      const given = each.flatMap((f) => f.marks[time] ?? []);
      return given.length === 0 ? [] : [[time, given.reduce((a, b) => a + b, 0) / given.length]];
    }),
  ) as Impression['marks'];
  return each.length === 0 ? undefined : { marks, mean: weighted(marks) };
}

/** All that was felt of one machine, and the heart's mark, 0 to 10. */
export function impressionsOf(trials: readonly Trial[]): {
  readonly felt: readonly Impression[];
  readonly heart: Impression['marks'];
  readonly heartMean: number | undefined;
} {
  const heart = marksOf(trials, (t) => t.observed.heart);
  return {
    felt: FELT_KEYS.flatMap((key) => feltOf(trials, key) ?? []),
    heart,
    heartMean: Object.keys(heart).length === 0 ? undefined : weighted(heart),
  };
}

/** Marks of one machine together, and what they count by when they were given, 0–1. */
export interface MeanMark {
  readonly mean: number;
  readonly counts: number;
}

/** What riders felt of the reach standing on each machine, by donor: marks of 0 to `MOST_FELT`. Rides with parts on say nothing of the machine without them. */
export const standingsOf = (trials: readonly Trial[]): Readonly<Record<string, MeanMark>> => {
  const bare = trials.filter((t) => (t.partIds ?? []).length === 0);
  return Object.fromEntries(
    [...new Set(bare.flatMap((t) => t.donorId ?? []))].flatMap((id): [string, MeanMark][] => {
      const felt = feltOf(
        bare.filter((t) => t.donorId === id),
        'reachStanding',
      );
      return felt ? [[id, { mean: felt.mean, counts: countsOf(felt.marks) }]] : [];
    }),
  );
};

/** How much marks count: as the surest time does. */
const countsOf = (marks: Impression['marks']): number =>
  Math.max(...(Object.keys(marks) as TrialTime[]).map((time) => FIRST_COUNTS[time]));

/** What the heart says of each machine that it was asked of, by donor. */
export function heartsOf(trials: readonly Trial[]): Readonly<Record<string, MeanMark>> {
  const donors = new Set(trials.flatMap((t) => t.donorId ?? []));
  return Object.fromEntries(
    [...donors].flatMap((id): [string, MeanMark][] => {
      const { heart, heartMean } = impressionsOf(trials.filter((t) => t.donorId === id));
      if (heartMean === undefined) return [];
      return [[id, { mean: heartMean, counts: countsOf(heart) }]];
    }),
  );
}

/** A thing that is liked, or not. */
export interface Like {
  readonly felt: Felt;
  readonly side: 'likes' | 'dislikes';
}

/** From so much a thing is liked, up to so much it is not. Own assumption. */
const LIKED = 0.8 * MOST_FELT;
const DISLIKED = 0.3 * MOST_FELT;

/** What marks come to as likes and dislikes, the strongest first. */
export const likesOf = (felt: readonly Impression[]): readonly Like[] =>
  felt
    .flatMap((f): (Like & { readonly by: number })[] =>
      f.mean >= LIKED
        ? [{ felt: f.felt, side: 'likes', by: f.mean - LIKED }]
        : f.mean <= DISLIKED
          ? [{ felt: f.felt, side: 'dislikes', by: DISLIKED - f.mean + 1 }]
          : [],
    )
    .toSorted((a, b) => b.by - a.by)
    .map(({ felt: key, side }) => ({ felt: key, side }));

/**
 * A trial as it speaks of the machine without the parts that were on it: figures that those parts change are left out, since a lowered or
 * tuned machine says nothing of the stock one there. What it says of the rider stays.
 *
 * @param own parts that this very machine carries as it stands: they change nothing of it
 */
export function asRidden(
  trial: Trial,
  parts: Readonly<Record<string, Part>>,
  own: readonly string[] = [],
): Trial {
  const { figures } = trial.observed;
  const on = (trial.partIds ?? []).flatMap((id) => (own.includes(id) ? [] : (parts[id] ?? [])));
  if (!figures || on.length === 0) return trial;
  const changed = new Set<FigureKey>(on.flatMap((p) => p.effects.map((e) => e.figure)));
  if (on.some((p) => p.mass_kg !== 0)) changed.add('mass');
  if (on.some((p) => p.flags.some((f) => f.startsWith('springs')))) changed.add('springRiderMass');
  const left = Object.entries(figures).filter(([key]) => !changed.has(key as FigureKey));
  return {
    ...trial,
    observed: { ...trial.observed, figures: Object.fromEntries(left) },
  };
}

/** As what a machine was ridden: as it stands, with the parts of a build, or with others, which says nothing of either. */
export function riddenAs(
  { partIds = [] }: Pick<Trial, 'partIds'>,
  build: readonly string[],
): 'stock' | 'built' | undefined {
  if (partIds.length === 0) return 'stock';
  const same = partIds.length === build.length && build.every((id) => partIds.includes(id));
  return same ? 'built' : undefined;
}
