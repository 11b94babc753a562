export { clearanceAsked } from './clearance-asked';
export { CLEARANCE_ASKED, TRAVEL_ASKED } from './ground-asks';
export { travelIndex, travelShare } from './travel-index';
