import { UNIT_IDS, unitEntry, type CurrencyCode, type Dimension, type UnitId } from './unit-table';

/** What the rider reads in: metric, US customary, or the British mixture (miles, stones left out, imperial gallons). */
export const UNIT_SYSTEMS = ['metric', 'us', 'uk'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

type Measured = Exclude<Dimension, 'money'>;

/** Read in the same unit everywhere. */
const PLAIN = {
  calendar: 'months',
  year: 'year',
  ratio: 'ratio',
  angle: 'deg',
  displacement: 'cc',
  electric: 'W',
  charge: 'Ah',
  springRate: 'N/mm',
} as const;

const PREFERRED: Record<UnitSystem, Record<Measured, UnitId>> = {
  metric: {
    mass: 'kg',
    length: 'mm',
    distance: 'km',
    volume: 'L',
    consumption: 'L/100km',
    speed: 'km/h',
    power: 'kW',
    torque: 'Nm',
    rotation: 'rpm',
    duration: 'h',
    count: 'gears',
    ...PLAIN,
    pressure: 'bar',
  },
  us: {
    mass: 'lb',
    length: 'in',
    distance: 'mi',
    volume: 'gal-us',
    consumption: 'mpg-us',
    speed: 'mph',
    power: 'hp',
    torque: 'lbf-ft',
    rotation: 'rpm',
    duration: 'h',
    count: 'gears',
    ...PLAIN,
    pressure: 'psi',
  },
  uk: {
    mass: 'kg',
    length: 'mm',
    distance: 'mi',
    volume: 'L',
    consumption: 'mpg-imp',
    speed: 'mph',
    power: 'hp',
    torque: 'lbf-ft',
    rotation: 'rpm',
    duration: 'h',
    count: 'gears',
    ...PLAIN,
    pressure: 'psi',
  },
};

/** The unit a figure is shown in. Money is shown in the brief's own currency. */
export function preferredUnit(
  dimension: Dimension,
  system: UnitSystem,
  currency: CurrencyCode,
): UnitId {
  return dimension === 'money' ? currency : PREFERRED[system][dimension];
}

/** All units of one dimension, in the order of the table. */
export function unitsOf(dimension: Dimension): readonly UnitId[] {
  return UNIT_IDS.filter((id) => unitEntry(id).dimension === dimension);
}
