export { BuildScreen } from './BuildScreen';
