import { between, type Interval } from '../numeric';
import type { Millimetres } from '../units';
import type { Basis } from './figure-definitions';

/** A maker's travel may be up to this much more than a tape finds, mm: common practice, no source. */
export const TRAVEL_OVERSTATEMENT = 20;

/** Travel as a tape would find it: claimed less 0–20 mm, the middle taken at 10. */
export function realTravel(quoted: Interval<Millimetres>, basis: Basis): Interval<Millimetres> {
  if (basis !== 'claimed-travel') return quoted;
  return between<Millimetres>(
    (quoted.low - TRAVEL_OVERSTATEMENT) as Millimetres,
    quoted.high,
    quoted.mid - TRAVEL_OVERSTATEMENT / 2,
  );
}
