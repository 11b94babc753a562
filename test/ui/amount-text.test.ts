import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { amountText, measured, readAmount, type Quantity } from '@/ui/stored/amount-text';

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
