import { SEAT_WIDTHS, type SeatWidth } from '../../brief';
import { kindOfMachine } from '../../donor';
import { factInUse } from '../../facts';
import { SEAT_SHAPES, seatWidth, seatWidthChances } from '../../fit';
import { certain, derive, oneOf, type Estimate, type Known } from '../../numeric';
import type { NormalFigures } from '../../readings';
import type { Whose } from '../../suitability';
import { figureInput, type WorkingInput } from '../working-inputs';

/** What a seat does to the reach: its settling under the rider and its half-width at the thigh, mm, with their doubt. */
export interface Seat {
  readonly settle_mm: Estimate;
  readonly halfWidth_mm: Known;
  readonly settleInput: WorkingInput;
  readonly widthInput: WorkingInput;
}

const widthAt = (index: number): SeatWidth => SEAT_WIDTHS[index] ?? 'middle';

/**
 * Which of the four widths a seat is, by its place in `SEAT_WIDTHS`: as told, else in row 0 what its class usually has and in the other
 * rows what its class has as often as the class has it. Machines of one model share it.
 */
export function seatWidthIndex(donor: Whose): Known {
  const usual = SEAT_WIDTHS.indexOf(seatWidth(donor));
  if (factInUse(donor.facts?.seatWidth)) return certain(usual);
  const chances = seatWidthChances(donor);
  const answers = SEAT_WIDTHS.map((width, value) => ({ value, chance: chances[width] }));
  return oneOf(
    `fact/${kindOfMachine(donor)}/seatWidth`,
    usual,
    answers.filter(({ chance }) => chance > 0),
  );
}

/** How far seat and springs go down under the rider (as taped with its doubt, else as a seat of this width usually does), and how wide the seat is. */
export function seatOf(donor: Whose, figures: NormalFigures): Seat {
  const width = seatWidthIndex(donor);
  const taped = figures.seatSettle.estimate;
  const usual = derive([width], (w) => SEAT_SHAPES[widthAt(w)].settle_mm);
  const halfWidth_mm = derive([width], (w) => SEAT_SHAPES[widthAt(w)].halfWidth_mm);
  return {
    settle_mm: taped.kind === 'known' ? taped : usual,
    halfWidth_mm,
    settleInput:
      taped.kind === 'known'
        ? figureInput(figures, 'seatSettle')
        : { name: 'settle', dimension: 'length', estimate: usual },
    widthInput: { name: 'seatHalfWidth', dimension: 'length', estimate: halfWidth_mm },
  };
}
