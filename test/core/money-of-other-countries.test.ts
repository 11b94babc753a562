import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** How sums are written in countries whose money Jugator does not reckon in; common practice, from memory. Machines are made up. */
const SUMS = [
  'Price: ₹2,85,000 ex-showroom',
  'Price Rs 3.2 lakh',
  'On road price Rs. 3,45,000',
  'Preço: R$ 38.990',
  'Price: ¥1,089,000',
  'Price: 2 490 000 Ft',
  'Price: 345.000 TL',
  'Precio: $ 129,900 MXN',
  'Price: S$ 18,900',
  'Price: 24,900 lei',
  'Price: RM 28,900',
  'Price: 185,000 baht',
  'Asking price 1.95 lakhs',
  'Price: 61 900 kn',
  'Price: HK$ 88,000',
  'Price: 1.450.000 forint',
] as const;
const read = (line: string) => {
  const [machine] = readText(
    `Veldra 390 Trek\nKerb weight: 172 kg\nSeat height: 855 mm\n${line}`,
  ).machines;
  return {
    sums: machine?.proposals.filter((p) => p.key === 'price' || p.key === 'usedPrice') ?? [],
    passed: machine?.passedOver.filter((p) => p.why.code === 'currency-unknown') ?? [],
  };
};

describe('a sum in money of no known rate', () => {
  test.each(SUMS)('%s is no price, and why is said', (line) => {
    const { sums, passed } = read(line);
    expect(sums).toEqual([]);
    expect(passed).toHaveLength(1);
    expect(passed[0]?.as).toBeUndefined();
  });
  test.each([
    ['Price: R 38,990', 38_990, 'ZAR'],
    ['Price: A$ 18,900', 18_900, 'AUD'],
    ['Price: US$ 18,900', 18_900, 'USD'],
    ['Price: 38 990 kr. List price 38 990 SEK', 38_990, 'SEK'],
    ['Price: 24,900 zł', 24_900, 'PLN'],
    ['Price: $ 12,990 CAD', 12_990, 'CAD'],
  ])('%s is one', (line, amount, unit) => {
    expect(read(line).passed).toEqual([]);
    expect(
      read(line).sums.flatMap((p) => (p.kind === 'figure' ? [[p.amount, p.unit]] : [])),
    ).toContainEqual([amount, unit]);
  });
  test('what a fuel has to stand is no sum', () => {
    const [machine] = readText('Veldra 390 Trek\nKerb weight: 172 kg\nFuel grade: 95 RON').machines;
    expect(machine?.passedOver.filter((p) => p.why.code === 'currency-unknown')).toEqual([]);
    expect(machine?.proposals.some((p) => p.key === 'fuelGrade')).toBe(true);
  });
  test('names and heights are no sums', () => {
    const text = 'Veldra 390 RS\nKerb weight: 172 kg\nClimbed to 8,500 ft with 20 knots of wind';
    const [machine] = readText(text).machines;
    expect(machine?.model).toBe('390 RS');
    expect(machine?.passedOver.filter((p) => p.why.code === 'currency-unknown')).toEqual([]);
  });
});

describe('crowns of no said country', () => {
  const text = 'Veldra 390 Trek\nKerb weight: 172 kg\nSeat height: 855 mm\nPrice: 86,900 kr';
  const sum = (home?: 'NOK' | 'DKK' | 'GBP') =>
    readText(text, home ? { home } : {}).machines[0]?.proposals.find((p) => p.key === 'price');
  test.each(['NOK', 'DKK'] as const)(
    'are offered in %s where the brief is in it, and asked',
    (home) => {
      expect(sum(home)).toMatchObject({ unit: home, ticked: false });
      expect(sum(home)?.doubts.map((d) => d.code)).toContain('currency-unclear');
    },
  );
  test('are Swedish first elsewhere, and asked as well', () => {
    expect(sum('GBP')).toMatchObject({ unit: 'SEK', ticked: false });
    expect(sum()).toMatchObject({ unit: 'SEK', ticked: false });
  });
});
