export { calibrateFit, OFFSET_SIGMA, type FitCalibration, type Sit } from './calibrate-fit';
export { heelGap, inseamFromHeight, measuredInseam, oneFootGap } from './heel-gap';
export { SEAT_SHAPES, type SeatShape } from './seat-shape';
export { STANCE_LIMITS, STANCE_SIGMA, stanceBand, stanceProbabilities } from './stance-band';
