import type { Rider } from '../brief';
import { between, mapMonotone, plusMinus, type Interval } from '../numeric';
import { millimetres, type Millimetres } from '../units';
import type { SeatShape } from './seat-shape';

/** Inseam ÷ stature: 0.4733 (women) to 0.4767 (men), US Army survey 1988 (from memory). */
export const INSEAM_RATIO = between(0.4733, 0.4767);
/** Standard deviation of inseam at a given stature, mm (same survey, correlation 0.86 assumed). */
export const INSEAM_SD = 23;

/** Inseam estimated from stature, mm, ± one standard deviation around the ratio's range. */
export function inseamFromHeight(height: Millimetres): Interval<Millimetres> {
  const low = height * INSEAM_RATIO.low - INSEAM_SD;
  const high = height * INSEAM_RATIO.high + INSEAM_SD;
  return between(millimetres(low), millimetres(high));
}

/** A measured inseam is good to about this much, mm. */
export const MEASURED_INSEAM_HALF_WIDTH = 5;
const measuredInseam = (inseam: Millimetres): Interval<Millimetres> =>
  plusMinus(inseam, MEASURED_INSEAM_HALF_WIDTH);

/** The rider's inseam: measured, else from stature. */
export const riderInseam = (
  rider: Pick<Rider, 'inseam_mm' | 'height_mm'>,
): Interval<Millimetres> =>
  rider.inseam_mm === undefined
    ? inseamFromHeight(millimetres(rider.height_mm))
    : measuredInseam(millimetres(rider.inseam_mm));

/**
 * How far the heels hang above the ground with the rider aboard and upright, mm; negative means bent knees.
 *
 * g = H − s + (π/2 − 1)·w − L − t, with H seat height, s settle, w seat half-width at the thigh (the leg hugs a
 * half-cylinder), L inseam, t boot sole. Level ground. Own model, anchored on common-practice sits (no source).
 */
export function heelGap(
  seatHeight: Interval<Millimetres>,
  shape: SeatShape,
  inseam: Interval<Millimetres>,
  sole_mm: number,
): Interval<Millimetres> {
  const fixed = -shape.settle_mm + (Math.PI / 2 - 1) * shape.halfWidth_mm - sole_mm;
  const low = seatHeight.low + fixed - inseam.high;
  const high = seatHeight.high + fixed - inseam.low;
  return between(millimetres(low), millimetres(high), seatHeight.mid + fixed - inseam.mid);
}

/** The same with the hips shifted to put one foot down: the leg no longer wraps the seat. */
export const oneFootGap = (gap: Interval<Millimetres>, shape: SeatShape): Interval<Millimetres> =>
  mapMonotone(gap, (g) => g - (Math.PI / 2 - 1) * shape.halfWidth_mm);
