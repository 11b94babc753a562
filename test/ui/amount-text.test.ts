import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  amountText,
  measured,
  readAmount,
  understood,
  type Quantity,
} from '@/ui/stored/amount-text';

const metric = { units: 'metric', currency: 'EUR' } as const;
const us = { units: 'us', currency: 'USD' } as const;
const limits = { min: 0, max: 1000 };
const read = (text: string, quantity: Quantity, required = true, within = limits) =>
  readAmount(text, { quantity, limits: within, required });
const words = (text: string, quantity: Quantity, within = limits) => {
  const result = read(text, quantity, true, within);
  return result.kind === 'fault' ? result.words : `read as ${result.value}`;
};

describe('an emptied field', () => {
  test('means not known where that may be, and never nothing', () =>
    expect(read('  ', measured('mass', metric), false)).toEqual({
      kind: 'value',
      value: undefined,
    }));
  test.each<[string, Quantity]>([
    ['measured', measured('mass', metric)],
    ['sum', { kind: 'sum', currency: 'EUR' }],
    ['plain', { kind: 'plain', sign: 'days' }],
    ['change', { kind: 'change' }],
  ])('is refused where a figure is needed: %s', (_, quantity) =>
    expect(read('', quantity).kind).toBe('fault'),
  );
});

// 1 lb = 0.45359237 kg and 1 in = 25.4 mm by the international yard and pound agreement of 1959.
describe('measured figures', () => {
  test('are typed in the reader’s unit or any other of the kind, and kept in the base unit', () => {
    const value = (text: string, quantity: Quantity) => {
      const result = read(text, quantity);
      return result.kind === 'value' ? result.value : Number.NaN;
    };
    expect(value('10', measured('mass', metric))).toBe(10);
    expect(value('10', measured('mass', us))).toBeCloseTo(4.5359237, 9);
    expect(value('10 lb', measured('mass', metric))).toBeCloseTo(4.5359237, 9);
    expect(value('4 kg', measured('mass', us))).toBe(4);
    expect(value('11,5', measured('length', metric))).toBe(11.5);
    expect(value('2 in', measured('length', metric))).toBeCloseTo(50.8, 9);
  });
  test('limits hold on both sides, and are said in the reader’s unit', () => {
    expect(words('1000', measured('length', metric))).toBe('read as 1000');
    expect(words('0', measured('length', metric))).toBe('read as 0');
    expect(words('1000.1', measured('length', metric))).toBe('Must lie between 0 and 1000 mm.');
    expect(words('-0.1', measured('length', metric))).toBe('Must lie between 0 and 1000 mm.');
    expect(words('99', measured('mass', us), { min: 0, max: 20 })).toMatch(
      /^Must lie between 0 and 44\.1 lb\.$/,
    );
  });
  test('a limit typed as it was said is the limit, and a digit beyond it is not', () => {
    const within = { min: 0, max: 20 };
    expect(read('44.1', measured('mass', us), true, within)).toEqual({ kind: 'value', value: 20 });
    expect(read('44.2', measured('mass', us), true, within).kind).toBe('fault');
  });
  test('another kind of unit, and what is no figure, are refused with what was typed', () => {
    expect(words('3 km', measured('mass', metric))).toMatch(/km/);
    expect(words('heavy', measured('mass', metric))).toMatch(/“heavy” is not a figure/);
  });
});

// Common practice, no source: riders know their height in centimetres or metres, and a seat in any of the three.
describe('a length of a body', () => {
  const height = { min: 1200, max: 2200 };
  const inMetric = (text: string, within = height) =>
    read(text, measured('length', metric), true, within);
  test.each([
    ['169', 1690],
    ['1.69', 1690],
    ['1690', 1690],
    ['120', 1200],
    ['220', 2200],
  ])('%s is %d mm', (text, mm) => {
    expect(inMetric(text)).toEqual({ kind: 'value', value: mm });
  });
  test.each(['119', '221', '1.19', '2.21', '16.9'])('%s is none', (text) => {
    expect(inMetric(text).kind).toBe('fault');
  });
  test('what was understood stands beside, and not where nothing was', () => {
    const rules = { quantity: measured('length', metric), limits: height, required: true };
    expect(understood('169', rules)).toBe('= 1690 mm');
    expect(understood('1690', rules)).toBeUndefined();
    expect(understood('119', rules)).toBeUndefined();
  });
  test('where inches are asked', () => {
    const seat = read('860', measured('length', us), true, { min: 600, max: 1100 });
    expect(seat).toEqual({ kind: 'value', value: 860 });
  });
  test('a small length is only what was typed: 0.1 is no centimetre', () => {
    expect(inMetric('0.1', { min: 0.3, max: 10 }).kind).toBe('fault');
    expect(inMetric('9', { min: 99, max: 200 }).kind).toBe('fault');
    expect(inMetric('11', { min: 100, max: 200 })).toEqual({ kind: 'value', value: 110 });
  });
});

describe('sums', () => {
  const quantity = { kind: 'sum', currency: 'EUR' } as const;
  test('in the currency of the field alone: another one is never taken one to one', () => {
    expect(read('48,50', quantity)).toEqual({ kind: 'value', value: 48.5 });
    expect(read('48.50 EUR', quantity)).toEqual({ kind: 'value', value: 48.5 });
    expect(words('48 USD', quantity)).toMatch(/^Amounts here are in EUR/);
  });
  test('limits', () => {
    expect(words('1000', quantity)).toBe('read as 1000');
    expect(words('1001', quantity)).toBe('Must lie between 0 and 1000 EUR.');
    expect(words('-1', quantity)).toBe('Must lie between 0 and 1000 EUR.');
  });
});

describe('plain numbers and changes', () => {
  test('the sign may be typed with the number', () => {
    expect(read('14 days', { kind: 'plain', sign: 'days' })).toEqual({ kind: 'value', value: 14 });
    expect(read('15', { kind: 'plain', sign: '%' })).toEqual({ kind: 'value', value: 15 });
  });
  test('a change in per cent is kept as a factor: +8 % is 1.08, −20 % is 0.8', () => {
    const factor = (text: string) => {
      const result = read(text, { kind: 'change' }, true, { min: 0.2, max: 5 });
      return result.kind === 'value' ? result.value : Number.NaN;
    };
    expect(factor('8')).toBeCloseTo(1.08, 12);
    expect(factor('-20 %')).toBeCloseTo(0.8, 12);
    expect(factor('-80')).toBeCloseTo(0.2, 12);
    expect(factor('-81')).toBeNaN();
    expect(factor('401')).toBeNaN();
  });
});

describe('what is shown', () => {
  test.each<[string, Quantity, number | undefined, string]>([
    ['not known', measured('mass', metric), undefined, ''],
    ['metric', measured('mass', metric), 12.5, '12.5'],
    ['US', measured('mass', us), 4.5359237, '10'],
    ['a sum', { kind: 'sum', currency: 'EUR' }, 48.5, '48.5'],
    ['a factor as its change', { kind: 'change' }, 1.08, '8'],
    ['less', { kind: 'change' }, 0.8, '-20'],
  ])('%s', (_, quantity, stored, text) => expect(amountText(quantity, stored)).toBe(text));
  test('what a field prints it reads again, within the printed digits', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 999, noNaN: true }),
        fc.constantFrom<Quantity>(
          measured('mass', metric),
          measured('mass', us),
          measured('length', us),
          { kind: 'sum', currency: 'EUR' },
          { kind: 'plain', sign: '%' },
        ),
        (stored, quantity) => {
          const again = read(amountText(quantity, stored), quantity);
          if (again.kind === 'fault' || again.value === undefined) throw new Error('not read');
          expect(Math.abs(again.value - stored)).toBeLessThan(0.2);
        },
      ),
      { seed: 12 },
    );
  });
});

// How sums and heights are written in different countries: common practice, no source.
describe('numbers as they are written', () => {
  const sum = { kind: 'sum', currency: 'AUD' } as const;
  const wide = { min: 0, max: 1_000_000 };
  test.each([
    ['11.000', 11_000],
    ['11,000', 11_000],
    ['11 000', 11_000],
    ['14.000,50', 14_000.5],
    ['$14,000', 14_000],
    ['A$14,000', 14_000],
    ['AUD 9.500', 9500],
    ['11.5', 11.5],
    ['11,50', 11.5],
    ['0.900', 0.9],
  ])('a sum %s', (text, value) =>
    expect(read(text, sum, true, wide)).toEqual({ kind: 'value', value }),
  );
  test('another country’s money is refused, not taken for one’s own', () =>
    expect(read('€9,500', sum, true, wide).kind).toBe('fault'));
  test('the mark is one of decimals where thousands are not possible', () => {
    expect(read('1,759', sum, true, { min: 0, max: 1000 })).toEqual({
      kind: 'value',
      value: 1.759,
    });
    expect(read('1.759', sum, true, { min: 0, max: 1758 })).toEqual({
      kind: 'value',
      value: 1.759,
    });
    expect(read('1.759', sum, true, { min: 0, max: 1759 })).toEqual({ kind: 'value', value: 1759 });
  });
  test('where both are possible and usual, the rider is asked', () =>
    expect(words('1.200', measured('volume', metric), { min: 0, max: 5000 })).toMatch(
      /can be 1200 or 1\.200/,
    ));
  // 1 ft = 0.3048 m; °F = 1.8 · °C + 32, by definition.
  test('heights above the sea and temperatures in either system', () => {
    const high = { min: 0, max: 6000 };
    const metres: Quantity = { kind: 'scaled', sign: 'm' };
    const feet: Quantity = { kind: 'scaled', sign: 'ft' };
    const heat: Quantity = { kind: 'scaled', sign: '°F' };
    expect(read('2.757', metres, true, high)).toEqual({ kind: 'value', value: 2757 });
    expect(read('7,500 ft', metres, true, high)).toEqual({ kind: 'value', value: 2286 });
    expect(read('7500', feet, true, high)).toEqual({ kind: 'value', value: 2286 });
    expect(read('104', heat, true, { min: -30, max: 55 })).toEqual({ kind: 'value', value: 40 });
    expect(read('40 C', heat, true, { min: -30, max: 55 })).toEqual({ kind: 'value', value: 40 });
    expect(amountText(heat, -40)).toBe('-40');
    expect(amountText(feet, 2286)).toBe('7500');
    expect(words('20000', feet, high)).toMatch(/between 0 and 19,?\s?685/);
  });
  test('what was understood is said where it does not stand there already', () => {
    const rules = { quantity: sum, limits: wide, required: true };
    expect(understood('11.000', rules)).toMatch(/^= 11\s000 AUD$/u);
    expect(understood('11000', rules)).toBeUndefined();
    expect(understood('11.5', rules)).toBeUndefined();
    expect(understood('no sum', rules)).toBeUndefined();
  });
});
