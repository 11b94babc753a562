export { Shell } from './Shell';
export { useOffline } from './use-offline';
