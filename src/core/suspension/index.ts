export { forkSag, wheelRate, wheelSag } from './sag';
export { clearanceAsked } from './clearance-asked';
export { CLEARANCE_ASKED, TRAVEL_ASKED } from './ground-asks';
export { predictedForkSag, predictedShockSag, SAG_FACTS } from './predicted-sag';
export {
  endMatch,
  riderLike,
  SPRING_SLACK,
  springFactor,
  springMismatch,
  suspensionMatch,
  type EndMatch,
  type SuspensionEnd,
  type SuspensionParts,
} from './suspension-match';
export { travelShare } from './travel-share';
