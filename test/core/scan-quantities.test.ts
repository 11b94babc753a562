import { describe, expect, test } from 'vitest';
import { scanQuantities } from '@/core/spec-text/lattice/scan-quantities';
import { writtenUnit } from '@/core/spec-text/lattice/written-units';
import { withNumbers } from '@/core/spec-text/lattice/number-words';
import { numberInWords } from '@/core/spec-text/lattice/english-numbers';
import { sidesOf } from '@/core/spec-text/link/side-of';
import { scanWords } from '@/core/spec-text/vocabulary/lexicon';
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

const labels = (line: string) =>
  scanWords(line)
    .filter((m) => m.meanings.some((x) => x.kind === 'label'))
    .map((m) => line.slice(m.from, m.to));

describe('labels and sides', () => {
  test('the longest wins, and words inside words do not count', () => {
    expect(labels('Seat height and ground clearance')).toEqual(['Seat height', 'ground clearance']);
    expect(labels('seating tanker')).toEqual([]);
  });
  test('accents, sharp s and case do not matter', () => {
    expect(labels('SITZHOEHE, Sitzhöhe, HAUTEUR DE SELLE')).toEqual([
      'Sitzhöhe',
      'HAUTEUR DE SELLE',
    ]);
  });
  test('front and rear by their words', () =>
    expect(sidesOf(scanWords('front 240, rear 230, shock')).map((s) => s.side)).toEqual([
      'front',
      'rear',
      'rear',
    ]));
  test('a single letter is a side only beside a colon or a slash', () => {
    expect(sidesOf(scanWords('F: 90/90-21 R: 120/80-18')).map((s) => s.side)).toEqual([
      'front',
      'rear',
    ]);
    expect(sidesOf(scanWords('plan f or r'))).toEqual([]);
  });
});

describe('numbers said in words', () => {
  // Common English usage, no source.
  test.each([
    ['thirty four and a half', 34.5],
    ['two hundred and sixty', 260],
    ['two-sixty', 260],
    ['one ninety eight', 198],
    ['eight nine fifty', 8950],
    ['eleven hundred', 1100],
    ['nine and a half thousand', 9500],
    ['three thousand two hundred', 3200],
    ['twenty-one', 21],
    ['three point eight', 3.8],
    ['twelve and three quarters', 12.75],
  ] as const)('%s', (text, amount) => expect(numberInWords(text)?.amount).toBe(amount));
  test('eleven grand is money', () =>
    expect(numberInWords('eleven grand')).toEqual({ amount: 11000, money: true }));
  test('a hundred that opens a sentence needs no "a"', () => {
    expect(withNumbers('Hundred and ninety six kilos.').trim()).toBe('196 kilos.');
    expect(withNumbers('A few hundred and more').trim()).toBe('A few hundred and more');
  });
  test('five nine is a height and no number', () =>
    expect(numberInWords('five nine')).toBeUndefined());
  test('digits stand where the words stood, and a lone "one" stays', () => {
    const line = 'the new one has thirty two teeth';
    expect(withNumbers(line)).toBe('the new one has         32 teeth');
    expect(withNumbers(line)).toHaveLength(line.length);
  });
  test('every whole number from 2 to 999 comes back from its words', () => {
    const ones = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
    const teens = [
      'ten',
      'eleven',
      'twelve',
      'thirteen',
      'fourteen',
      'fifteen',
      'sixteen',
      'seventeen',
      'eighteen',
      'nineteen',
    ];
    const tens = [
      '',
      '',
      'twenty',
      'thirty',
      'forty',
      'fifty',
      'sixty',
      'seventy',
      'eighty',
      'ninety',
    ];
    const below100 = (n: number): string =>
      n < 10
        ? (ones[n] ?? '')
        : n < 20
          ? (teens[n - 10] ?? '')
          : `${tens[Math.floor(n / 10)] ?? ''} ${ones[n % 10] ?? ''}`.trim();
    for (let n = 2; n < 1000; n += 1) {
      const hundreds = n >= 100 ? `${ones[Math.floor(n / 100)] ?? ''} hundred` : '';
      const rest = below100(n % 100);
      const words = hundreds && rest ? `${hundreds} and ${rest}` : hundreds || rest;
      expect(numberInWords(words)?.amount, words).toBe(n);
    }
  });
});
