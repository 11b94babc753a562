import type { Money } from '../brief';
import {
  add,
  between,
  exactly,
  known,
  multiply,
  plusMinus,
  unknown,
  type Estimate,
} from '../numeric';
import { defaultSpread, type Reading } from '../readings';
import { isCurrency } from '../units';
import { inCurrency } from './in-currency';

/** Registration, delivery and papers as a share of the list price where the rider has not entered them. Own, low confidence. */
export const ON_THE_ROAD_SHARE = between(1.03, 1.08);

/**
 * What a machine costs on the road in the brief's currency. List prices take the brief's on-the-road costs, or 3–8 %
 * when those are not entered; asked, paid and on-the-road prices are taken as they stand.
 */
export function onTheRoadPrice(reading: Reading, money: Money): Estimate {
  if (!isCurrency(reading.unit)) return unknown('price');
  const own = inCurrency(reading.amount, reading.unit, money);
  if (own.kind === 'no-rate') return unknown(`rate:${own.currency}`);
  const half =
    reading.spread === undefined
      ? own.amount * defaultSpread('price', reading.origin)
      : (own.amount / reading.amount) * reading.spread;
  const quoted = plusMinus(own.amount, half);
  if (reading.basis !== 'list') return known(quoted);
  return known(
    money.onTheRoadCosts === undefined
      ? multiply(quoted, ON_THE_ROAD_SHARE)
      : add(quoted, exactly(money.onTheRoadCosts)),
  );
}
