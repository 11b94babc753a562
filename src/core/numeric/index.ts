export { bisect } from './bisect';
export { apportion } from './apportion';
export { clamp } from './clamp';
export { normalQuantile, percentiles, ROWS, scoresOf, strataOf, type Rows } from './draws';
export {
  allOf,
  certain,
  combine,
  derive,
  fromRows,
  known,
  missingOf,
  oneOf,
  reaches,
  overSpans,
  said,
  shareOf,
  source,
  unknown,
  weightedSum,
  type Estimate,
  type Known,
  type Said,
  type SourceOptions,
} from './estimate';
export {
  add,
  between,
  divide,
  exactly,
  mapMonotone,
  multiply,
  plusMinus,
  scale,
  subtract,
  type Interval,
} from './interval';
export { normalCdf } from './normal-cdf';
export { seededRandom, standardNormal, type Random } from './seeded-random';
export { piecewiseLinear, type Knot } from './piecewise-linear';
