import type { SeatWidth } from '../brief';
import type { Donor, DonorClass } from '../donor';
import { factInUse } from '../facts';
import { readingInUse } from '../readings';
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

/** Seat taken for each class where the sheet does not say. */
const USUAL_WIDTH: Readonly<Record<DonorClass, SeatWidth>> = {
  'air-trail-single': 'light',
  'dual-sport-single': 'light',
  'long-range-dual-sport': 'light',
  'competition-single': 'enduro',
  'road-adventure-single': 'middle',
  'scrambler-single': 'middle',
  'rally-twin': 'middle',
  'road-v-twin': 'wide',
  'large-adventure-twin': 'wide',
};

/** The width of a donor's seat: as its sheet says, else as its class usually has. */
export const seatWidth = (donor: Pick<Donor, 'donorClass' | 'facts'>): SeatWidth =>
  (factInUse(donor.facts?.seatWidth)?.value as SeatWidth | undefined) ??
  USUAL_WIDTH[donor.donorClass];

/** The shape of a donor's seat; where it was taped how far it goes down under the rider, that counts instead of what is usual. */
export function seatShape(donor: Pick<Donor, 'donorClass' | 'facts' | 'figures'>): SeatShape {
  const shape = SEAT_SHAPES[seatWidth(donor)];
  const taped = readingInUse(donor.figures.seatSettle);
  return taped ? { ...shape, settle_mm: toBase(taped.amount, taped.unit) } : shape;
}
