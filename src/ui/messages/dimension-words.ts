import { preferredUnit, unitEntry, unitsOf, type CurrencyCode, type Dimension } from '@/core/units';

const DIMENSION_WORDS: Readonly<Record<Dimension, string>> = {
  mass: 'a mass',
  length: 'a length',
  distance: 'a distance',
  volume: 'a volume',
  consumption: 'a fuel consumption',
  speed: 'a speed',
  power: 'a power',
  torque: 'a torque',
  rotation: 'an engine speed',
  duration: 'a time',
  calendar: 'a time in months or years',
  year: 'a year',
  ratio: 'a ratio',
  angle: 'an angle',
  displacement: 'a displacement',
  electric: 'an electric power',
  charge: 'a battery charge',
  springRate: 'a spring rate',
  pressure: 'a pressure',
  count: 'a whole number',
  money: 'a sum of money',
};

export const dimensionWords = (dimension: Dimension): string => DIMENSION_WORDS[dimension];

/** The units that fit a dimension, as a list for a sentence. */
export function unitExamples(dimension: Dimension, currency: CurrencyCode = 'EUR'): string {
  const units =
    dimension === 'money'
      ? [preferredUnit('money', 'metric', currency)]
      : unitsOf(dimension).slice(0, 3);
  return units.map((u) => unitEntry(u).symbol).join(' or ');
}
