import { HIP_BEHIND_PEG, kneeAngle } from '../../fit';
import { kindOfMachine } from '../../donor';
import { combine, source } from '../../numeric';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, plainInput } from '../working-inputs';
import type { MetricContext } from './context';
import { seatOf } from './seat';

/** How far the knees open with boots on the pegs, degrees. */
export function kneeAngleMetric({ brief, donor, figures }: MetricContext): Metric {
  const { rider } = brief;
  const seat = seatOf(donor, figures);
  const { low, mid, high } = HIP_BEHIND_PEG;
  const behind = source(`hip/${kindOfMachine(donor)}`, HIP_BEHIND_PEG);
  return metric(
    'kneeAngle',
    combine(
      [figures.seatHeight.estimate, figures.pegHeight.estimate, seat.settle_mm, behind] as const,
      (height, peg, settle_mm, b) => kneeAngle(height - settle_mm, peg, rider, b),
    ),
    [
      figureInput(figures, 'seatHeight'),
      figureInput(figures, 'pegHeight'),
      seat.settleInput,
      plainInput('hipBehindPeg', low, mid, high, 'length'),
      briefInput(brief, 'rider.height_mm'),
    ],
  );
}
