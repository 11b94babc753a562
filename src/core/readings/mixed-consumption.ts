import { between, derive, source, type Interval, type Known } from '../numeric';
import type { LitresPer100Km } from '../units';
import type { Basis } from './figure-definitions';
import { SHARED_BY_BASIS } from './shared-by-basis';

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
  quoted: Known<LitresPer100Km>,
  basis: Basis,
  machine: string,
): Known<LitresPer100Km> {
  const span = TO_MIXED[basis];
  if (!span) return quoted;
  const factor = source(`${basis}/${machine}`, span, SHARED_BY_BASIS(basis));
  return derive([quoted, factor], (use, by) => (use * by) as LitresPer100Km);
}
