import { describe, expect, test } from 'vitest';
import {
  bodyWords,
  fieldPlaces,
  formatBase,
  formatNumber,
  formatQuoted,
  formatWithUnit,
  trimmed,
  unitSign,
  type Reader,
} from '@/ui/messages';

const metric: Reader = { units: 'metric', currency: 'EUR' };
const us: Reader = { units: 'us', currency: 'USD' };
const uk: Reader = { units: 'uk', currency: 'GBP' };

describe('numbers', () => {
  test.each([
    [0, 0, '0'],
    [9550, 0, '9550'],
    [12500, 0, '12\u202f500'],
    [1234567.891, 1, '1\u202f234\u202f567.9'],
    [-32.4, 0, '\u221232'],
    [-0.2, 0, '0'],
    [0.05, 2, '0.05'],
    [99999.5, 0, '100\u202f000'],
  ])('%d with %d places', (value, places, text) => expect(formatNumber(value, places)).toBe(text));

  test('text for fields has no grouping and no trailing zeros', () => {
    expect(trimmed(12500)).toBe('12500');
    expect(trimmed(34.6)).toBe('34.6');
    expect(trimmed(1 / 3)).toBe('0.333');
    expect(trimmed(65.3543, 1)).toBe('65.4');
  });
});

describe('figures in the reader’s units', () => {
  test.each([
    [metric, 138, 'mass', '138 kg'],
    [us, 138, 'mass', '304 lb'],
    [uk, 138, 'mass', '138 kg'],
    [us, 878.84, 'length', '34.6 in'],
    [uk, 310, 'distance', '193 mi'],
    [us, 4.7043, 'consumption', '50 mpg US'],
    [uk, 4.708, 'consumption', '60 mpg imp'],
    [metric, 35, 'power', '35.0 kW'],
    [us, 7.57, 'volume', '2.00 US gal'],
    [metric, 0.853, 'index', '85 of 100'],
    [metric, 81.1, 'kW/t', '81 kW/t'],
    [uk, 5974, 'money', '5974 GBP'],
    [metric, 0.95, 'plain', '0.95'],
  ] as const)('%o %d %s', (reader, base, dimension, text) =>
    expect(formatWithUnit(base, dimension, reader)).toBe(text),
  );

  test('the sign alone, and the figure alone', () => {
    expect(unitSign('speed', us)).toBe('mph');
    expect(unitSign('plain', us)).toBe('');
    expect(formatBase(10, 'plain', metric)).toBe('10');
  });

  test('a quoted figure stays as quoted', () => {
    expect(formatQuoted(34.6, 'in')).toBe('34.6 in');
    expect(formatQuoted(2, 'gal-us')).toBe('2 US gal');
    expect(formatQuoted(85, 'mpg-imp')).toBe('85 mpg imp');
  });

  test('fields for masses take a tenth', () => {
    expect(fieldPlaces('kg')).toBe(1);
    expect(fieldPlaces('in')).toBe(1);
    expect(fieldPlaces('mm')).toBe(0);
  });
});

describe('a body as riders speak of it', () => {
  test.each([
    // 5 ft 11 in is 1803 mm, 12 st 8 lb 79.83 kg (factors of 1959; worked by hand).
    [1803, 'length', uk, '5 ft 11 in'],
    [1828, 'length', us, '6 ft 0 in'],
    [79.83, 'mass', uk, '12 st 8 lb'],
    [88.9, 'mass', uk, '14 st 0 lb'],
    [79.83, 'mass', us, undefined],
    [1803, 'length', metric, undefined],
  ] as const)('%d %s', (base, what, reader, words) =>
    expect(bodyWords(base, what, reader)).toBe(words),
  );
});
