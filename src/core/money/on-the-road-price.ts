import type { Money } from '../brief';
import { between, derive, plusMinus, source, unknown, type Estimate } from '../numeric';
import { defaultSpread, type Reading } from '../readings';
import { isCurrency } from '../units';
import { inCurrency } from './in-currency';

/** Registration, delivery and papers as a share of the list price where the rider has not entered them. Own, low confidence. */
export const ON_THE_ROAD_SHARE = between(1.03, 1.08);

/** What somebody else paid says what another one costs to about this: age, distance and luck differ. Own, low confidence. */
const PAID_BY_OTHERS = 0.15;

/** Half-width of a price as a share of it, where none is told. */
const spreadOf = ({ basis, origin }: Reading): number =>
  basis === 'paid' && origin === 'heard' ? PAID_BY_OTHERS : defaultSpread('price', origin);

/** Dealers of one country charge much the same for it. Own assumption. */
const SHARED = { shared: { key: 'on-the-road', share: 0.5 } };

/**
 * What a machine costs on the road in the brief's currency. List prices take the brief's on-the-road costs, or 3–8 %
 * when those are not entered; asked, paid and on-the-road prices are taken as they stand, what somebody else paid with a wide doubt.
 *
 * @param key names the reading as a source
 */
export function onTheRoadPrice(reading: Reading, money: Money, key: string = reading.id): Estimate {
  if (!isCurrency(reading.unit)) return unknown('price');
  const own = inCurrency(reading.amount, reading.unit, money);
  if (own.kind === 'no-rate') return unknown(`rate:${own.currency}`);
  const half =
    reading.spread === undefined
      ? own.amount * spreadOf(reading)
      : (own.amount / reading.amount) * reading.spread;
  const quoted = source(key, plusMinus(own.amount, half));
  if (reading.basis !== 'list') return quoted;
  const { onTheRoadCosts: costs } = money;
  if (costs !== undefined) return derive([quoted], (price) => price + costs);
  const factor = source(`on-the-road/${key}`, ON_THE_ROAD_SHARE, SHARED);
  return derive([quoted, factor], (price, by) => price * by);
}
