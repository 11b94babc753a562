import { crawlSpeed, rpmAt } from '../../gearing';
import { between, combine, exactly, multiply, unknown, type Estimate } from '../../numeric';
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
  const train = drivetrain(donor, figures);
  const redline = figures.redline.estimate;
  if (redline.kind === 'unknown')
    return unknown('redline', ...(train.kind === 'unknown' ? train.missing : []));
  const { low, mid, high } = redline.interval;
  return estimateOf(
    train,
    (t) => {
      const rpm = rpmAt(t, t.gears.length, brief.trip.cruise_kmh);
      return between(rpm / high, rpm / low, rpm / mid);
    },
    'ratio1',
  );
}

/** Speed in first gear at idle, km/h. */
export function crawlMetric({ donor, figures }: LoadContext): Metric {
  const perIdle = estimateOf(
    drivetrain(donor, figures),
    (t) => exactly(crawlSpeed(t, 1)),
    'ratio1',
  );
  return metric('crawl', combine([figures.idleSpeed.estimate, perIdle] as const, multiply), [
    figureInput(figures, 'idleSpeed'),
    figureInput(figures, 'ratio1'),
    figureInput(figures, 'primaryRatio'),
    figureInput(figures, 'sprocketFront'),
    figureInput(figures, 'sprocketRear'),
  ]);
}
