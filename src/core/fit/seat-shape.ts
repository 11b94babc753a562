import type { DonorClass } from '../donor';

export interface SeatShape {
  /** How far seat and springs settle under the rider, mm. */
  readonly settle_mm: number;
  /** Half-width of seat and side panels where the thigh hugs them, mm. */
  readonly halfWidth_mm: number;
}

/** Three shapes fitted to the common-practice sits (see docs/formulas.md, Stance); `middle` lies between them. Our own assumption. */
const LIGHT_SOFT: SeatShape = { settle_mm: 60, halfWidth_mm: 45 };
const ENDURO: SeatShape = { settle_mm: 50, halfWidth_mm: 45 };
const MIDDLE: SeatShape = { settle_mm: 38, halfWidth_mm: 72 };
const WIDE_FIRM: SeatShape = { settle_mm: 25, halfWidth_mm: 100 };

/** Seat shape taken for each class until the rider's own sits say better. */
export const SEAT_SHAPES: Readonly<Record<DonorClass, SeatShape>> = {
  'air-trail-single': LIGHT_SOFT,
  'dual-sport-single': LIGHT_SOFT,
  'long-range-dual-sport': LIGHT_SOFT,
  'competition-single': ENDURO,
  'road-adventure-single': MIDDLE,
  'scrambler-single': MIDDLE,
  'rally-twin': MIDDLE,
  'road-v-twin': WIDE_FIRM,
  'large-adventure-twin': WIDE_FIRM,
};
