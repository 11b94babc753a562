export { intervalInDistance, servicesDue, type ServiceInterval } from './services-due';
