import { heelGap, riderInseam, seatShape } from '../../fit';
import { add, combine, exactly, known } from '../../numeric';
import type { Millimetres } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, plainInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';

/** Heels above the ground astride, mm; below 0 the knees are bent. */
export function heelGapMetric({ brief, donor, figures, reach: own }: MetricContext): Metric {
  const { rider } = brief;
  const shape = seatShape(donor);
  const inseam = riderInseam(rider);
  const estimate = combine([estimateIn<Millimetres>(figures, 'seatHeight')] as const, (h) =>
    add(heelGap(h, shape, inseam, rider.sole_mm), exactly(own.offset_mm as Millimetres)),
  );
  const [low, high] = [own.offset_mm - own.sigma_mm, own.offset_mm + own.sigma_mm];
  return metric(
    'heelGap',
    estimate,
    [
      figureInput(figures, 'seatHeight'),
      plainInput('settle', shape.settle_mm, undefined, undefined, 'length'),
      plainInput('seatHalfWidth', shape.halfWidth_mm, undefined, undefined, 'length'),
      {
        name: rider.inseam_mm === undefined ? 'inseamEstimated' : 'rider.inseam_mm',
        dimension: 'length',
        estimate: known(inseam),
      },
      briefInput(brief, 'rider.sole_mm'),
      ...(own.sits > 0 ? [plainInput('ownOffset', low, own.offset_mm, high, 'length')] : []),
    ],
    { ownOffset: own.sits > 0, inseamMeasured: rider.inseam_mm !== undefined },
  );
}
