export { buildCost, type BuildCost } from './build-cost';
export { fittedWorth } from './fitted-worth';
export { inCurrency, type Exchanged } from './in-currency';
export { ON_THE_ROAD_SHARE, onTheRoadPrice } from './on-the-road-price';
export { repairs } from './repairs';
