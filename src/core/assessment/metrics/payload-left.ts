import { payloadLeft } from '../../mass';
import { combine, type Estimate } from '../../numeric';
import type { Kilograms } from '../../units';
import { metric, type Metric } from '../formula';
import { figureInput, metricInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** What may still be loaded under the permitted maximum, kg. */
export const payloadLeftMetric = ({ figures }: MetricContext, loaded: Metric): Metric =>
  metric(
    'payloadLeft',
    combine(
      [estimateIn<Kilograms>(figures, 'maxMass'), loaded.estimate as Estimate<Kilograms>] as const,
      payloadLeft,
    ),
    [figureInput(figures, 'maxMass'), metricInput(loaded)],
  );
