import { combine, source, type Estimate, type Known } from '../numeric';
import type { Kilograms, Litres } from '../units';
import type { Basis } from './figure-definitions';
import { DRY_OMISSIONS, FUEL_DENSITY, RUNNING_ORDER_FUEL_SHARE } from './fuel-density';
import { SHARED_BY_BASIS } from './shared-by-basis';

/** Petrol's density, kg/L, as one source: the same fuel is in every tank. */
export const fuelDensity = (): Known => source('fuel-density', FUEL_DENSITY);

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
  machine: string,
): Estimate<Kilograms> {
  if (basis === 'dry') {
    const omitted = source(`dry/${machine}`, DRY_OMISSIONS, SHARED_BY_BASIS('dry'));
    return combine(
      [quoted, omitted, tank, fuelDensity()] as const,
      (m, o, v, d) => (m + o + v * d) as Kilograms,
    );
  }
  if (basis === 'ready-90')
    return combine(
      [quoted, tank, fuelDensity()] as const,
      (m, v, d) => (m + (1 - RUNNING_ORDER_FUEL_SHARE) * v * d) as Kilograms,
    );
  return quoted;
}
