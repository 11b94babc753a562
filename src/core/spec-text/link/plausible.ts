import { DONOR_CLASSES } from '../../donor';
import { nominalRate } from '../../money';
import { figureDefinition, type FigureKey } from '../../readings';
import { isTypicalKey, typicalOf } from '../../typical';
import { convert, isCurrency, type UnitId } from '../../units';

interface Span {
  readonly low: number;
  readonly high: number;
}
/** EUR, at the nominal rate. Own assumption. */
const LEAST_PRICE = 500;
const inEuros = (amount: number, unit: UnitId): number =>
  isCurrency(unit) ? amount * nominalRate(unit, 'EUR') : amount;
const spans = new Map<FigureKey, Span | undefined>();

/** From the least to the most of what the classes have of a figure, base unit. */
function spanOf(key: FigureKey): Span | undefined {
  if (!spans.has(key)) {
    const all = isTypicalKey(key)
      ? DONOR_CLASSES.flatMap((c) => {
          const typical = typicalOf(c, key);
          return typical ? [typical] : [];
        })
      : [];
    spans.set(
      key,
      all.length > 0
        ? { low: Math.min(...all.map((t) => t.low)), high: Math.max(...all.map((t) => t.high)) }
        : undefined,
    );
  }
  return spans.get(key);
}

/** What the smallest machine on the road has, where no class is so small: kW, N·m, cm³. Own assumption. */
const SMALLEST: Partial<Record<FigureKey, number>> = { power: 6, torque: 8, displacement: 100 };

/** How far beyond the classes' span a value is still likely, as a factor. Own assumption. */
const BEYOND = 1.3;

/**
 * How likely a value is for a figure, by the spans of the classes: 1 inside, 0 somewhat beyond or where no class has such a
 * figure, −1.5 far beyond. Money is not judged.
 */
export function plausibility(key: FigureKey, amount: number, unit: UnitId): number {
  // Nobody asks less for a machine that runs; a part costs that.
  if (key === 'price' && inEuros(amount, unit) < LEAST_PRICE)
    return inEuros(amount, unit) < LEAST_PRICE / 3 ? -5 : -1.5;
  if (figureDefinition(key).dimension === 'money') return 0;
  const span = spanOf(key);
  if (!span) return 0;
  const value = convert(amount, unit, baseUnit(key));
  if (value >= span.low * 0.93 && value <= span.high * 1.07) return 1;
  return value >= Math.min(span.low / BEYOND, SMALLEST[key] ?? Infinity) &&
    value <= span.high * BEYOND
    ? 0
    : -1.5;
}

const BASE: Partial<Record<string, UnitId>> = {
  mass: 'kg',
  length: 'mm',
  volume: 'L',
  consumption: 'L/100km',
  power: 'kW',
  torque: 'Nm',
  rotation: 'rpm',
  distance: 'km',
  duration: 'h',
  angle: 'deg',
  electric: 'W',
  calendar: 'months',
  charge: 'Ah',
  springRate: 'N/mm',
  pressure: 'bar',
  displacement: 'cc',
  ratio: 'ratio',
  year: 'year',
  count: 'gears',
  speed: 'km/h',
};
const baseUnit = (key: FigureKey): UnitId => BASE[figureDefinition(key).dimension] ?? 'kg';
