export { BuildScreen } from './BuildScreen';
export { CurveScreen } from './curve/CurveScreen';
export { StagesScreen } from './stages/StagesScreen';
export { WaysScreen } from './ways/WaysScreen';
