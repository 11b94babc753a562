import type { Metrics } from '../assessment';
import { exactly, mapMonotone, scale, type Interval } from '../numeric';
import { wantValue, type WantCurve } from './want-curve';
import type { WantWeights } from './want-weights';
import { WANT_KEYS, type WantKey } from './wants';

/** One want's part in a score. */
export interface Contribution {
  readonly want: WantKey;
  readonly weight: number;
  readonly curve: WantCurve;
  /** 0–1; not known spans the whole of it. */
  readonly value: Interval;
  readonly known: boolean;
  /** weight × value × 100 */
  readonly points: Interval;
}

export interface FitScore {
  /** 0–100. */
  readonly points: Interval;
  readonly contributions: readonly Contribution[];
  readonly unknownWants: readonly WantKey[];
}

/** A want whose metric is not known may be worth anything: 0 to 1, the middle stands in until it is. */
const NOT_KNOWN: Interval = { low: 0, mid: 0.5, high: 1 };

/** Additive value V = Σ wᵢ·vᵢ(xᵢ) in points of 100, with the interval that the readings leave (Keeney & Raiffa, from memory). */
export function fitScore(
  metrics: Metrics,
  curves: Readonly<Record<WantKey, WantCurve>>,
  weights: WantWeights,
): FitScore {
  const contributions = WANT_KEYS.map((want): Contribution => {
    const { estimate } = metrics[want];
    const curve = curves[want];
    const weight = weights[want];
    const value =
      estimate.kind === 'known'
        ? mapMonotone(estimate.interval, (x) => wantValue(curve, x))
        : NOT_KNOWN;
    return {
      want,
      weight,
      curve,
      value,
      known: estimate.kind === 'known',
      points: scale(value, weight * 100),
    };
  });
  const points = contributions.reduce<Interval>(
    (sum, c) => ({
      low: sum.low + c.points.low,
      mid: sum.mid + c.points.mid,
      high: sum.high + c.points.high,
    }),
    exactly(0),
  );
  return {
    points,
    contributions,
    unknownWants: contributions.filter((c) => !c.known).map((c) => c.want),
  };
}
