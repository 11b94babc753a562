import { between, type Interval } from '../numeric';
import { toBase } from '../units';
import { defaultSpread } from './default-spread';
import type { FigureKey } from './figure-definitions';
import type { Reading } from './reading';

/**
 * A reading in base units with its spread, still on the basis it was quoted on.
 * Spread is applied in the quoted unit first, so that it is right for mpg and km/L too.
 *
 * @throws UnitError for money; use `priceInterval` in `core/money`.
 */
export function quotedInterval(key: FigureKey, reading: Reading): Interval {
  const half = reading.spread ?? Math.abs(reading.amount) * defaultSpread(key, reading.origin);
  const floor = Math.max(reading.amount - half, reading.amount * 0.01);
  return between(
    toBase(floor, reading.unit),
    toBase(reading.amount + half, reading.unit),
    toBase(reading.amount, reading.unit),
  );
}
