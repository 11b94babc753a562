import { ALTERNATOR_SHARE, electricalMargin } from '../../electrics';
import { combine, type Estimate } from '../../numeric';
import type { NormalFigures } from '../../readings';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Watts left at a pace; parts are in the draw already. */
export const wattsLeft = (
  figures: NormalFigures,
  pace: keyof typeof ALTERNATOR_SHARE = 'cruise',
): Estimate =>
  combine([figures.alternator.estimate, figures.stockDraw.estimate] as const, (output, draw) =>
    electricalMargin(output, ALTERNATOR_SHARE[pace], draw, 0),
  );

const wattsMetric = (
  key: 'wattsLeft' | 'wattsSlow',
  pace: 'cruise' | 'slow',
  { figures }: LoadContext,
): Metric =>
  metric(
    key,
    wattsLeft(figures, pace),
    [figureInput(figures, 'alternator'), figureInput(figures, 'stockDraw')],
    { share: ALTERNATOR_SHARE[pace], pace },
  );

export const wattsLeftMetric = (context: LoadContext): Metric =>
  wattsMetric('wattsLeft', 'cruise', context);
export const wattsSlowMetric = (context: LoadContext): Metric =>
  wattsMetric('wattsSlow', 'slow', context);
