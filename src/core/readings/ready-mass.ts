import { add, combine, known, multiply, scale, type Estimate } from '../numeric';
import type { Kilograms, Litres } from '../units';
import type { Basis } from './figure-definitions';
import { DRY_OMISSIONS, FUEL_DENSITY, RUNNING_ORDER_FUEL_SHARE } from './fuel-density';

/**
 * Ready-to-ride mass with a full tank, kg.
 *
 * - `ready`: as quoted.
 * - `ready-90`: + 0.1·V·ρ.
 * - `dry`: + o + V·ρ with o the liquids and battery that "dry" may leave out.
 *
 * Symbols: V tank (L), ρ fuel density (kg/L). Tank not known → a mass on another basis is not known either.
 * Sources: Regulation (EU) 168/2013 Art. 5; EN 228 (both from memory); o our own assumption.
 */
export function readyMass(
  quoted: Estimate<Kilograms>,
  basis: Basis,
  tank: Estimate<Litres>,
): Estimate<Kilograms> {
  if (basis === 'dry')
    return combine([quoted, tank] as const, (m, v) =>
      add(add(m, DRY_OMISSIONS as typeof m), multiply(v, FUEL_DENSITY)),
    );
  if (basis === 'ready-90') {
    return combine([quoted, tank] as const, (m, v) =>
      add(m, scale(multiply<Kilograms>(v, FUEL_DENSITY), 1 - RUNNING_ORDER_FUEL_SHARE)),
    );
  }
  return quoted.kind === 'known' ? known(quoted.interval) : quoted;
}
