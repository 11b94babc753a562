import { SEAT_WIDTHS, type SeatWidth } from '../brief';
import type { Donor } from '../donor';
import { factInUse } from '../facts';
import { readingInUse } from '../readings';
import { typicalChances, type Chances, type OwnTypicalFacts } from '../typical';
import { toBase } from '../units';

export interface SeatShape {
  /** How far seat and springs settle under the rider, mm. */
  readonly settle_mm: number;
  /** Half-width of seat and side panels where the thigh hugs them, mm. */
  readonly halfWidth_mm: number;
}

/** Three shapes fitted to the common-practice sits (see docs/formulas.md, Stance); `middle` lies between them. Our own assumption. */
export const SEAT_SHAPES: Readonly<Record<SeatWidth, SeatShape>> = {
  light: { settle_mm: 60, halfWidth_mm: 45 },
  enduro: { settle_mm: 50, halfWidth_mm: 45 },
  middle: { settle_mm: 38, halfWidth_mm: 72 },
  wide: { settle_mm: 25, halfWidth_mm: 100 },
};

/** Whose seat it is. */
export type Seated = Pick<Donor, 'donorClass' | 'facts'> & {
  /** What the rider holds typical of classes. */
  readonly usualFacts?: OwnTypicalFacts | undefined;
};

/** How likely a seat is of each width, 0–1: certain where its sheet says, else as often as its class has it. */
export function seatWidthChances(donor: Seated): Readonly<Record<SeatWidth, number>> {
  const told = factInUse(donor.facts?.seatWidth)?.value;
  const chances: Chances = told
    ? { [told]: 1 }
    : (typicalChances(donor.donorClass, 'seatWidth', donor.usualFacts) ?? {});
  const all = SEAT_WIDTHS.reduce((sum, width) => sum + (chances[width] ?? 0), 0);
  const share = (width: SeatWidth): number => (chances[width] ?? 0) / all;
  return {
    light: share('light'),
    enduro: share('enduro'),
    middle: share('middle'),
    wide: share('wide'),
  };
}

/** The width of a donor's seat: as its sheet says, else as most of its class have. */
export function seatWidth(donor: Seated): SeatWidth {
  const chances = seatWidthChances(donor);
  return SEAT_WIDTHS.reduce((best, width) => (chances[width] > chances[best] ? width : best));
}

/** The shape of a donor's seat; where it was taped how far it goes down under the rider, that counts instead of what is usual. */
export function seatShape(donor: Seated & Pick<Donor, 'figures'>): SeatShape {
  const shape = SEAT_SHAPES[seatWidth(donor)];
  const taped = readingInUse(donor.figures.seatSettle);
  return taped ? { ...shape, settle_mm: toBase(taped.amount, taped.unit) } : shape;
}
