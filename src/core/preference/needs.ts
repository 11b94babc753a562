import type { FitScore } from './fit-score';
import { NEED_VALUE } from './want-curve';
import type { WantKey } from './wants';

/** One want that is not met: what it costs in points until the need is reached. */
export interface Need {
  readonly want: WantKey;
  /** weight × (0.6 − value) × 100. */
  readonly loss: number;
  readonly known: boolean;
}

/** Wants below their need, largest weighted loss first; a want that is not known counts with the middle of its span. */
export const needsOf = (score: FitScore): readonly Need[] =>
  score.contributions
    .filter((c) => c.weight > 0 && c.value.mid < NEED_VALUE - 1e-9)
    .map(
      (c): Need => ({
        want: c.want,
        loss: c.weight * (NEED_VALUE - c.value.mid) * 100,
        known: c.known,
      }),
    )
    .sort((a, b) => b.loss - a.loss);
