import { kindOfMachine } from '../../donor';
import { heelGap, nineInTen, riderInseam, SIT_SIGMA } from '../../fit';
import { combine, known, source } from '../../numeric';
import { millimetres, type Millimetres } from '../../units';
import { metric, type Metric } from '../formula';
import { briefInput, figureInput, plainInput } from '../working-inputs';
import { estimateIn, type MetricContext } from './context';
import { seatOf } from './seat';

/**
 * Heels above the ground astride, mm; below 0 the knees are bent. Its doubt: the seat height, this rider's offset from the model (with
 * the inseam's doubt; the same on every machine), how wide the seat is where nobody has told, and the scatter of a single sit (each
 * machine's own).
 */
export function heelGapMetric({ brief, donor, figures, reach: own }: MetricContext): Metric {
  const { rider } = brief;
  const inseam = riderInseam(rider);
  const offset = source('rider/reach', nineInTen(own.offset_mm, own.sigma_mm));
  const scatter = source(`sit/${kindOfMachine(donor)}`, nineInTen(0, SIT_SIGMA));
  const seat = seatOf(donor, figures);
  // Seat and settling only add to what the legs make of a seat on the ground that has no width.
  const legs = heelGap(millimetres(0), { settle_mm: 0, halfWidth_mm: 0 }, inseam.mm, rider.sole_mm);
  const estimate = combine(
    [estimateIn<Millimetres>(figures, 'seatHeight'), seat.drop_mm, offset, scatter] as const,
    (h, drop, o, s) => (legs + h - drop + o + s) as Millimetres,
  );
  const [low, high] = [own.offset_mm - own.sigma_mm, own.offset_mm + own.sigma_mm];
  return metric(
    'heelGap',
    estimate,
    [
      figureInput(figures, 'seatHeight'),
      seat.settleInput,
      seat.widthInput,
      {
        name: rider.inseam_mm === undefined ? 'inseamEstimated' : 'rider.inseam_mm',
        dimension: 'length',
        estimate: known(nineInTen(inseam.mm, inseam.sd_mm)),
      },
      briefInput(brief, 'rider.sole_mm'),
      ...(own.sits > 0 ? [plainInput('ownOffset', low, own.offset_mm, high, 'length')] : []),
    ],
    { ownOffset: own.sits > 0, inseamMeasured: rider.inseam_mm !== undefined },
  );
}
