import type { FitScore } from './fit-score';
import { NEED_VALUE } from './want-curve';
import type { WantKey } from './wants';

export type ProposalKind = 'like' | 'dislike' | 'compromise';

/** A like, dislike or compromise that the numbers propose; the rider ranks, rewords or drops it. */
export interface Proposal {
  readonly kind: ProposalKind;
  readonly want: WantKey;
  /** What it costs, for a compromise: the want that suffers from the same choice. */
  readonly against?: WantKey;
  /** How much it matters, points. */
  readonly points: number;
}

/** A want is liked from this value up. Own assumption. */
const LIKED_FROM = 0.85;
/** Pairs that pull against each other on one machine: what gives the one takes from the other. */
const PULL: readonly (readonly [WantKey, WantKey])[] = [
  ['powerToMass', 'outlay'],
  ['readyMass', 'powerToMass'],
  ['readyMass', 'wind'],
  ['suspension', 'heelGap'],
  ['clearance', 'heelGap'],
  ['range', 'readyMass'],
  ['outlay', 'suspension'],
  ['payloadLeft', 'readyMass'],
  ['wind', 'readyMass'],
];

/** Likes, dislikes and compromises of one candidate, each kind with what matters most first. */
export function proposals(score: FitScore): readonly Proposal[] {
  const of = new Map(score.contributions.filter((c) => c.known).map((c) => [c.want, c]));
  const likes = [...of.values()]
    .filter((c) => c.value.mid >= LIKED_FROM)
    .map((c): Proposal => ({ kind: 'like', want: c.want, points: c.weight * c.value.mid * 100 }));
  const dislikes = [...of.values()]
    .filter((c) => c.value.mid < NEED_VALUE)
    .map(
      (c): Proposal => ({
        kind: 'dislike',
        want: c.want,
        points: c.weight * (NEED_VALUE - c.value.mid) * 100,
      }),
    );
  const compromises = PULL.flatMap(([good, bad]): Proposal[] => {
    const [a, b] = [of.get(good), of.get(bad)];
    return a && b && a.value.mid >= LIKED_FROM && b.value.mid < NEED_VALUE
      ? [
          {
            kind: 'compromise',
            want: good,
            against: bad,
            points: Math.min(a.weight, b.weight) * 100,
          },
        ]
      : [];
  });
  const ranked = (list: readonly Proposal[]) => list.toSorted((x, y) => y.points - x.points);
  return [...ranked(likes), ...ranked(dislikes), ...ranked(compromises)];
}
