import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, test } from 'vitest';
import {
  convert,
  fromBase,
  parseAmount,
  parseNumber,
  toBase,
  UNIT_IDS,
  unitEntry,
  UnitError,
  unitsOf,
  type UnitId,
} from '@/core/units';

// Exact definitions: international yard and pound agreement 1959, NIST SP 811, UK units regulations 1995 (from memory).
const DEFINED: readonly (readonly [number, UnitId, number, UnitId, number])[] = [
  [450, 'lb', 204.1166, 'kg', 5e-5],
  [100, 'hp', 74.57, 'kW', 5e-4],
  [100, 'PS', 73.55, 'kW', 5e-4],
  [70, 'lbf-ft', 94.907, 'Nm', 5e-4],
  [35, 'kW', 47.587, 'PS', 5e-4],
  [35, 'kW', 46.936, 'hp', 5e-4],
  [34, 'in', 863.6, 'mm', 1e-9],
  [50, 'mpg-us', 4.7043, 'L/100km', 5e-5],
  [60, 'mpg-imp', 4.708, 'L/100km', 5e-5],
  [5, 'L/100km', 47.043, 'mpg-us', 5e-4],
  [5, 'L/100km', 56.496, 'mpg-imp', 5e-4],
  [5, 'L/100km', 20, 'km/L', 1e-9],
  [4.8, 'gal-us', 18.17, 'L', 5e-4],
  [1, 'gal-imp', 4.54609, 'L', 1e-12],
  [1, 'mi', 1.609344, 'km', 1e-12],
  [1, 'kgf-m', 9.80665, 'Nm', 1e-12],
  [1, 'st', 6.35029318, 'kg', 1e-12],
];

test.each(DEFINED)('%d %s is %d %s, both ways', (amount, from, expected, to, tolerance) => {
  expect(Math.abs(convert(amount, from, to) - expected)).toBeLessThanOrEqual(tolerance);
  expect(convert(convert(amount, from, to), to, from)).toBeCloseTo(amount, 9);
});

test('factors agree with a general-purpose library', () => {
  const names: Partial<Record<UnitId, string>> = {
    lb: 'lb',
    st: 'stone',
    in: 'in',
    ft: 'ft',
    mi: 'mi',
    'gal-us': 'gal',
    mph: 'mph',
    hp: 'hp',
  };
  const bases = {
    mass: 'kg',
    length: 'mm',
    distance: 'km',
    volume: 'l',
    speed: 'kph',
    power: 'kW',
  } as const;
  for (const [id, name] of Object.entries(names) as [UnitId, string][]) {
    const base = bases[unitEntry(id).dimension as keyof typeof bases];
    expect(toBase(1, id) / Qty(1, name).to(base).scalar, id).toBeCloseTo(1, 5);
  }
});

test('every unit of a dimension goes to base and back', () => {
  const convertible = UNIT_IDS.filter((id) => unitEntry(id).dimension !== 'money');
  fc.assert(
    fc.property(
      fc.constantFrom(...convertible),
      fc.double({ min: 0.01, max: 1e5, noNaN: true }),
      (unit, x) => {
        expect(fromBase(toBase(x, unit), unit) / x).toBeCloseTo(1, 12);
      },
    ),
    { seed: 7 },
  );
});

test('dimensions do not mix, money needs a rate, reciprocal units need a positive figure', () => {
  expect(() => convert(1, 'kg', 'mm')).toThrow(UnitError);
  expect(() => toBase(1, 'EUR')).toThrow(UnitError);
  expect(() => toBase(0, 'mpg-us')).toThrow(UnitError);
  expect(unitsOf('consumption')).toEqual(['L/100km', 'km/L', 'mpg-us', 'mpg-imp']);
});

describe('reading numbers', () => {
  test.each([
    ['1234.5', 1234.5],
    ['1 234,5', 1234.5],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['1,234', 1234],
    ['11,6', 11.6],
    ['0,745', 0.745],
    ['2.400', 2.4],
    ['12\u202f500', 12500],
    ['1.234.567', 1234567],
    ['-3', -3],
    ['\u22123', -3],
    ['.5', 0.5],
    ["12'500", 12500],
  ])('%s', (text, expected) => {
    expect(parseNumber(text)).toBe(expected);
  });
  test.each(['', 'abc', '1,2,3', '1.2.3', '1,23,456.7', '--1', '1e5', ',', '.'])(
    '“%s” is not a number',
    (text) => expect(parseNumber(text)).toBeUndefined(),
  );
});

describe('reading amounts', () => {
  const amount = (text: string, dimension: Parameters<typeof parseAmount>[1], unit: UnitId) =>
    parseAmount(text, dimension, unit);
  test.each([
    ['166 cm', 'length', 'mm', 166, 'cm'],
    ['5 ft 5 in', 'length', 'mm', 65, 'in'],
    ['5\'5.5"', 'length', 'mm', 65.5, 'in'],
    ['34.6"', 'length', 'mm', 34.6, 'in'],
    ['11,6 l', 'volume', 'L', 11.6, 'L'],
    ['10 st 4 lb', 'mass', 'kg', 144, 'lb'],
    ['304lb', 'mass', 'kg', 304, 'lb'],
    ['78', 'mass', 'lb', 78, 'lb'],
    ['1,900', 'ratio', 'ratio', 1.9, 'ratio'],
    ['1,900', 'rotation', 'rpm', 1900, 'rpm'],
    ['3.1 US gal', 'volume', 'L', 3.1, 'gal-us'],
    ['85 mpg imp', 'consumption', 'L/100km', 85, 'mpg-imp'],
    ['3 gal', 'volume', 'gal-imp', 3, 'gal-imp'],
    ['€ 6 290', 'money', 'GBP', 6290, 'EUR'],
    ['6 290 EUR', 'money', 'GBP', 6290, 'EUR'],
    ['44 lb-ft', 'torque', 'Nm', 44, 'lbf-ft'],
    ['3.4 L/100 km', 'consumption', 'mpg-us', 3.4, 'L/100km'],
  ] as const)('%s', (text, dimension, unit, value, found) => {
    expect(amount(text, dimension, unit)).toMatchObject({
      kind: 'amount',
      amount: value,
      unit: found,
    });
  });
  test.each([
    ['', 'mass', 'kg', 'empty'],
    ['heavy', 'mass', 'kg', 'not-a-number'],
    ['80 blips', 'mass', 'kg', 'unit-unknown'],
    ['300 km', 'mass', 'kg', 'unit-of-other-dimension'],
    ['3.1 gal', 'volume', 'L', 'gallon-unclear'],
    ['60 mpg', 'consumption', 'L/100km', 'gallon-unclear'],
    ['60 mpg', 'mass', 'kg', 'unit-of-other-dimension'],
  ] as const)('“%s” in a field of %s is refused', (text, dimension, unit, code) => {
    expect(amount(text, dimension, unit)).toMatchObject({ kind: 'fault', fault: { code } });
  });
  test('no text makes the reader throw', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const result = amount(text, 'mass', 'kg');
        expect(['amount', 'fault']).toContain(result.kind);
      }),
      { seed: 11, numRuns: 500 },
    );
  });
});
