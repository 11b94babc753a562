import { parseNumber } from '../../units';

const SPECIAL_FRACTIONS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅛': 0.125,
  '⅜': 0.375,
  '⅝': 0.625,
  '⅞': 0.875,
};

/** What a written number may mean. */
export function amountsOf(text: string): readonly number[] {
  const sign = /[½¼¾⅛⅜⅝⅞]$/.exec(text)?.[0];
  if (sign) return [(Number(text.slice(0, -1).trim()) || 0) + (SPECIAL_FRACTIONS[sign] ?? 0)];
  const mixed = /^(\d+)[ -](\d+)\/(\d+)$/.exec(text);
  if (mixed)
    return Number(mixed[3]) > 0 ? [Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3])] : [];
  const first = parseNumber(text);
  const other = /^\d{1,3}[.,]\d{3}$/.test(text)
    ? text.includes('.')
      ? Number(text.replace('.', ''))
      : Number(text.replace(',', '.'))
    : undefined;
  return [first, other].filter((n): n is number => n !== undefined);
}
