import { expect, test } from 'vitest';
import { PLATE_COUNT } from '@/store/records';
import { PLATES, plateStyle } from '@/ui/theme/plates';
import { contrast } from './contrast';

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

test.each(PLATES.map((p) => [p.letter, p] as const))(
  'plate %s: its letter reads on its hue, its hue on the ground, light and dark',
  (_letter, plate) => {
    expect(contrast(plate.light, '#ffffff')).toBeGreaterThanOrEqual(4.5);
    expect(contrast(plate.dark, '#14181a')).toBeGreaterThanOrEqual(4.5);
    expect(contrast(plate.light, '#fbfaf7')).toBeGreaterThanOrEqual(3);
    expect(contrast(plate.dark, '#1c2225')).toBeGreaterThanOrEqual(3);
  },
);
