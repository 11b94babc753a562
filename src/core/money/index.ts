export { buildCost, buildTotal, partsCost, type BuildCost } from './build-cost';
export {
  COST_ITEMS,
  costOfOwnership,
  yearsToEarn,
  type CostItem,
  type CostOfOwnership,
  type Ownership,
} from './cost-of-ownership';
export { resale, USUAL_LOSS, valueAfter, yearlyLoss } from './depreciation';
export { loanCost, type Loan, type LoanCost } from './loan';
export { fittedWorth } from './fitted-worth';
export { exchangeRate, isFarFromUsual, type RateFound } from './exchange-rate';
export { NOMINAL_DAY, NOMINAL_SPREAD, nominalRate, roughSum } from './nominal-rates';
export { partPrice, type PartPrice } from './part-price';
export { inCurrency, type Exchanged } from './in-currency';
export { ON_THE_ROAD_SHARE, onTheRoadPrice } from './on-the-road-price';
export { repairs } from './repairs';
