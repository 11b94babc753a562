export { powerToMass } from './power-to-mass';
