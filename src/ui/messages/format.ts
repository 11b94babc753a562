import type { Said } from '@/core/numeric';
import { figureDefinition, figureUnit, type FigureKey } from '@/core/readings';
import {
  fromBase,
  preferredUnit,
  unitEntry,
  type CurrencyCode,
  type Dimension,
  type UnitId,
  type UnitSystem,
} from '@/core/units';

const PLACES: Partial<Record<UnitId, number>> = {
  in: 1,
  ft: 2,
  L: 1,
  'gal-us': 2,
  'gal-imp': 2,
  'L/100km': 1,
  'km/L': 1,
  'mpg-us': 0,
  'mpg-imp': 0,
  kW: 1,
  hp: 1,
  PS: 1,
  Nm: 1,
  'lbf-ft': 1,
  'kgf-m': 2,
  st: 1,
  m: 2,
  h: 0,
  ratio: 3,
  deg: 1,
  Ah: 1,
  'N/mm': 1,
  'kgf/mm': 2,
  'lbf/in': 0,
  bar: 1,
};

/** Figures with a thin space between thousands and a point before decimals, whatever the browser's language. */
export function formatNumber(value: number, places = 0): string {
  const text = Math.abs(value).toFixed(places);
  const [whole = '0', fraction] = text.split('.');
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u202f') : whole;
  const sign = value < 0 && Number(text) !== 0 ? '\u2212' : '';
  return `${sign}${grouped}${fraction === undefined ? '' : `.${fraction}`}`;
}

/** What the rider reads in: the unit system and the brief's currency. */
export interface Reader {
  readonly units: UnitSystem;
  readonly currency: CurrencyCode;
}

export type ShownDimension =
  | Dimension
  | 'index'
  | 'kW/t'
  | 'plain'
  | 'percent'
  | 'seconds'
  | 'force'
  | 'litres'
  | 'times'
  | 'money/km';

/** Kilowatts for a tonne in what riders of each system say: mechanical horsepower of 745.7 W, pounds of 0.45359237 kg. */
const POWER_TO_MASS: Readonly<
  Record<Reader['units'], { readonly sign: string; readonly factor: number }>
> = {
  metric: { sign: 'kW/t', factor: 1 },
  uk: { sign: 'hp/t', factor: 1 / 0.745699872 },
  us: { sign: 'hp/1000 lb', factor: 0.45359237 / 0.745699872 },
};

/** A height above the sea, and a temperature, in the reader's units. */
export const formatHeight = (metres: number, { units }: Reader): string =>
  units === 'us' ? `${formatNumber(metres / 0.3048)} ft` : `${formatNumber(metres)} m`;
export const formatTemperature = (celsius: number, { units }: Reader): string =>
  units === 'us' ? `${formatNumber(celsius * 1.8 + 32)} °F` : `${formatNumber(celsius)} °C`;

/** What riders say of a body where the unit of the field is not how they say it: feet and inches, stones and pounds. `undefined` elsewhere. */
export function bodyWords(
  base: number,
  what: 'length' | 'mass',
  { units }: Pick<Reader, 'units'>,
): string | undefined {
  if (units === 'metric' || (what === 'mass' && units === 'us')) return undefined;
  const [small, each, signs] =
    what === 'length' ? (['in', 12, ['ft', 'in']] as const) : (['lb', 14, ['st', 'lb']] as const);
  const all = Math.round(fromBase(base, small));
  return `${Math.floor(all / each)} ${signs[0]} ${all % each} ${signs[1]}`;
}

/** Unit sign for a dimension in the reader's system; empty for an index. */
export function unitSign(dimension: ShownDimension, reader: Reader): string {
  if (dimension === 'index') return 'of 100';
  if (dimension === 'plain') return '';
  if (dimension === 'percent') return '%';
  if (dimension === 'seconds') return 's';
  if (dimension === 'force') return 'N';
  if (dimension === 'litres') return 'L';
  if (dimension === 'times') return '×';
  if (dimension === 'kW/t') return POWER_TO_MASS[reader.units].sign;
  if (dimension === 'money/km')
    return `${reader.currency}/${reader.units === 'metric' ? 'km' : 'mi'}`;
  return unitEntry(preferredUnit(dimension, reader.units, reader.currency)).symbol;
}

/** A base figure in the reader's unit, without the unit sign. */
export function formatBase(base: number, dimension: ShownDimension, reader: Reader): string {
  if (dimension === 'index') return formatNumber(base * 100);
  if (dimension === 'percent') return formatNumber(base * 100);
  if (dimension === 'seconds') return formatNumber(base, 1);
  if (dimension === 'money/km')
    return formatNumber(reader.units === 'metric' ? base : base * 1.609344, 2);
  if (dimension === 'times') return formatNumber(base, Number.isInteger(base) ? 0 : 1);
  if (dimension === 'kW/t') return formatNumber(base * POWER_TO_MASS[reader.units].factor);
  if (dimension === 'force' || dimension === 'litres') return formatNumber(base);
  if (dimension === 'plain') return formatNumber(base, Number.isInteger(base) ? 0 : 2);
  const unit = preferredUnit(dimension, reader.units, reader.currency);
  if (dimension === 'money') return formatNumber(base);
  return formatNumber(fromBase(base, unit), PLACES[unit] ?? 0);
}

/** A measured base figure to so many places, with its sign: where the reader's usual places would hide what differs. */
export function formatTo(
  base: number,
  dimension: Exclude<Dimension, 'money'>,
  places: number,
  reader: Reader,
): string {
  const unit = preferredUnit(dimension, reader.units, reader.currency);
  return `${formatNumber(fromBase(base, unit), places)} ${unitEntry(unit).symbol}`.trim();
}

/** Degrees stand at their figure, other signs apart from it. */
const gapBefore = (dimension: ShownDimension): string => (dimension === 'angle' ? '' : ' ');

/** A base figure with its unit sign. */
export const formatWithUnit = (base: number, dimension: ShownDimension, reader: Reader): string =>
  `${formatBase(base, dimension, reader)}${gapBefore(dimension)}${unitSign(dimension, reader)}`.trim();

/** Whether the reader's unit of consumption counts distance for fuel, so that more is less. */
const fallsAsItRises = ({ units, currency }: Reader): boolean =>
  unitEntry(preferredUnit('consumption', units, currency)).factor === undefined;

/** An estimate as a figure with its span, or "not known". */
export function estimateText(estimate: Said, dimension: ShownDimension, reader: Reader): string {
  if (estimate.kind === 'unknown') return 'not known';
  const { low, mid, high } = estimate.interval;
  const upsideDown = dimension === 'consumption' && fallsAsItRises(reader);
  const [a, m, b] = (upsideDown ? [high, mid, low] : [low, mid, high]).map((x) =>
    formatBase(x, dimension, reader),
  );
  const sign = unitSign(dimension, reader);
  const figure = `${m}${gapBefore(dimension)}${sign}`.trim();
  return a === b ? figure : `${figure} (${a} to ${b})`;
}

/** A base figure of a sheet in the unit it is shown in: wheels in inches, ratios without trailing zeros, years bare. */
function figureNumber(base: number, key: FigureKey, reader: Reader): string {
  const { dimension, places } = figureDefinition(key);
  if (dimension === 'money') return formatNumber(base);
  const unit = figureUnit(key, reader.units, reader.currency);
  const shown = fromBase(base, unit);
  if (dimension === 'year') return String(Math.round(shown));
  if (dimension === 'speed') return formatNumber(shown, places);
  return dimension === 'ratio' ? trimmed(shown) : formatNumber(shown, PLACES[unit] ?? 0);
}

/** The same with its sign. */
export function formatFigure(base: number, key: FigureKey, reader: Reader): string {
  const { dimension } = figureDefinition(key);
  const sign =
    dimension === 'money'
      ? reader.currency
      : dimension === 'year'
        ? ''
        : unitEntry(figureUnit(key, reader.units, reader.currency)).symbol;
  return `${figureNumber(base, key, reader)} ${sign}`.trim();
}

/** The span of a figure, its sign said once and the smaller number first: "197 to 222 kg"; empty where both ends read alike. */
export function figureSpan(
  { low, high }: { readonly low: number; readonly high: number },
  key: FigureKey,
  reader: Reader,
): string {
  const swapped = figureDefinition(key).dimension === 'consumption' && fallsAsItRises(reader);
  const [from, to] = swapped ? [high, low] : [low, high];
  const [a, b] = [figureNumber(from, key, reader), formatFigure(to, key, reader)];
  return formatFigure(from, key, reader) === b ? '' : `${a} to ${b}`;
}

/** A quoted amount exactly as quoted. */
export const formatQuoted = (amount: number, unit: UnitId): string =>
  `${trimmed(amount)} ${unitEntry(unit).symbol}`.trim();

/** A number for a text field: up to three places, no grouping, no trailing zeros. */
export const trimmed = (value: number, places = 3): string => String(Number(value.toFixed(places)));

/** Places used when a base figure is put into a text field in this unit. */
export const fieldPlaces = (unit: UnitId): number =>
  Math.max(PLACES[unit] ?? 0, unit === 'kg' || unit === 'lb' ? 1 : 0);

/** A name within a sentence: "tail roll, 30 L", but "LED lamps". */
export const lowerFirst = (name: string): string =>
  /^\p{Lu}(?!\p{Lu})/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
