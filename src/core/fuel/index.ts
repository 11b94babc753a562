export {
  carriedConsumption,
  carriedFactor,
  QUOTED_RIDER_KG,
  type Carried,
  type Thirst,
} from './carried-consumption';
export { fuelRange, fuelShort, USABLE_TANK_SHARE } from './fuel-range';
export { groundFactor, MIXED_PACE, paceOn } from './ground-consumption';
export { REFERENCE_MACHINE, steadyConsumption, type SteadyMachine } from './steady-consumption';
