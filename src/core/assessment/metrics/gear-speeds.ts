import { crawlSpeed, rpmAt } from '../../gearing';
import { combine, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import { drivetrain, estimateOf } from '../propulsion';
import { briefInput, figureInput } from '../working-inputs';
import type { LoadContext } from './context';

/** Engine speed at the cruise in top gear by the redline, 0–1. */
export function cruiseRevsMetric({ brief, donor, figures }: LoadContext): Metric {
  return metric('cruiseRevs', revsAt({ brief, donor, figures }), [
    briefInput(brief, 'trip.cruise_kmh'),
    figureInput(figures, 'redline'),
    figureInput(figures, 'primaryRatio'),
    figureInput(figures, 'sprocketFront'),
    figureInput(figures, 'sprocketRear'),
  ]);
}

function revsAt({
  brief,
  donor,
  figures,
}: Pick<LoadContext, 'brief' | 'donor' | 'figures'>): Estimate {
  const atCruise = estimateOf(drivetrain(donor, figures), (t) =>
    rpmAt(t, t.gears.length, brief.trip.cruise_kmh),
  );
  return combine([figures.redline.estimate, atCruise] as const, (redline, rpm) => rpm / redline);
}

/** Speed in first gear at idle, km/h. */
export function crawlMetric({ donor, figures }: LoadContext): Metric {
  const perIdle = estimateOf(drivetrain(donor, figures), (t) => crawlSpeed(t, 1));
  return metric(
    'crawl',
    combine([figures.idleSpeed.estimate, perIdle] as const, (idle, per) => idle * per),
    [
      figureInput(figures, 'idleSpeed'),
      figureInput(figures, 'ratio1'),
      figureInput(figures, 'primaryRatio'),
      figureInput(figures, 'sprocketFront'),
      figureInput(figures, 'sprocketRear'),
    ],
  );
}
