import { combine, divide, exactly, known, unknown, type Estimate } from '../../numeric';
import { predictedForkSag, predictedShockSag, SAG_FACTS } from '../../suspension';
import { axleLoads } from '../axles';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Rake where the sheet does not say, degrees. Own assumption. */
const USUAL_RAKE = 27;

function loadOn({ brief, figures }: LoadContext, axle: 'front_kg' | 'rear_kg'): Estimate {
  const loads = axleLoads(brief, figures);
  return loads.kind === 'known' ? known(exactly(loads.split[axle])) : unknown(...loads.missing);
}

/** Predicted rider sag of the fork with the brief's load, as a share of travel; not known without a spring rate. */
export function sagFrontMetric(context: LoadContext): Metric {
  const { figures } = context;
  const onFront = loadOn(context, 'front_kg');
  const rake =
    figures.rake.estimate.kind === 'known' ? figures.rake.estimate.interval.mid : USUAL_RAKE;
  return metric(
    'sagFront',
    combine(
      [onFront, figures.forkRate.estimate, figures.travelFront.estimate] as const,
      (load, rate, travel) => divide(predictedForkSag(load.mid, rate, rake), travel),
    ),
    [
      figureInput(figures, 'forkRate'),
      figureInput(figures, 'travelFront'),
      { name: 'axleFront', dimension: 'mass', estimate: onFront },
    ],
    SAG_FACTS,
  );
}

/** The same of the rear. */
export function sagRearMetric(context: LoadContext): Metric {
  const { figures } = context;
  const onRear = loadOn(context, 'rear_kg');
  return metric(
    'sagRear',
    combine(
      [
        onRear,
        figures.shockRate.estimate,
        figures.motionRatio.estimate,
        figures.travelRear.estimate,
      ] as const,
      (load, rate, ratio, travel) => divide(predictedShockSag(load.mid, rate, ratio), travel),
    ),
    [
      figureInput(figures, 'shockRate'),
      figureInput(figures, 'motionRatio'),
      figureInput(figures, 'travelRear'),
      { name: 'axleRear', dimension: 'mass', estimate: onRear },
    ],
    SAG_FACTS,
  );
}
