import { FALLEN, LIFT_SHARE } from '../../mass';
import { combine, type Estimate } from '../../numeric';
import { STANDARD_GRAVITY, type Kilograms } from '../../units';
import { metric, type Metric } from '../formula';
import { metricInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Force that starts the fallen machine up, N. */
export const liftMetric = ({ readyMass }: LoadContext): Metric =>
  metric(
    'lift',
    combine(
      [readyMass.estimate as Estimate<Kilograms>] as const,
      (m) => m * LIFT_SHARE * STANDARD_GRAVITY,
    ),
    [metricInput(readyMass)],
    FALLEN,
  );
