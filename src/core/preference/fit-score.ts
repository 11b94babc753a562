import type { Metric, Metrics } from '../assessment';
import { between, derive, source, weightedSum, type Interval, type Known } from '../numeric';
import { valueOn, type WantCurve } from './want-curve';
import type { WantWeights } from './want-weights';
import { WANT_KEYS, type WantKey } from './wants';

/** One want's part in a score. */
export interface Contribution {
  readonly want: WantKey;
  readonly weight: number;
  readonly curve: WantCurve;
  /** 0–1, with its rows in the table of draws. */
  readonly worth: Known;
  /** The same, as said. */
  readonly value: Interval;
  readonly known: boolean;
  /** weight × value × 100 */
  readonly points: Interval;
}

export interface FitScore {
  /** 0–100. */
  readonly points: Interval;
  /** The same, with its rows in the table of draws. */
  readonly total: Known;
  readonly contributions: readonly Contribution[];
  readonly unknownWants: readonly WantKey[];
}

/** A want whose metric is not known counts as nothing until it is; in the table of draws it may be worth anything. */
const NOT_KNOWN = between(0, 1, 0);

/** What a metric was last found to be worth: kept with the metric, and found anew on another curve. */
const worths = new WeakMap<
  Metric,
  { readonly curve: WantCurve; readonly key: string; readonly worth: Known }
>();

const isSameCurve = (a: WantCurve, b: WantCurve): boolean =>
  a.floor === b.floor && a.need === b.need && a.ideal === b.ideal;

function worthOf(metric: Metric, curve: WantCurve, key: string): Known {
  const last = worths.get(metric);
  if (last?.key === key && isSameCurve(last.curve, curve)) return last.worth;
  const { estimate, standIn } = metric;
  const of = estimate.kind === 'known' ? estimate : standIn;
  const worth = of ? derive([of], valueOn(curve)) : source(key, NOT_KNOWN);
  worths.set(metric, { curve, key, worth });
  return worth;
}

/** An interval times a number that is not negative; its ends are worked out when somebody asks. */
const times = (of: Interval, by: number): Interval => ({
  mid: of.mid * by,
  get low() {
    return of.low * by;
  },
  get high() {
    return of.high * by;
  },
});

/**
 * Additive value V = Σ wᵢ·vᵢ(xᵢ) in points of 100, with what the draws leave of it (Keeney & Raiffa, from memory).
 *
 * @param whose names the machine, so that what is not known of two machines is two things
 */
export function fitScore(
  metrics: Metrics,
  curves: Readonly<Record<WantKey, WantCurve>>,
  weights: WantWeights,
  whose = '',
): FitScore {
  const contributions = WANT_KEYS.map((want): Contribution => {
    const curve = curves[want];
    const weight = weights[want];
    const worth = worthOf(metrics[want], curve, `want/${whose}/${want}`);
    return {
      want,
      weight,
      curve,
      worth,
      value: worth.interval,
      known: metrics[want].estimate.kind === 'known',
      points: times(worth.interval, weight * 100),
    };
  });
  const total = weightedSum(
    contributions.map((c) => ({ figure: c.worth, weight: c.weight * 100 })),
  );
  return {
    points: total.interval,
    total,
    contributions,
    unknownWants: contributions.filter((c) => !c.known && c.weight > 0).map((c) => c.want),
  };
}
