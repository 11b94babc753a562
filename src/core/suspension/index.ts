export { bottomingDrop, springEnergy } from './bottoming';
export { clearanceAsked } from './clearance-asked';
export { CLEARANCE_ASKED, TRAVEL_ASKED } from './ground-asks';
export { forkSag, preloadFor, rateForDifference, sagPerPreload, wheelRate, wheelSag, type SpringEnd } from './sag';
export { SAG_STYLES, SAG_TARGETS, springAdvice, type SagStyle, type SpringAdvice } from './sag-targets';
export { travelIndex, travelShare } from './travel-index';
