import { revsNeed } from '@/core/assessment';
import { meanOf, riddenAs, type Felt, type Trial } from '@/core/evidence';
import { factInUse } from '@/core/facts';
import type { Estimate } from '@/core/numeric';
import {
  FELT_OF_REVS,
  FELT_OF_WANT,
  LEARNED_WANTS,
  learnedNeed,
  REVS_CURVE,
  REVS_NEEDS,
  usualCurve,
  type FeltMachine,
  type LearnedNeed,
  type OwnNeedKey,
  type WantCurve,
} from '@/core/preference';
import type { Standing, StandingCandidate } from '@/store/queries';

/** A need as rides have it, and by how much the brief has moved it. */
export interface OwnNeed extends Pick<LearnedNeed, 'want' | 'usual' | 'need' | 'machines'> {
  /** Half of what nine in ten such riders would lie within; absent where no ride says anything any more. */
  readonly sureAfter: number | undefined;
  readonly taken: number | undefined;
}

/** One thing that rides can teach: what it is called, its usual curve, by which mark, and what a machine comes to; nothing for machines that do not tell. */
interface Teaching {
  readonly key: OwnNeedKey;
  readonly usual: WantCurve;
  readonly felt: readonly Felt[];
  readonly at: (entry: StandingCandidate, state: 'stock' | 'built') => Estimate | undefined;
}

const teachingsOf = ({ brief }: Standing): readonly Teaching[] => [
  ...LEARNED_WANTS.map((want) => ({
    key: want,
    usual: usualCurve(want, brief),
    felt: FELT_OF_WANT[want],
    at: (entry: StandingCandidate, state: 'stock' | 'built') => entry[state].metrics[want].estimate,
  })),
  ...REVS_NEEDS.map((key) => ({
    key,
    usual: REVS_CURVE,
    felt: FELT_OF_REVS,
    at: (entry: StandingCandidate, state: 'stock' | 'built') =>
      revsNeed(factInUse(entry.donor.facts?.layout)?.value ?? '') === key
        ? entry[state].underLoad().cruiseRevs.estimate
        : undefined,
  })),
];

/** What all rides of a shortlist say of each need: each machine as it was ridden. */
export function ownNeedsOf(
  standing: Standing,
  trialsOf: (entry: StandingCandidate) => readonly Trial[],
): readonly OwnNeed[] {
  return teachingsOf(standing).flatMap(({ key, usual, felt, at }): OwnNeed[] => {
    const machines = standing.candidates.flatMap((entry): FeltMachine[] => {
      const all = trialsOf(entry);
      const build = entry.parts.map((part) => part.id);
      return (['stock', 'built'] as const).flatMap((state): FeltMachine[] => {
        const impression = meanOf(
          all.filter((t) => riddenAs(t, build) === state),
          felt,
        );
        const estimate = impression && at(entry, state);
        return impression && estimate?.kind === 'known'
          ? [{ at: estimate.interval, impression }]
          : [];
      });
    });
    const learned = learnedNeed(key, usual, machines);
    const taken = standing.brief.ownNeeds?.[key];
    if (learned) return [{ ...learned, taken }];
    // Taken from rides that are no longer there.
    return taken === undefined
      ? []
      : [
          {
            want: key,
            usual: usual.need,
            need: usual.need,
            sureAfter: undefined,
            machines: 0,
            taken,
          },
        ];
  });
}
