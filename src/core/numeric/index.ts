export { bisect } from './bisect';
export { apportion } from './apportion';
export { clamp } from './clamp';
export { combine, known, unknown, type Estimate } from './estimate';
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
