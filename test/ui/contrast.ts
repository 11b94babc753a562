const channels = (hex: string): readonly [number, number, number] => {
  const n = Number.parseInt(hex.slice(1), 16);
  return [(n >> 16) & 255, (n >> 8) & 255, n & 255];
};

/** Relative luminance: WCAG 2.2, definitions (from memory). */
const luminance = (rgb: readonly number[]): number => {
  const [r = 0, g = 0, b = 0] = rgb
    .map((c) => c / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};

/** Contrast ratio of a colour, perhaps seen through, on a ground: WCAG 2.2, definitions (from memory). */
export function contrast(colour: string, ground: string, opacity = 1): number {
  const [top, below] = [channels(colour), channels(ground)];
  const seen = top.map((c, i) => c * opacity + (below[i] ?? 0) * (1 - opacity));
  const [a, b] = [luminance(seen), luminance(below)].toSorted((x, y) => y - x) as [number, number];
  return (a + 0.05) / (b + 0.05);
}
