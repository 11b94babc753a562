import { describe, expect, test } from 'vitest';
import { scanLabels, scanSides } from '@/core/spec-text/scan-labels';
import { scanQuantities } from '@/core/spec-text/scan-quantities';
import { writtenUnit } from '@/core/spec-text/written-units';
import { parseNumber } from '@/core/units';

const amounts = (line: string) => scanQuantities(line).map((q) => [q.amounts, q.unit] as const);

describe('numbers as several countries write them', () => {
  // CLDR number patterns of the countries named (from memory): marks for thousands and decimals.
  test.each([
    ['1,234 kg', [1234, 1.234]],
    ['1.234 kg', [1.234, 1234]],
    ['1 234 kg', [1234]],
    ['1’234 kg', [1234]],
    ["1'234 kg", [1234]],
    ['1\u202f234 kg', [1234]],
    ['1.234,5 kg', [1234.5]],
    ['1,234.5 kg', [1234.5]],
    ['11,6 kg', [11.6]],
    ['11.6 kg', [11.6]],
    ['½ kg', [0.5]],
    ['34½ kg', [34.5]],
    ['34 1/2 kg', [34.5]],
    ['34-1/2 kg', [34.5]],
    ['12 345 678 kg', [12345678]],
  ] as const)('%s', (text, expected) => expect(amounts(text)).toEqual([[expected, 'kg']]));
  test('a year before a figure is not its thousands', () =>
    expect(amounts('2026 187 kg')).toEqual([
      [[2026], undefined],
      [[187], 'kg'],
    ]));
  test('a whole number reads the same alone and in a line', () => {
    for (const text of ['7', '42', '1 000', '12,5', '0.85'])
      expect(scanQuantities(`${text} kg`)[0]?.amounts[0]).toBe(parseNumber(text));
  });
});

describe('ranges, lists and feet', () => {
  test.each(['95-115 mm', '95–115 mm', '95 – 115 mm', '95 to 115 mm'])('%s is 105 ± 10', (text) =>
    expect(scanQuantities(text)).toMatchObject([{ amounts: [105], spread: 10, unit: 'mm' }]),
  );
  test('what falls is no range', () => expect(amounts('115-95 mm')).toHaveLength(2));
  test('a list under one unit', () =>
    expect(scanQuantities('240/230 mm')).toMatchObject([
      { amounts: [240], unit: 'mm', listed: true },
      { amounts: [230], unit: 'mm', listed: true },
    ]));
  test('feet and inches', () => expect(amounts('2 ft 10 in')).toEqual([[[34], 'in']]));
  test('currency before and after', () => {
    expect(amounts('€ 6,290')[0]?.[1]).toBe('EUR');
    expect(amounts('6290 €')[0]?.[1]).toBe('EUR');
    expect(amounts('US$5,290')[0]?.[1]).toBe('USD');
  });
});

describe('written units', () => {
  test.each([
    ['lbs', 'lb'],
    ['lbs.', 'lb'],
    ['lb-ft', 'lbf-ft'],
    ['ft-lbs', 'lbf-ft'],
    ['N·m', 'Nm'],
    ['miles per gallon', 'mpg'],
    ['mpg (imp)', 'mpg-imp'],
    ['US gallons', 'gal-us'],
    ['gal', 'gallon'],
    ['l/100 km', 'L/100km'],
    ['km/l', 'km/L'],
    ['min-1', 'rpm'],
    ['cm³', 'cc'],
    ['°', 'deg'],
    [':1', 'ratio'],
    ['″', 'in'],
    ['hours', 'h'],
    ['T', 'teeth'],
    ['Ah', 'Ah'],
    ['kg/mm', 'kgf/mm'],
  ] as const)('%s', (text, unit) => expect(writtenUnit(text)).toBe(unit));
  test.each(['', 'parsec', 'kgs of feathers', 'seat'])('%j is none', (text) =>
    expect(writtenUnit(text)).toBeUndefined(),
  );
  test('a unit ends where its word ends', () =>
    expect(amounts('5 minutes')).toEqual([[[5], undefined]]));
});

describe('labels and sides', () => {
  test('the longest wins, and words inside words do not count', () => {
    expect(scanLabels('Seat height and ground clearance').map((l) => l.text)).toEqual([
      'Seat height',
      'ground clearance',
    ]);
    expect(scanLabels('seating tanker')).toEqual([]);
  });
  test('front and rear by their words', () =>
    expect(scanSides('front 240, rear 230, shock').map((s) => s.side)).toEqual([
      'front',
      'rear',
      'rear',
    ]));
});
