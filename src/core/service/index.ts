export { servicesDue } from './services-due';
