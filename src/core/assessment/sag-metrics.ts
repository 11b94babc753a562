import { combine, divide, exactly, known, unknown, type Estimate } from '../numeric';
import { predictedForkSag, predictedShockSag } from '../suspension';
import { axleLoads } from './axles';
import type { LoadContext } from './load-metrics';
import type { LoadMetrics, Metric, MetricKey } from './metric';
import { figureInput } from './working-inputs';

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
  const loads = axleLoads(brief, figures);
  const on = (axle: 'front_kg' | 'rear_kg'): Estimate =>
    loads.kind === 'known' ? known(exactly(loads.split[axle])) : unknown(...loads.missing);
  const [onFront, onRear] = [on('front_kg'), on('rear_kg')];
  const rake =
    figures.rake.estimate.kind === 'known' ? figures.rake.estimate.interval.mid : USUAL_RAKE;
  const front = combine(
    [onFront, figures.forkRate.estimate, figures.travelFront.estimate] as const,
    (load, rate, travel) => divide(predictedForkSag(load.mid, rate, rake), travel),
  );
  const rear = combine(
    [
      onRear,
      figures.shockRate.estimate,
      figures.motionRatio.estimate,
      figures.travelRear.estimate,
    ] as const,
    (load, rate, ratio, travel) => divide(predictedShockSag(load.mid, rate, ratio), travel),
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
        { name: 'axleFront', dimension: 'mass', estimate: onFront },
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
        { name: 'axleRear', dimension: 'mass', estimate: onRear },
      ],
      source,
    ),
  };
}
