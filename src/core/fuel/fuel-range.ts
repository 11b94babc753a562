import type { Interval } from '../numeric';
import type { Kilometres, Litres, LitresPer100Km } from '../units';

/** Share of the tank that can be used before the engine starves. Our own assumption. */
export const USABLE_TANK_SHARE = 0.95;

/**
 * Distance on the usable tank less the reserve, km: V·0.95·(1 − r)·100 ÷ c.
 *
 * @param reserve share kept back, 0–1
 * @throws RangeError for a reserve outside 0–1.
 */
export function fuelRange(tank: Litres, consumption: LitresPer100Km, reserve: number): Kilometres {
  if (!(reserve >= 0 && reserve < 1))
    throw new RangeError('fuelRange: reserve must lie between 0 and 1');
  return ((tank / consumption) * USABLE_TANK_SHARE * (1 - reserve) * 100) as Kilometres;
}

/** Fuel that is short of a gap, L: none where the range covers it. `worst` at the low end of the range, `usual` at its middle. */
export function fuelShort(
  range: Interval<Kilometres>,
  consumption: Interval<LitresPer100Km>,
  gap_km: number,
): { readonly usual_L: number; readonly worst_L: number } {
  const short = (km: number, per100: number) => Math.max(0, ((gap_km - km) * per100) / 100);
  return {
    usual_L: short(range.mid, consumption.mid),
    worst_L: short(range.low, consumption.high),
  };
}
