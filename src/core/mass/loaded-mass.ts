import { add, exactly, multiply, scale, subtract, type Interval } from '../numeric';
import { FUEL_DENSITY } from '../readings';
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
export const loadedMass = (ready: Interval<Kilograms>, load: Load): Interval<Kilograms> =>
  add(ready, exactly(carriedLoad(load)));

/** Permitted maximum less loaded mass, kg. Negative: over the permitted maximum. */
export const payloadLeft = (
  maxMass: Interval<Kilograms>,
  loaded: Interval<Kilograms>,
): Interval<Kilograms> => subtract(maxMass, loaded);

/**
 * Mass in running order (fuel at 90 % of the tank, no rider) from full-tank mass, kg: m − 0.1·V·ρ.
 * Basis of Regulation (EU) 168/2013 Art. 5 (from memory); what licence law divides by.
 */
export const runningOrderMass = (
  ready: Interval<Kilograms>,
  tank: Interval<Litres>,
): Interval<Kilograms> => subtract(ready, scale(multiply<Kilograms>(tank, FUEL_DENSITY), 0.1));
