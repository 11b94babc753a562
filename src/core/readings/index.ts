export { findReadingFault, limitsIn, type ReadingFault } from './check-reading';
export { crankFrom, DRIVELINE_LOSS } from './crank-power';
export { CONSUMPTION_SPREAD, defaultSpread, ORIGIN_SPREAD } from './default-spread';
export {
  BASES,
  FIGURE_DEFINITIONS,
  FIGURE_KEYS,
  figureDefinition,
  isFigureKey,
  type Basis,
  type FigureDefinition,
  type FigureKey,
} from './figure-definitions';
export { GEAR_RATIOS } from './gear-ratios';
export { figureUnit } from './figure-unit';
export { readingSpread, rivalReadings } from './rival-readings';
export { FUEL_DENSITY } from './fuel-density';
export { mixedConsumption } from './mixed-consumption';
export {
  normalFigure,
  normalFigures,
  type NormalFigure,
  type NormalFigures,
  type SheetOwner,
  type PriceModel,
  type Usual,
} from './normal-figures';
export { KNOWN_AS, knownAs, type KnownAs } from './known-as';
export { quotedInterval } from './quoted-interval';
export { ORIGINS, type DonorFigures, type Figure, type Origin, type Reading } from './reading';
export { readingInUse } from './reading-in-use';
export { fuelDensity, readyMass } from './ready-mass';
export { realTravel } from './real-travel';
