import type { Kilograms, Kilowatts, KilowattsPerTonne } from '../units';

/** Crank power per loaded mass, kW per tonne. */
export const powerToMass = (power: Kilowatts, loaded: Kilograms): KilowattsPerTonne =>
  ((power / loaded) * 1000) as KilowattsPerTonne;
