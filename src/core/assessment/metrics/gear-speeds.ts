import { combine, unknown, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import { type PullOf } from '../found';
import { gearing, type GearEnd } from '../gearing-of';
import { briefInput, figureInput, type WorkingInput } from '../working-inputs';
import type { LoadContext } from './context';

const NAMES = { first: 'speedFirst', top: 'speedTop' } as const;

/** Speed for each 1000 rpm in first or in the highest gear, km/h. */
export function speedIn(end: GearEnd, of: PullOf): Estimate {
  const found = gearing(of);
  return found.kind === 'known' ? found.value[end] : unknown(...found.missing);
}

/** {@link speedIn} as an input, with what of the gears nobody has given. */
export function gearInput(end: GearEnd, context: PullOf): WorkingInput {
  const found = gearing(context);
  const typical =
    found.kind === 'known' && found.value.typical[end].length > 0
      ? found.value.typical[end]
      : undefined;
  return { name: NAMES[end], dimension: 'speed', estimate: speedIn(end, context), typical };
}

/** Engine speed at the cruise in top gear by the redline, 0–1. */
export function cruiseRevsMetric(context: LoadContext): Metric {
  const { brief, figures } = context;
  const { cruise_kmh } = brief.trip;
  return metric(
    'cruiseRevs',
    combine(
      [figures.redline.estimate, speedIn('top', context)] as const,
      (redline, perThousand) => ((cruise_kmh / perThousand) * 1000) / redline,
    ),
    [
      briefInput(brief, 'trip.cruise_kmh'),
      figureInput(figures, 'redline'),
      gearInput('top', context),
    ],
  );
}

/** Speed in first gear at idle, km/h. */
export function crawlMetric(context: LoadContext): Metric {
  const { figures } = context;
  return metric(
    'crawl',
    combine(
      [figures.idleSpeed.estimate, speedIn('first', context)] as const,
      (idle, perThousand) => (idle * perThousand) / 1000,
    ),
    [figureInput(figures, 'idleSpeed'), gearInput('first', context)],
  );
}
