import { SAG_FACTS, type SuspensionEnd } from '../../suspension';
import { metric, type Metric } from '../formula';
import { figureInput, plainInput } from '../working-inputs';
import type { LoadContext } from './context';
import { springInputs, TRAVEL } from './springs';

/** Rider sag of an end with the brief's load, as a share of travel: from the same springs that the suspension's match goes by. */
function sagMetric(key: 'sagFront' | 'sagRear', end: SuspensionEnd, context: LoadContext): Metric {
  const { figures, suspension } = context;
  const { carried_kg, suits, sag } = suspension.ends[end];
  return metric(
    key,
    sag,
    [
      plainInput('carried', carried_kg, undefined, undefined, 'mass'),
      { name: 'springsSuit', dimension: 'mass', estimate: suits },
      ...springInputs(figures, end),
      figureInput(figures, TRAVEL[end]),
    ],
    SAG_FACTS,
  );
}

export const sagFrontMetric = (context: LoadContext): Metric =>
  sagMetric('sagFront', 'front', context);
export const sagRearMetric = (context: LoadContext): Metric =>
  sagMetric('sagRear', 'rear', context);
