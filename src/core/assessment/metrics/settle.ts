import type { Donor } from '../../donor';
import { seatShape } from '../../fit';
import { exactly, known, type Estimate } from '../../numeric';
import type { NormalFigures } from '../../readings';
import { figureInput, plainInput, type WorkingInput } from '../working-inputs';

/** How far seat and springs go down under the rider, mm: as taped with its doubt, else as a seat of this shape usually does. */
export function settleOf(
  donor: Donor,
  figures: NormalFigures,
): { readonly mm: Estimate; readonly input: WorkingInput } {
  const taped = figures.seatSettle.estimate;
  if (taped.kind === 'known') return { mm: taped, input: figureInput(figures, 'seatSettle') };
  const { settle_mm } = seatShape(donor);
  return {
    mm: known(exactly(settle_mm)),
    input: plainInput('settle', settle_mm, undefined, undefined, 'length'),
  };
}
