import { between, multiply, type Interval } from '../numeric';
import type { LitresPer100Km } from '../units';
import type { Basis } from './figure-definitions';

/**
 * What a quote on each basis comes to in mixed riding at ordinary pace (factor on L/100 km).
 * Our own assumption: gentle-pace and test-cycle quotes flatter, motorway quotes do the reverse.
 */
const TO_MIXED: Partial<Record<Basis, Interval>> = {
  gentle: between(1.0, 1.25, 1.12),
  cycle: between(1.0, 1.16, 1.08),
  motorway: between(0.82, 1.0, 0.9),
};

/** Consumption in mixed riding, L/100 km. `mixed` and `own-fills` pass through. */
export function mixedConsumption(
  quoted: Interval<LitresPer100Km>,
  basis: Basis,
): Interval<LitresPer100Km> {
  const factor = TO_MIXED[basis];
  return factor ? multiply<LitresPer100Km>(quoted, factor) : quoted;
}
