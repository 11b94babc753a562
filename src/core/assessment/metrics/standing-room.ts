import { GRIPS_ASKED, standingAsFelt, standingRoom } from '../../fit';
import { combine, derive, source } from '../../numeric';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput } from '../working-inputs';
import type { MetricContext } from './context';

/** Grips over pegs less what suits the rider standing, mm; where nobody has measured them, what the rider felt standing on it. */
export function standingRoomMetric({
  brief,
  donor,
  figures,
  stood,
  gripsRaised_mm,
}: MetricContext): Metric {
  const { height_mm } = brief.rider;
  const [bar, peg] = [figures.barHeight.estimate, figures.pegHeight.estimate];
  const measured = combine([bar, peg] as const, (b, p) => standingRoom(b, p, height_mm));
  const inputs = [
    figureInput(figures, 'barHeight'),
    figureInput(figures, 'pegHeight'),
    briefInput(brief, 'rider.height_mm'),
  ];
  const constants = { grips_mm: GRIPS_ASKED.height_mm, stature_mm: GRIPS_ASKED.stature_mm };
  const told = figures.barHeight.reading && figures.pegHeight.reading;
  if (!stood || told)
    return metric('standingRoom', measured, inputs, { ...constants, felt: false });
  const asFelt = source(`standing/${donor.id}`, standingAsFelt(stood.mean, stood.counts));
  const felt = derive([asFelt], (mm) => mm + gripsRaised_mm);
  return metric(
    'standingRoom',
    felt,
    [{ name: 'standingMark', dimension: 'length', estimate: asFelt }],
    { ...constants, felt: true },
  );
}
