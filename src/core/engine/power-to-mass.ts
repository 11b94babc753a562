import { divide, scale, type Interval } from '../numeric';
import type { Kilograms, Kilowatts, KilowattsPerTonne } from '../units';

/** Crank power per loaded mass, kW per tonne. */
export const powerToMass = (
  power: Interval<Kilowatts>,
  loaded: Interval<Kilograms>,
): Interval<KilowattsPerTonne> => scale(divide<KilowattsPerTonne>(power, loaded), 1000);
