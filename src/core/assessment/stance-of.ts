import type { SeatWidth, StanceBand } from '../brief';
import type { Donor } from '../donor';
import { factInUse } from '../facts';
import {
  oneFootGap,
  seatShape,
  seatWidth,
  stanceBand,
  stanceProbabilities,
  type SeatShape,
} from '../fit';
import type { Known } from '../numeric';
import { seatWidthIndex, type Metrics } from './metrics';

export type Stance =
  | {
      readonly kind: 'known';
      readonly band: StanceBand;
      readonly oneFootBand: StanceBand;
      /** The seat that the middle is reckoned with. */
      readonly shape: SeatShape;
      readonly width: SeatWidth;
      /** Whether somebody has told the width; else it is what most of the class have. */
      readonly widthTold: boolean;
      /** The width by its place in `SEAT_WIDTHS`, from narrow to wide, in each row. */
      readonly widthIndex: Known;
      readonly probabilities: Readonly<Record<StanceBand, number>>;
    }
  | { readonly kind: 'unknown' };

/** How the rider's feet reach the ground, with chances. */
export function stanceOf({
  donor,
  heelGap,
}: Pick<Metrics, 'heelGap'> & { readonly donor: Donor }): Stance {
  const gap = heelGap.estimate;
  if (gap.kind === 'unknown') return { kind: 'unknown' };
  const shape = seatShape(donor);
  return {
    kind: 'known',
    band: stanceBand(gap.mid),
    oneFootBand: stanceBand(oneFootGap(gap.mid, shape)),
    shape,
    width: seatWidth(donor),
    widthTold: factInUse(donor.facts?.seatWidth) !== undefined,
    widthIndex: seatWidthIndex(donor),
    probabilities: stanceProbabilities(gap),
  };
}
