import { between } from '../numeric';

/**
 * Density of petrol at 15 °C in kg/L: 0.720–0.775 (EN 228, from memory), 0.745 typical.
 */
export const FUEL_DENSITY = between(0.72, 0.775, 0.745);

/** What "dry" may leave out besides fuel (oil, coolant, brake fluid, battery), kg. Our own assumption: no single practice. */
export const DRY_OMISSIONS = between(0, 12);

/** Share of the tank that mass in running order holds at least: Regulation (EU) 168/2013 Art. 5 (from memory). */
export const RUNNING_ORDER_FUEL_SHARE = 0.9;
