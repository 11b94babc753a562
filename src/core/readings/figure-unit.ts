import { preferredUnit, type CurrencyCode, type UnitId, type UnitSystem } from '../units';
import { figureDefinition, type FigureKey } from './figure-definitions';

/** The unit a figure is shown and typed in: the trade's own where there is one (wheels in inches), else the reader's. */
export function figureUnit(key: FigureKey, system: UnitSystem, currency: CurrencyCode): UnitId {
  const { unit, dimension } = figureDefinition(key);
  return unit ?? preferredUnit(dimension, system, currency);
}
