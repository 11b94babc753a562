export { fuelRange, fuelShort, USABLE_TANK_SHARE } from './fuel-range';
export { groundFactor, MIXED_PACE, mixConsumption } from './ground-consumption';
export { REFERENCE_MACHINE, steadyConsumption, type SteadyMachine } from './steady-consumption';
