export { GearingScreen } from './GearingScreen';
