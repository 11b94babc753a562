import type { Rider } from '../brief';
import { between, plusMinus, type Interval } from '../numeric';
import { millimetres, type Millimetres } from '../units';
import type { SeatShape } from './seat-shape';

/** Inseam ÷ stature: 0.4733 (women) to 0.4767 (men), US Army survey 1988 (from memory). */
export const INSEAM_RATIO = between(0.4733, 0.4767);
/** Standard deviation of inseam at a given stature, mm (same survey, correlation 0.86 assumed). */
export const INSEAM_SD = 23;

/** A measured inseam lies within this much of the true one nine times in ten, mm. */
const MEASURED_INSEAM_HALF_WIDTH = 8;
/** Half-width of nine in ten of a normal, in standard deviations. */
const NINE_IN_TEN = 1.645;

/** The rider's inseam with its doubt, mm. */
export interface Inseam {
  readonly mm: number;
  /** Standard deviation. */
  readonly sd_mm: number;
}

/** Inseam estimated from stature, mm. */
export const inseamFromHeight = (height: Millimetres): Inseam => ({
  mm: height * INSEAM_RATIO.mid,
  sd_mm: Math.hypot(INSEAM_SD, (height * (INSEAM_RATIO.high - INSEAM_RATIO.low)) / 2),
});

/** The rider's inseam: measured, else from stature. */
export const riderInseam = (rider: Pick<Rider, 'inseam_mm' | 'height_mm'>): Inseam =>
  rider.inseam_mm === undefined
    ? inseamFromHeight(millimetres(rider.height_mm))
    : { mm: rider.inseam_mm, sd_mm: MEASURED_INSEAM_HALF_WIDTH / NINE_IN_TEN };

/** Nine in ten of a normal figure. */
export const nineInTen = (mean: number, sd: number): Interval => plusMinus(mean, NINE_IN_TEN * sd);

/** What a leg loses around a seat for each mm of its half-width: a quarter turn about a half-cylinder, less the way straight down. */
export const AROUND_THE_SEAT = Math.PI / 2 - 1;

/**
 * How far the heels hang above the ground with the rider aboard and upright, mm; negative means bent knees.
 *
 * g = H − s + (π/2 − 1)·w − L − t, with H seat height, s settle, w seat half-width at the thigh (the leg hugs a
 * half-cylinder), L inseam, t boot sole. Level ground. Own model, anchored on common-practice sits (no source).
 */
export const heelGap = (
  seatHeight: Millimetres,
  shape: SeatShape,
  inseam_mm: number,
  sole_mm: number,
): Millimetres =>
  millimetres(
    seatHeight - shape.settle_mm + AROUND_THE_SEAT * shape.halfWidth_mm - inseam_mm - sole_mm,
  );

/** The same with the hips shifted to put one foot down: the leg no longer wraps the seat. */
export const oneFootGap = (gap_mm: number, shape: SeatShape): number =>
  gap_mm - AROUND_THE_SEAT * shape.halfWidth_mm;
