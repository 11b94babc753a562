import { describe, expect, test } from 'vitest';
import type { Figure, Reading } from '@/core/readings';
import { parseQuoted, quotedText, withAmount, withDetail } from '@/ui/stored';
import type { Reader } from '@/ui/messages';

const metric: Reader = { units: 'metric', currency: 'EUR' };
const a: Reading = {
  id: 'a',
  amount: 138,
  unit: 'kg',
  basis: 'ready',
  origin: 'claimed',
  note: 'sheet',
};
const b: Reading = { id: 'b', amount: 300, unit: 'lb', basis: 'dry', origin: 'heard', note: '' };
const figure: Figure = { readings: [a, b], pinned: 'b' };

describe('what is typed as quoted', () => {
  test('a bare figure keeps the reading’s unit, or takes the reader’s for a new one', () => {
    expect(parseQuoted('mass', '301', b, metric)).toEqual({
      kind: 'value',
      value: { amount: 301, unit: 'lb' },
    });
    expect(parseQuoted('mass', '140', undefined, metric)).toEqual({
      kind: 'value',
      value: { amount: 140, unit: 'kg' },
    });
    expect(parseQuoted('mass', '100', undefined, { units: 'us', currency: 'USD' })).toMatchObject({
      kind: 'fault',
    });
    expect(parseQuoted('mass', '310', undefined, { units: 'us', currency: 'USD' })).toMatchObject({
      value: { unit: 'lb' },
    });
  });
  test('a written unit changes it', () =>
    expect(parseQuoted('mass', '137 kg', b, metric)).toEqual({
      kind: 'value',
      value: { amount: 137, unit: 'kg' },
    }));
  // How sums, distances and ratios are written in different countries: common practice, no source.
  test.each([
    ['price', '14.000 EUR', 14_000],
    ['price', '$14,000', 14_000],
    ['price', '6.290,50 EUR', 6290.5],
    ['serviceInterval', '12.000 km', 12_000],
    ['powerRpm', '8.500', 8500],
    ['finalRatio', '2.875', 2.875],
    ['finalRatio', '2,875', 2.875],
    ['tank', '11.356 L', 11.356],
    ['consumption', '3.850 L/100km', 3.85],
  ] as const)(
    '%s %s: thousands where the figure may be so large, else decimals',
    (key, text, amount) =>
      expect(parseQuoted(key, text, undefined, metric)).toMatchObject({ value: { amount } }),
  );
  test('emptied text takes the reading away', () =>
    expect(parseQuoted('mass', '  ', a, metric)).toEqual({ kind: 'value', value: undefined }));
  test('a price wants its currency the first time', () => {
    expect(parseQuoted('price', '5200', undefined, metric)).toMatchObject({
      kind: 'fault',
      words: expect.stringContaining('Which currency?') as string,
    });
    expect(parseQuoted('price', '5 200 CHF', undefined, metric)).toEqual({
      kind: 'value',
      value: { amount: 5200, unit: 'CHF' },
    });
    const known: Reading = { ...a, amount: 5200, unit: 'CHF', basis: 'asked' };
    expect(parseQuoted('price', '5100', known, metric)).toEqual({
      kind: 'value',
      value: { amount: 5100, unit: 'CHF' },
    });
  });
  test('what it prints it reads', () => {
    for (const reading of [
      a,
      b,
      { ...a, amount: 8.9, unit: 'in', basis: 'claimed-travel' } as Reading,
    ]) {
      const key = reading.unit === 'in' ? 'travelRear' : 'mass';
      expect(parseQuoted(key, quotedText(reading), reading, metric)).toEqual({
        kind: 'value',
        value: { amount: reading.amount, unit: reading.unit },
      });
    }
    expect(quotedText(undefined)).toBe('');
  });
});

describe('changing a figure', () => {
  test('the amount of one reading, the others untouched', () => {
    expect(withAmount('mass', figure, a, { amount: 140, unit: 'kg' }, 'n')).toEqual({
      readings: [{ ...a, amount: 140 }, b],
      pinned: 'b',
    });
  });
  test('a new reading takes the usual basis and is a claim until told otherwise', () => {
    expect(
      withAmount('travelRear', undefined, undefined, { amount: 230, unit: 'mm' }, 'n'),
    ).toEqual({
      readings: [
        { id: 'n', amount: 230, unit: 'mm', basis: 'claimed-travel', origin: 'claimed', note: '' },
      ],
    });
  });
  test('removing the pinned reading takes the pin along; removing the last leaves nothing', () => {
    expect(withAmount('mass', figure, b, undefined, 'n')).toEqual({ readings: [a] });
    expect(withAmount('mass', { readings: [a] }, a, undefined, 'n')).toBeUndefined();
  });
  test('basis, origin and note', () => {
    expect(
      withDetail(figure, a, { basis: 'dry', origin: 'measured', note: 'scale' }).readings[0],
    ).toEqual({ ...a, basis: 'dry', origin: 'measured', note: 'scale' });
  });
});

describe('a stated spread', () => {
  const reader = { units: 'metric', currency: 'EUR' } as const;
  const value = (text: string) => {
    const parsed = parseQuoted('mass', text, undefined, reader);
    return parsed.kind === 'value' ? parsed.value : parsed.words;
  };
  test.each([
    ['187 ± 3 kg', 187, 3],
    ['187±3 kg', 187, 3],
    ['187 +/- 3 kg', 187, 3],
    ['184-190 kg', 187, 3],
    ['184 to 190 kg', 187, 3],
    ['184–190', 187, 3],
  ] as const)('%s', (text, amount, spread) =>
    expect(value(text)).toEqual({ amount, unit: 'kg', spread }),
  );
  test('a range that falls, or a spread that is no number, is refused with the reason', () => {
    expect(value('187 ± about three kg')).toMatch(/is not a figure with its spread/);
    expect(value('190-184 kg')).toMatch(/is not a/);
  });
  test('is shown with the reading, and goes when it is taken out of the text', () => {
    const reading = {
      id: 'r',
      amount: 187,
      unit: 'kg',
      basis: 'ready',
      origin: 'heard',
      note: 'yard',
      spread: 3,
    } as const;
    expect(quotedText(reading)).toBe('187 ± 3 kg');
    expect(
      withAmount('mass', { readings: [reading] }, reading, { amount: 188, unit: 'kg' }, 'n'),
    ).toEqual({
      readings: [
        { id: 'r', amount: 188, unit: 'kg', basis: 'ready', origin: 'heard', note: 'yard' },
      ],
    });
  });
});
