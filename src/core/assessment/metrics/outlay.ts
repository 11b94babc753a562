import { ON_THE_ROAD_SHARE } from '../../money';
import { certain, combine, unknown, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { MetricContext } from './context';

/** Machine on the road, repairs, parts and fitting, in the brief's currency. */
export function outlayMetric({ figures, cost, mending }: MetricContext): Metric {
  const parts: Estimate =
    cost.noRate.length > 0
      ? unknown(...cost.noRate.map((r) => `rate:${r.currency}`))
      : certain(cost.parts);
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
