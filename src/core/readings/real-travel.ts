import { between, derive, source, type Known } from '../numeric';
import type { Millimetres } from '../units';
import type { Basis } from './figure-definitions';
import { SHARED_BY_BASIS } from './shared-by-basis';

/** A maker's travel may be up to this much more than a tape finds, mm: common practice, no source. */
export const TRAVEL_OVERSTATEMENT = 20;

/** Travel as a tape would find it: claimed less 0–20 mm, the middle taken at 10. */
export function realTravel(
  quoted: Known<Millimetres>,
  basis: Basis,
  machine: string,
): Known<Millimetres> {
  if (basis !== 'claimed-travel') return quoted;
  const more = source(
    `claimed-travel/${machine}`,
    between(0, TRAVEL_OVERSTATEMENT),
    SHARED_BY_BASIS('claimed-travel'),
  );
  return derive([quoted, more], (claimed, over) => (claimed - over) as Millimetres);
}
