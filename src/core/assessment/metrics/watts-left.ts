import { ALTERNATOR_SHARE, electricalMargin } from '../../electrics';
import { between, combine, type Estimate } from '../../numeric';
import type { NormalFigures } from '../../readings';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Watts left at the cruise; parts are in the draw already. */
export const wattsLeft = (figures: NormalFigures): Estimate =>
  combine([figures.alternator.estimate, figures.stockDraw.estimate] as const, (a, d) =>
    between(
      electricalMargin(a.low, ALTERNATOR_SHARE.cruise, d.high, 0),
      electricalMargin(a.high, ALTERNATOR_SHARE.cruise, d.low, 0),
      electricalMargin(a.mid, ALTERNATOR_SHARE.cruise, d.mid, 0),
    ),
  );

export const wattsLeftMetric = ({ figures }: LoadContext): Metric =>
  metric(
    'wattsLeft',
    wattsLeft(figures),
    [figureInput(figures, 'alternator'), figureInput(figures, 'stockDraw')],
    { share: ALTERNATOR_SHARE.cruise },
  );
