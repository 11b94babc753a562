import { describe, expect, test } from 'vitest';
import { loadOfIndex, parseTyre, SPEED_OF_SYMBOL } from '@/core/tyre';

describe('diameters: metric w/AR-rim, D = 25.4·rim + 2·w·AR/100', () => {
  // Worked by hand from the definition of metric designations (ETRTO practice, from memory).
  test.each([
    ['90/90-21', 695.4],
    ['140/80-18', 681.2],
    ['120/90-17', 647.8],
    ['150/70-17', 641.8],
    ['MT90-16', 640.4],
  ] as const)('%s', (size, mm) => expect(parseTyre(size)?.diameter_mm).toBeCloseTo(mm, 1));
  // Inch sizes: section about as high as wide, "low" ones about 0.84 (from memory, middle confidence).
  test.each([
    ['3.00-21', 678.2, 685.8],
    ['4.60-18', 648.8, 655.8],
  ] as const)('%s lies between %d and %d', (size, low, high) => {
    const d = parseTyre(size)?.diameter_mm ?? 0;
    expect(d).toBeGreaterThanOrEqual(low);
    expect(d).toBeLessThanOrEqual(high);
  });
});

describe('ways of writing one size', () => {
  test.each([
    '150/70 R 17 69V',
    '150/70R17 69V',
    '150/70-17 69V',
    '150/70 - 17',
    '150/70ZR17',
    '150/70 B17',
    '150 / 70 R 17 M/C 69V',
  ])('%s', (text) => expect(parseTyre(text)).toMatchObject({ width_mm: 150, rim_in: 17 }));
  test('index and symbol are read', () =>
    expect(parseTyre('90/90-21 M/C 54H')).toMatchObject({ load_kg: 212, speed_kmh: 210 }));
  test.each(['', '21', '90-21', '999/90-21', '90/90-99', '1/2/2026', '15/45', 'abc'])(
    '%j is none',
    (text) => expect(parseTyre(text)).toBeUndefined(),
  );
});

describe('load index and speed symbol (UN Regulation No. 75, from memory)', () => {
  test.each([
    [30, 106],
    [40, 140],
    [50, 190],
    [54, 212],
    [57, 230],
    [60, 250],
    [69, 325],
    [70, 335],
    [80, 450],
  ] as const)('index %d carries %d kg', (index, kg) => expect(loadOfIndex(index)).toBe(kg));
  test('within two percent of 45·10^(LI/80) throughout, and rising', () => {
    for (let i = 30; i <= 80; i += 1) {
      expect(Math.abs((loadOfIndex(i) ?? 0) / (45 * 10 ** (i / 80)) - 1)).toBeLessThan(0.02);
      if (i > 30) expect(loadOfIndex(i) ?? 0).toBeGreaterThan(loadOfIndex(i - 1) ?? 0);
    }
    expect(loadOfIndex(29)).toBeUndefined();
    expect(loadOfIndex(81)).toBeUndefined();
  });
  test('H stands between U and V', () =>
    expect([SPEED_OF_SYMBOL.U, SPEED_OF_SYMBOL.H, SPEED_OF_SYMBOL.V]).toEqual([200, 210, 240]));
  test('a pair 54/69 carries 537 kg', () =>
    expect((loadOfIndex(54) ?? 0) + (loadOfIndex(69) ?? 0)).toBe(537));
});
