import { loadedMass } from '../../mass';
import { combine } from '../../numeric';
import { fuelDensity } from '../../readings';
import type { Kilograms } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, metricInput, plainInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Machine ready to ride with rider, kit, luggage and passenger, kg. */
export function loadedMassMetric(
  { brief, figures, looseFuel_L }: MetricContext,
  readyMass: Metric,
): Metric {
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
    combine(
      [estimateIn<Kilograms>(figures, 'mass'), fuelDensity()] as const,
      (m, density) => (loadedMass(m, load) + looseFuel_L * density) as Kilograms,
    ),
    [
      metricInput(readyMass),
      briefInput(brief, 'rider.mass_kg'),
      briefInput(brief, 'rider.kit_kg'),
      briefInput(brief, 'trip.luggage_kg'),
      ...(looseFuel_L > 0
        ? [plainInput('looseFuel', looseFuel_L, undefined, undefined, 'volume')]
        : []),
      ...(passenger ? [briefInput(brief, 'trip.pillion_kg')] : []),
    ],
    { passenger },
  );
}
