export { STANDARD_GRAVITY } from './constants';
export {
  kilograms,
  kilometres,
  kilometresPerHour,
  kilowatts,
  litres,
  litresPer100Km,
  millimetres,
  type Branded,
  type Kilograms,
  type Kilometres,
  type KilometresPerHour,
  type Kilowatts,
  type KilowattsPerTonne,
  type Litres,
  type LitresPer100Km,
  type Millimetres,
  type NewtonMetres,
} from './brands';
export { customOf } from './custom';
export { convert, fromBase, toBase, UnitError } from './convert';
export { parseAmount, type AmountFault, type ParsedAmount } from './parse-amount';
export { parseNumber } from './parse-number';
export { preferredUnit, UNIT_SYSTEMS, unitsOf, type UnitSystem } from './unit-system';
export {
  CURRENCIES,
  isCurrency,
  isUnitId,
  UNIT_IDS,
  unitEntry,
  type CurrencyCode,
  type Dimension,
  type UnitId,
} from './unit-table';
export { findUnitWord, type UnitWord } from './unit-words';
