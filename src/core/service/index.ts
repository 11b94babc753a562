export { servicesDue } from './services-due';
export {
  MIDDLING,
  servicesPerKm,
  suspensionInterval,
  VALVES_EVERY_NTH,
  wearShares,
  type ServiceDistances,
  type Worn,
} from './upkeep';
