export { servicesDue } from './services-due';
export {
  MIDDLING,
  servicesPerKm,
  suspensionInterval,
  VALVES_EVERY_NTH,
  wearShares,
  WORN_OUT_KM,
  type ServiceDistances,
  type Worn,
} from './upkeep';
