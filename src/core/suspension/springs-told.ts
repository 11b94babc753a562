import type { Estimate } from '../numeric';
import type { NormalFigures } from '../readings';
import type { Millimetres } from '../units';
import { forkSagPerKg, shockSagPerKg, type SagPerKg } from './spring-end';
import type { SuspensionEnd } from './suspension-match';

/** How far an end sags for each kilogram of rider, from what the sheet tells of springs and linkage. */
export function sagPerKgTold(figures: NormalFigures, end: SuspensionEnd): SagPerKg {
  const { forkRate, rake, shockRate, motionRatio, motionRatioEnd, travelRear } = figures;
  if (end === 'front') return forkSagPerKg(forkRate.estimate, rake.estimate);
  const atTop = motionRatioEnd.estimate;
  return shockSagPerKg(
    shockRate.estimate,
    motionRatio.estimate,
    atTop.kind === 'known'
      ? { atTop, travel: travelRear.estimate as Estimate<Millimetres> }
      : undefined,
  );
}
