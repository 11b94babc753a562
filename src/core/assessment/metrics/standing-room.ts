import { GRIPS_ASKED, standingRoom } from '../../fit';
import { combine } from '../../numeric';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput } from '../working-inputs';
import type { MetricContext } from './context';

/** Grips over pegs less what suits the rider standing, mm. */
export function standingRoomMetric({ brief, figures }: MetricContext): Metric {
  const { height_mm } = brief.rider;
  return metric(
    'standingRoom',
    combine([figures.barHeight.estimate, figures.pegHeight.estimate] as const, (bar, peg) =>
      standingRoom(bar, peg, height_mm),
    ),
    [
      figureInput(figures, 'barHeight'),
      figureInput(figures, 'pegHeight'),
      briefInput(brief, 'rider.height_mm'),
    ],
    { grips_mm: GRIPS_ASKED.height_mm, stature_mm: GRIPS_ASKED.stature_mm },
  );
}
