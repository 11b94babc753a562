export { EChart } from './EChart';
