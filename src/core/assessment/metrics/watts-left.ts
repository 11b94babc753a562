import { ALTERNATOR_SHARE, electricalMargin } from '../../electrics';
import { combine, type Estimate } from '../../numeric';
import type { NormalFigures } from '../../readings';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Watts left at the cruise; parts are in the draw already. */
export const wattsLeft = (figures: NormalFigures): Estimate =>
  combine([figures.alternator.estimate, figures.stockDraw.estimate] as const, (output, draw) =>
    electricalMargin(output, ALTERNATOR_SHARE.cruise, draw, 0),
  );

export const wattsLeftMetric = ({ figures }: LoadContext): Metric =>
  metric(
    'wattsLeft',
    wattsLeft(figures),
    [figureInput(figures, 'alternator'), figureInput(figures, 'stockDraw')],
    { share: ALTERNATOR_SHARE.cruise },
  );
