import { loadedMass } from '../../mass';
import { combine } from '../../numeric';
import type { Kilograms } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, metricInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Machine ready to ride with rider, kit, luggage and passenger, kg. */
export function loadedMassMetric({ brief, figures }: MetricContext, readyMass: Metric): Metric {
  const { rider, trip } = brief;
  const load = {
    rider_kg: rider.mass_kg,
    kit_kg: rider.kit_kg,
    luggage_kg: trip.luggage_kg,
    pillion_kg: trip.pillion_kg,
  };
  const passenger = trip.pillion_kg !== undefined;
  return metric(
    'loadedMass',
    combine([estimateIn<Kilograms>(figures, 'mass')] as const, (m) => loadedMass(m, load)),
    [
      metricInput(readyMass),
      briefInput(brief, 'rider.mass_kg'),
      briefInput(brief, 'rider.kit_kg'),
      briefInput(brief, 'trip.luggage_kg'),
      ...(passenger ? [briefInput(brief, 'trip.pillion_kg')] : []),
    ],
    { passenger },
  );
}
