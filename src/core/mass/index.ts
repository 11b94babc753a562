export { carriedLoad, loadedMass, payloadLeft, runningOrderMass, type Load } from './loaded-mass';
