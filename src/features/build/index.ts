export { BuildScreen } from './BuildScreen';
export { CatalogueScreen } from './catalogue/CatalogueScreen';
export { CurveScreen } from './curve/CurveScreen';
export { StagesScreen } from './stages/StagesScreen';
export { WaysScreen } from './ways/WaysScreen';
