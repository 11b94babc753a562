export { DEMO_PARTS } from './parts';
export { demoDossier } from './scenario';
