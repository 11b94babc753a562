export { bisect } from './bisect';
export { apportion } from './apportion';
export { clamp } from './clamp';
export {
  normalQuantile,
  percentiles,
  ROWS,
  scoresOf,
  splitNormal,
  strataOf,
  type Rows,
} from './draws';
export { allOf, meanOf, reaches, shareOf, shareWithin, weightedSum } from './columns';
export {
  certain,
  combine,
  derive,
  even,
  fromRows,
  isDoubtful,
  known,
  missingOf,
  oneOf,
  said,
  source,
  unknown,
  type Estimate,
  type Known,
  type Said,
  type SourceOptions,
} from './estimate';
export {
  between,
  exactly,
  plusMinus,
  type Interval,
} from './interval';
export { seededRandom, type Random } from './seeded-random';
export { piecewiseLinear, type Knot } from './piecewise-linear';
export { watch, type Depth, type Watched } from './watch';
