import { mixConsumption } from '../../fuel';
import { kilometresPerHour, type LitresPer100Km } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Consumption on the ground and at the cruise of the brief, L/100 km. */
export const consumptionMetric = ({ brief, figures }: MetricContext): Metric =>
  metric(
    'consumption',
    mixConsumption(
      estimateIn<LitresPer100Km>(figures, 'consumption'),
      brief.ground,
      kilometresPerHour(brief.trip.cruise_kmh),
    ),
    [figureInput(figures, 'consumption'), briefInput(brief, 'trip.cruise_kmh')],
  );
