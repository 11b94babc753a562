import { combine, divide, exactly, unknown, type Estimate } from '../numeric';
import { predictedForkSag, predictedShockSag } from '../suspension';
import { frontShare } from './axles';
import type { LoadContext } from './load-metrics';
import type { LoadMetrics, Metric, MetricKey } from './metric';
import { figureInput, plainInput } from './working-inputs';

/** Rake where the sheet does not say, degrees. Own assumption. */
const USUAL_RAKE = 27;

const metric = (
  key: MetricKey,
  estimate: Estimate,
  formula: string,
  inputs: Metric['working']['inputs'],
  source: string,
): Metric => ({ key, estimate, working: { formula, inputs, source } });

/** Predicted rider sag of both ends with the brief's load, as shares of travel; not known without spring rates. */
export function sagMetrics({
  brief,
  figures,
}: LoadContext): Pick<LoadMetrics, 'sagFront' | 'sagRear'> {
  const { split } = frontShare(brief, figures);
  const axles: Estimate = split
    ? { kind: 'known', interval: exactly(0) }
    : unknown(
        ...['mass', 'wheelbase'].filter((k) => figures[k as 'mass'].estimate.kind === 'unknown'),
      );
  const rake =
    figures.rake.estimate.kind === 'known' ? figures.rake.estimate.interval.mid : USUAL_RAKE;
  const front = combine(
    [axles, figures.forkRate.estimate, figures.travelFront.estimate] as const,
    (_, rate, travel) => divide(predictedForkSag(split?.front_kg ?? 0, rate, rake), travel),
  );
  const rear = combine(
    [
      axles,
      figures.shockRate.estimate,
      figures.motionRatio.estimate,
      figures.travelRear.estimate,
    ] as const,
    (_, rate, ratio, travel) => divide(predictedShockSag(split?.rear_kg ?? 0, rate, ratio), travel),
  );
  const source =
    'static, linear springs, ±8 mm for friction (from memory); preload as delivered and 17 kg unsprung at each end: own assumption. Measure it with your kit on';
  return {
    sagFront: metric(
      'sagFront',
      front,
      '(load on the springs × cos rake ÷ 2 × leg rate − preload) ÷ travel',
      [
        figureInput(figures, 'forkRate'),
        figureInput(figures, 'travelFront'),
        plainInput('axleFront', split?.front_kg ?? 0, undefined, undefined, 'mass'),
      ],
      source,
    ),
    sagRear: metric(
      'sagRear',
      rear,
      '(load on the spring ÷ rate × ratio² − preload ÷ ratio) ÷ travel',
      [
        figureInput(figures, 'shockRate'),
        figureInput(figures, 'motionRatio'),
        figureInput(figures, 'travelRear'),
        plainInput('axleRear', split?.rear_kg ?? 0, undefined, undefined, 'mass'),
      ],
      source,
    ),
  };
}
