import type { Rider } from '../brief';
import { inseamFromHeight, riderInseam } from './heel-gap';
import { millimetres } from '../units';

/** Lengths of thigh, shank and foot height as shares of stature (Drillis and Contini 1966, from memory). */
export const LEG_SHARES = { thigh: 0.245, shank: 0.246, footHeight: 0.039 } as const;
/** The hip joint lies so far above the seat under the rider, mm. Own assumption, from seated hip height. */
const HIP_OVER_SEAT = 90;
/** The hip lies so far behind the pegs, mm. Own assumption: makers do not quote it. */
export const HIP_BEHIND_PEG = { low: 140, mid: 200, high: 260 } as const;

/**
 * Angle at the knee of a rider seated with boots on the pegs, degrees: hip to ankle by seat, peg and how far they lie behind each other,
 * then the cosine rule over thigh and shank. 180 is a straight leg. Legs that are long for the stature count longer.
 *
 * @param seat_mm seat height as it stands, less what it settles under the rider
 */
export function kneeAngle(
  seat_mm: number,
  peg_mm: number,
  rider: Pick<Rider, 'height_mm' | 'inseam_mm' | 'sole_mm'>,
  hipBehindPeg_mm: number = HIP_BEHIND_PEG.mid,
): number {
  const { height_mm: stature } = rider;
  const long = riderInseam(rider).mm / inseamFromHeight(millimetres(stature)).mm;
  const [thigh, shank] = [LEG_SHARES.thigh * stature * long, LEG_SHARES.shank * stature * long];
  const ankleOverPeg = LEG_SHARES.footHeight * stature + rider.sole_mm;
  const up = seat_mm + HIP_OVER_SEAT - peg_mm - ankleOverPeg;
  const reach = Math.min(thigh + shank, Math.hypot(up, hipBehindPeg_mm));
  const cosine = (thigh ** 2 + shank ** 2 - reach ** 2) / (2 * thigh * shank);
  return (Math.acos(Math.min(1, Math.max(-1, cosine))) * 180) / Math.PI;
}
