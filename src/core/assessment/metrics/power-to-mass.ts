import { powerToMass } from '../../engine';
import { combine, type Estimate } from '../../numeric';
import type { Kilograms, Kilowatts } from '../../units';
import { metric, type Metric } from '../formula';
import { figureInput, metricInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Crank power by loaded mass, kW/t. */
export const powerToMassMetric = ({ figures }: MetricContext, loaded: Metric): Metric =>
  metric(
    'powerToMass',
    combine(
      [estimateIn<Kilowatts>(figures, 'power'), loaded.estimate as Estimate<Kilograms>] as const,
      powerToMass,
    ),
    [figureInput(figures, 'power'), metricInput(loaded)],
  );
