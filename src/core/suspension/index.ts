export { forkSag, wheelRate, wheelSag } from './sag';
export { clearanceAsked } from './clearance-asked';
export { CLEARANCE_ASKED, TRAVEL_ASKED } from './ground-asks';
export {
  forkSagPerKg,
  motionRatioAt,
  riderSprungFor,
  SAG_FACTS,
  SAG_SET,
  SAG_BOUNDS,
  TOURING_SAG,
  shockSagPerKg,
  type SagPerKg,
} from './spring-end';
export {
  endMatch,
  riderLike,
  SPRING_SLACK,
  springFactor,
  springMismatch,
  suspensionMatch,
  type EndMatch,
  type EndSprings,
  type SuspensionEnd,
  type SuspensionParts,
} from './suspension-match';
export { sagPerKgTold } from './springs-told';
export { travelShare } from './travel-share';
