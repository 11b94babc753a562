import { fuelRange, USABLE_TANK_SHARE } from '../../fuel';
import { combine, type Estimate } from '../../numeric';
import type { Kilometres, Litres, LitresPer100Km } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, metricInput, plainInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Distance on the usable tank with the brief's reserve kept, km. */
export function rangeMetric(
  { brief, figures, looseFuel_L }: MetricContext,
  consumption: Metric,
): Metric {
  const reserve = brief.trip.reserve_percent / 100;
  return metric(
    'range',
    combine(
      [
        estimateIn<Litres>(figures, 'tank'),
        consumption.estimate as Estimate<LitresPer100Km>,
      ] as const,
      (volume, used) =>
        (fuelRange(volume, used, reserve) + (looseFuel_L / used) * 100) as Kilometres,
    ),
    [
      figureInput(figures, 'tank'),
      plainInput('usableTankShare', USABLE_TANK_SHARE),
      briefInput(brief, 'trip.reserve_percent'),
      ...(looseFuel_L > 0
        ? [plainInput('looseFuel', looseFuel_L, undefined, undefined, 'volume')]
        : []),
      metricInput(consumption),
    ],
  );
}
