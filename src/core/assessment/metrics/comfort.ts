import { clamp, combine, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import { metricInput } from '../working-inputs';
import type { LoadContext } from './context';
import { cruiseRevsMetric } from './gear-speeds';

/** What a long road day is made of, and where each is worth nothing and all. Own assumption; vibration and buffeting only a ride can tell. */
const REASONS = {
  /** Engine speed at the cruise by the redline. */
  cruiseRevs: { weight: 0.25, nothing: 0.95, all: 0.6 },
  /** Share of power left at the cruise. */
  cruisePower: { weight: 0.2, nothing: 0, all: 0.35 },
  /** The shelter index. */
  wind: { weight: 0.3, nothing: 0, all: 1 },
  /** Degrees at the knee. */
  kneeAngle: { weight: 0.25, nothing: 50, all: 80 },
} as const;

/** Comfort of a road day at the cruise, 0–1, from revs, reserve, shelter and knee room. */
export function comfortMetric(context: LoadContext): Metric {
  const { cruisePower, wind, kneeAngle } = context.base;
  const reasons = [cruiseRevsMetric(context), cruisePower, wind, kneeAngle];
  const estimates: readonly Estimate[] = reasons.map((m) => m.estimate);
  return metric(
    'comfort',
    combine(estimates, (...at: number[]) =>
      Object.values(REASONS).reduce(
        (sum, { weight, nothing, all }, i) =>
          sum + weight * clamp(((at[i] ?? Number.NaN) - nothing) / (all - nothing), 0, 1),
        0,
      ),
    ),
    reasons.map(metricInput),
    { weights: Object.entries(REASONS).map(([name, { weight }]) => ({ name, weight })) },
  );
}
