import { certain, combine, unknown, type Estimate } from '../../numeric';
import { predictedForkSag, predictedShockSag, SAG_FACTS } from '../../suspension';
import { axleLoads } from '../axles';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { LoadContext } from './context';

function loadOn({ brief, figures }: LoadContext, axle: 'front_kg' | 'rear_kg'): Estimate {
  const loads = axleLoads(brief, figures);
  return loads.kind === 'known' ? certain(loads.split[axle]) : unknown(...loads.missing);
}

const ofTravel = (sag: Estimate, travel: Estimate): Estimate =>
  combine([sag, travel] as const, (s, t) => s / t);

/** Predicted rider sag of the fork with the brief's load, as a share of travel; not known without a spring rate. */
export function sagFrontMetric(context: LoadContext): Metric {
  const { figures } = context;
  const onFront = loadOn(context, 'front_kg');
  const rake = figures.rake.estimate;
  return metric(
    'sagFront',
    ofTravel(
      rake.kind === 'known'
        ? predictedForkSag(onFront, figures.forkRate.estimate, rake.mid)
        : unknown('rake'),
      figures.travelFront.estimate,
    ),
    [
      figureInput(figures, 'forkRate'),
      figureInput(figures, 'rake'),
      figureInput(figures, 'travelFront'),
      { name: 'axleFront', dimension: 'mass', estimate: onFront, typical: figures.mass.typical },
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
    ofTravel(
      predictedShockSag(onRear, figures.shockRate.estimate, figures.motionRatio.estimate),
      figures.travelRear.estimate,
    ),
    [
      figureInput(figures, 'shockRate'),
      figureInput(figures, 'motionRatio'),
      figureInput(figures, 'travelRear'),
      { name: 'axleRear', dimension: 'mass', estimate: onRear, typical: figures.mass.typical },
    ],
    SAG_FACTS,
  );
}
