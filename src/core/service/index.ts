export { servicesDue } from './services-due';
export {
  MIDDLING,
  SERVICE_KINDS,
  SERVICE_SHARE,
  servicesPerKm,
  suspensionInterval,
  VALVES_EVERY_NTH,
  wearShares,
  WORN_OUT_KM,
  type ServiceDistances,
  type ServiceKind,
  type ServicePrices,
  type Worn,
} from './upkeep';
