import { expect, test } from 'vitest';
import { PLATE_COUNT } from '@/store/records';
import { PLATES, plateStyle } from '@/ui/theme/plates';

test('twelve plates, each with a letter, shape, hue and dash pattern of its own', () => {
  expect(PLATES).toHaveLength(PLATE_COUNT);
  for (const of of [
    (p: (typeof PLATES)[number]) => p.letter,
    (p: (typeof PLATES)[number]) => p.shape,
    (p: (typeof PLATES)[number]) => p.light,
    (p: (typeof PLATES)[number]) => p.dark,
    (p: (typeof PLATES)[number]) => p.dash.join(' '),
  ]) {
    expect(new Set(PLATES.map(of)).size).toBe(PLATE_COUNT);
  }
  expect(() => plateStyle(12)).toThrow(RangeError);
});

/** Relative luminance and contrast: WCAG 2.2, definitions (from memory). */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = Number.parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
const contrast = (a: string, b: string): number => {
  const [dark, light] = [luminance(a), luminance(b)].toSorted((x, y) => x - y) as [number, number];
  return (light + 0.05) / (dark + 0.05);
};

test.each(PLATES.map((p) => [p.letter, p] as const))(
  'plate %s: its letter reads on its hue, its hue on the ground, light and dark',
  (_letter, plate) => {
    expect(contrast(plate.light, '#ffffff')).toBeGreaterThanOrEqual(4.5);
    expect(contrast(plate.dark, '#14181a')).toBeGreaterThanOrEqual(4.5);
    expect(contrast(plate.light, '#fbfaf7')).toBeGreaterThanOrEqual(3);
    expect(contrast(plate.dark, '#1c2225')).toBeGreaterThanOrEqual(3);
  },
);
