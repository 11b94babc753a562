import { MOST_FELT, type Felt, type Impression } from '../evidence';
import type { Contribution } from './fit-score';
import { FELT_OF_WANT, LEARNED_WANTS } from './learned-needs';
import type { WantKey } from './wants';

/** The want of the sheet that foretells what is felt. */
const FORETOLD: { readonly [F in Felt]?: WantKey } = Object.fromEntries(
  LEARNED_WANTS.flatMap((want) => FELT_OF_WANT[want].map((felt) => [felt, want])),
);

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
