import { MOST_FELT, type Felt, type Impression } from '../evidence';
import type { Contribution } from './fit-score';
import type { WantKey } from './wants';

/** What is felt that a want of the sheet foretells. Own choice. */
const FORETOLD: { readonly [F in Felt]?: WantKey } = {
  kneeRoom: 'kneeAngle',
  reachStanding: 'standingRoom',
  pushing: 'readyMass',
  buffeting: 'wind',
  bigHits: 'suspension',
  lowPull: 'powerToMass',
};

/** Felt and reckoned lie so far apart that one of them wants another look, of 1. Own assumption. */
const APART = 0.45;

/** A thing that was felt otherwise than the sheet foretells. */
export interface FeltOtherwise {
  readonly felt: Felt;
  readonly want: WantKey;
  /** Both of 1: as felt, and as the want is worth by the sheet. */
  readonly asFelt: number;
  readonly asReckoned: number;
}

/** Where what was felt of a machine and what is reckoned of it contradict each other, the widest first. Wants that nobody knows say nothing. */
export const feltAgainst = (
  impressions: readonly Impression[],
  contributions: readonly Pick<Contribution, 'want' | 'value' | 'known'>[],
): readonly FeltOtherwise[] =>
  impressions
    .flatMap(({ felt, mean }): FeltOtherwise[] => {
      const want = FORETOLD[felt];
      const counted = contributions.find((c) => c.want === want);
      if (!want || !counted?.known) return [];
      const [asFelt, asReckoned] = [mean / MOST_FELT, counted.value.mid];
      return Math.abs(asFelt - asReckoned) < APART ? [] : [{ felt, want, asFelt, asReckoned }];
    })
    .toSorted((a, b) => Math.abs(b.asFelt - b.asReckoned) - Math.abs(a.asFelt - a.asReckoned));
