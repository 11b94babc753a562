export { bottomingDrop, springEnergy } from './bottoming';
export { clearanceAsked } from './clearance-asked';
export { CLEARANCE_ASKED, TRAVEL_ASKED } from './ground-asks';
export {
  forkSag,
  preloadFor,
  rateForDifference,
  sagPerPreload,
  wheelRate,
  wheelSag,
  type SpringEnd,
} from './sag';
export {
  SAG_STYLES,
  SAG_TARGETS,
  springAdvice,
  type SagStyle,
  type SpringAdvice,
} from './sag-targets';
export { predictedForkSag, predictedShockSag } from './predicted-sag';
export {
  DESIGN_SPREAD,
  endMatch,
  riderLike,
  springFactor,
  springMismatch,
  suspensionMatch,
  USUAL_DESIGN_RIDER,
  type EndMatch,
  type SuspensionEnd,
  type SuspensionParts,
} from './suspension-match';
export { travelIndex, travelShare } from './travel-index';
