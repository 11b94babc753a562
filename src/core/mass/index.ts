export { axleSplit, LIGHT_FRONT, type AxleSplit, type PlacedMass } from './axle-split';
export { FALLEN, liftEffort } from './lift-effort';
export { carriedLoad, loadedMass, payloadLeft, runningOrderMass, type Load } from './loaded-mass';
