import { STANDARD_GRAVITY } from './constants';
/**
 * Every unit a figure may be quoted in, with its factor to the base unit of its dimension.
 *
 * Base units are the trade's metric ones, not bare SI: kg, mm, km, L, L/100 km, km/h, kW, N·m, rpm, h,
 * months, degrees, cm³, W, Ah, N/mm, bar.
 * Factors are exact where the definition is exact: international yard and pound agreement 1959
 * (lb, in, mile), US gallon 231 in³, UK gallon 4.54609 L (Units of Measurement Regulations 1995),
 * metric horsepower 75 kgf·m/s, mechanical horsepower 550 ft·lbf/s, g = 9.80665 m/s²
 * (NIST SP 811, from memory).
 */
export const UNIT_TABLE = {
  kg: { dimension: 'mass', factor: 1, symbol: 'kg' },
  lb: { dimension: 'mass', factor: 0.45359237, symbol: 'lb' },
  st: { dimension: 'mass', factor: 6.35029318, symbol: 'st' },
  mm: { dimension: 'length', factor: 1, symbol: 'mm' },
  cm: { dimension: 'length', factor: 10, symbol: 'cm' },
  m: { dimension: 'length', factor: 1000, symbol: 'm' },
  in: { dimension: 'length', factor: 25.4, symbol: 'in' },
  ft: { dimension: 'length', factor: 304.8, symbol: 'ft' },
  km: { dimension: 'distance', factor: 1, symbol: 'km' },
  mi: { dimension: 'distance', factor: 1.609344, symbol: 'mi' },
  L: { dimension: 'volume', factor: 1, symbol: 'L' },
  'gal-us': { dimension: 'volume', factor: 3.785411784, symbol: 'US gal' },
  'qt-us': { dimension: 'volume', factor: 3.785411784 / 4, symbol: 'US qt' },
  'gal-imp': { dimension: 'volume', factor: 4.54609, symbol: 'imp gal' },
  'L/100km': { dimension: 'consumption', factor: 1, symbol: 'L/100 km' },
  'km/L': { dimension: 'consumption', reciprocal: 100, symbol: 'km/L' },
  'mpg-us': { dimension: 'consumption', reciprocal: 378.5411784 / 1.609344, symbol: 'mpg US' },
  'mpg-imp': { dimension: 'consumption', reciprocal: 454.609 / 1.609344, symbol: 'mpg imp' },
  'km/h': { dimension: 'speed', factor: 1, symbol: 'km/h' },
  mph: { dimension: 'speed', factor: 1.609344, symbol: 'mph' },
  kW: { dimension: 'power', factor: 1, symbol: 'kW' },
  hp: { dimension: 'power', factor: 0.7456998715822702, symbol: 'hp' },
  PS: { dimension: 'power', factor: 0.73549875, symbol: 'PS' },
  Nm: { dimension: 'torque', factor: 1, symbol: 'N·m' },
  'lbf-ft': { dimension: 'torque', factor: 1.3558179483314004, symbol: 'lbf·ft' },
  'kgf-m': { dimension: 'torque', factor: STANDARD_GRAVITY, symbol: 'kgf·m' },
  rpm: { dimension: 'rotation', factor: 1, symbol: 'rpm' },
  h: { dimension: 'duration', factor: 1, symbol: 'h' },
  months: { dimension: 'calendar', factor: 1, symbol: 'months' },
  years: { dimension: 'calendar', factor: 12, symbol: 'years' },
  year: { dimension: 'year', factor: 1, symbol: '' },
  gears: { dimension: 'count', factor: 1, symbol: 'gears' },
  teeth: { dimension: 'count', factor: 1, symbol: 'teeth' },
  links: { dimension: 'count', factor: 1, symbol: 'links' },
  cylinders: { dimension: 'count', factor: 1, symbol: 'cylinders' },
  ratio: { dimension: 'ratio', factor: 1, symbol: ':1' },
  deg: { dimension: 'angle', factor: 1, symbol: '°' },
  cc: { dimension: 'displacement', factor: 1, symbol: 'cm³' },
  'cu-in': { dimension: 'displacement', factor: 16.387064, symbol: 'cu in' },
  W: { dimension: 'electric', factor: 1, symbol: 'W' },
  Ah: { dimension: 'charge', factor: 1, symbol: 'Ah' },
  'N/mm': { dimension: 'springRate', factor: 1, symbol: 'N/mm' },
  'kgf/mm': { dimension: 'springRate', factor: STANDARD_GRAVITY, symbol: 'kgf/mm' },
  'lbf/in': {
    dimension: 'springRate',
    factor: (0.45359237 * STANDARD_GRAVITY) / 25.4,
    symbol: 'lbf/in',
  },
  bar: { dimension: 'pressure', factor: 1, symbol: 'bar' },
  psi: {
    dimension: 'pressure',
    factor: (0.45359237 * STANDARD_GRAVITY) / 0.0254 ** 2 / 1e5,
    symbol: 'psi',
  },
  kPa: { dimension: 'pressure', factor: 0.01, symbol: 'kPa' },
  EUR: { dimension: 'money', symbol: 'EUR' },
  USD: { dimension: 'money', symbol: 'USD' },
  GBP: { dimension: 'money', symbol: 'GBP' },
  CHF: { dimension: 'money', symbol: 'CHF' },
  SEK: { dimension: 'money', symbol: 'SEK' },
  NOK: { dimension: 'money', symbol: 'NOK' },
  DKK: { dimension: 'money', symbol: 'DKK' },
  PLN: { dimension: 'money', symbol: 'PLN' },
  CZK: { dimension: 'money', symbol: 'CZK' },
  AUD: { dimension: 'money', symbol: 'AUD' },
  CAD: { dimension: 'money', symbol: 'CAD' },
  NZD: { dimension: 'money', symbol: 'NZD' },
  ZAR: { dimension: 'money', symbol: 'ZAR' },
} as const satisfies Record<string, UnitEntry>;

interface UnitEntry {
  readonly dimension: Dimension;
  readonly symbol: string;
  /** base = quoted × factor */
  readonly factor?: number;
  /** base = reciprocal ÷ quoted */
  readonly reciprocal?: number;
}

export type Dimension =
  | 'mass'
  | 'length'
  | 'distance'
  | 'volume'
  | 'consumption'
  | 'speed'
  | 'power'
  | 'torque'
  | 'rotation'
  | 'duration'
  | 'calendar'
  | 'year'
  | 'ratio'
  | 'angle'
  | 'displacement'
  | 'electric'
  | 'charge'
  | 'springRate'
  | 'pressure'
  | 'count'
  | 'money';

export type UnitId = keyof typeof UNIT_TABLE;
type UnitsWith<D extends Dimension> = {
  [K in UnitId]: (typeof UNIT_TABLE)[K]['dimension'] extends D ? K : never;
}[UnitId];
export type CurrencyCode = UnitsWith<'money'>;

export const unitEntry = (id: UnitId): UnitEntry => UNIT_TABLE[id];
export const UNIT_IDS = Object.keys(UNIT_TABLE) as readonly UnitId[];
export const CURRENCIES = UNIT_IDS.filter(
  (id) => unitEntry(id).dimension === 'money',
) as readonly CurrencyCode[];
export const isUnitId = (text: string): text is UnitId => Object.hasOwn(UNIT_TABLE, text);
export const isCurrency = (text: string): text is CurrencyCode =>
  isUnitId(text) && unitEntry(text).dimension === 'money';
