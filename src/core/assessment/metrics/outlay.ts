import { NOMINAL_SPREAD, ON_THE_ROAD_SHARE } from '../../money';
import { certain, combine, source, unknown, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { MetricContext } from './context';

/** Machine on the road, repairs, parts and fitting, in the brief's currency. */
export function outlayMetric({ figures, cost, mending }: MetricContext): Metric {
  const parts: Estimate =
    cost.noRate.length > 0
      ? unknown(...cost.noRate.map((r) => `rate:${r.currency}`))
      : partsOf(cost.parts, cost.nominal);
  const fitting = certain(cost.fitting + cost.shipping + cost.wrongParts + cost.papers);
  return metric(
    'outlay',
    combine(
      [figures.price.estimate, mending, parts, fitting] as const,
      (p, r, q, f) => p + r + q + f,
    ),
    [
      figureInput(figures, 'price'),
      { name: 'repairCost', dimension: 'money', estimate: mending },
      { name: 'partsPrice', dimension: 'money', estimate: parts },
      { name: 'fittingPrice', dimension: 'money', estimate: fitting },
    ],
    { onTheRoad: ON_THE_ROAD_SHARE },
  );
}

/** The price of parts: what a nominal rate brought over is doubtful, for all candidates alike. */
const partsOf = (sum: number, nominal: number): Estimate =>
  nominal > 0
    ? combine(
        [
          certain(sum),
          source('money/nominal-rate', {
            low: 1 - NOMINAL_SPREAD,
            mid: 1,
            high: 1 + NOMINAL_SPREAD,
          }),
        ] as const,
        (all, rate) => all - nominal + nominal * rate,
      )
    : certain(sum);
