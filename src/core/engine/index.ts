export { airAt, ISO_POWER, powerInAir, type Air } from './air';
export { powerToMass } from './power-to-mass';
export { torqueCurve, type CurveFlag, type EnginePeaks, type TorqueCurve } from './torque-curve';
