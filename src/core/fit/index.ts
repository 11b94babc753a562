export {
  calibrateFit,
  personalFit,
  SIT_SIGMA,
  type FitCalibration,
  type JudgedSit,
} from './calibrate-fit';
export {
  AROUND_THE_SEAT,
  heelGap,
  inseamFromHeight,
  nineInTen,
  oneFootGap,
  riderInseam,
  type Inseam,
} from './heel-gap';
export { HIP_BEHIND_PEG, kneeAngle, LEG_SHARES } from './knee-angle';
export { SEAT_SHAPES, seatShape, seatWidth, seatWidthChances, type SeatShape } from './seat-shape';
export { STANCE_LIMITS, STANCE_SIGMA, stanceBand, stanceProbabilities } from './stance-band';
export { gripHeightAsked, GRIPS_ASKED, standingAsFelt, standingRoom } from './standing-room';
