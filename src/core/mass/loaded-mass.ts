import { kilograms, type Kilograms, type Litres } from '../units';

export interface Load {
  readonly rider_kg: number;
  readonly kit_kg: number;
  readonly luggage_kg: number;
  /** Passenger with kit; absent: alone. */
  readonly pillion_kg?: number | undefined;
}

/** All that the rider puts on the machine, kg. */
export const carriedLoad = (load: Load): Kilograms =>
  kilograms(load.rider_kg + load.kit_kg + load.luggage_kg + (load.pillion_kg ?? 0));

/** Machine ready to ride with a full tank + rider + kit + luggage, kg. Parts are already in the machine's mass. */
export const loadedMass = (ready: Kilograms, load: Load): Kilograms =>
  kilograms(ready + carriedLoad(load));

/** Permitted maximum less loaded mass, kg. Negative: over the permitted maximum. */
export const payloadLeft = (maxMass: Kilograms, loaded: Kilograms): Kilograms =>
  (maxMass - loaded) as Kilograms;

/**
 * Mass in running order (fuel at 90 % of the tank, no rider) from full-tank mass, kg: m − 0.1·V·ρ with ρ the fuel's density, kg/L.
 * Basis of Regulation (EU) 168/2013 Art. 5 (from memory); what licence law divides by.
 */
export const runningOrderMass = (ready: Kilograms, tank: Litres, density: number): Kilograms =>
  (ready - 0.1 * tank * density) as Kilograms;
