import { FRONT_SECTION, trailAfter } from '../../geometry';
import { combine } from '../../numeric';
import { metric, type Metric } from '../formula';
import { figureInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Average of both ends' sag under the brief's load taken off the quoted clearance, mm. */
export function clearanceLoadedMetric({ figures, suspension }: LoadContext): Metric {
  const { front, rear } = suspension.ends;
  return metric(
    'clearanceLoaded',
    combine(
      [
        figures.clearance.estimate,
        front.sag,
        rear.sag,
        figures.travelFront.estimate,
        figures.travelRear.estimate,
      ] as const,
      (c, f, r, tf, tr) => c - (f * tf + r * tr) / 2,
    ),
    [
      figureInput(figures, 'clearance'),
      { name: 'sagFront', dimension: 'percent', estimate: front.sag },
      { name: 'sagRear', dimension: 'percent', estimate: rear.sag },
      figureInput(figures, 'travelFront'),
      figureInput(figures, 'travelRear'),
    ],
  );
}

/** Trail as loaded: the quoted one, the machine pitched by how much further one end sags than the other, mm. */
export function trailLoadedMetric({ figures, suspension }: LoadContext): Metric {
  const { front, rear } = suspension.ends;
  return metric(
    'trailLoaded',
    combine(
      [
        figures.trail.estimate,
        figures.rake.estimate,
        figures.wheelFront.estimate,
        figures.wheelbase.estimate,
        front.sag,
        rear.sag,
        figures.travelFront.estimate,
        figures.travelRear.estimate,
      ] as const,
      (trail_mm, rake_deg, rim, base, f, r, tf, tr) =>
        trailAfter(
          { radius_mm: rim / 2 + FRONT_SECTION, trail_mm, rake_deg },
          { front_mm: f * tf, rear_mm: r * tr },
          base,
        ),
    ),
    [
      figureInput(figures, 'trail'),
      figureInput(figures, 'rake'),
      figureInput(figures, 'wheelFront'),
      figureInput(figures, 'wheelbase'),
      figureInput(figures, 'travelFront'),
      figureInput(figures, 'travelRear'),
      { name: 'sagFront', dimension: 'percent', estimate: front.sag },
      { name: 'sagRear', dimension: 'percent', estimate: rear.sag },
    ],
  );
}
