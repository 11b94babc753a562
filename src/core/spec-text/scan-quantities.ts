import { parseNumber, type UnitWord } from '../units';
import { UNIT_SOURCE, writtenUnit } from './written-units';

/** A number with its unit as it stands in a text. */
export interface Quantity {
  /** What the digits may mean, likeliest first: `1.340` is 1.34 or 1340. */
  readonly amounts: readonly number[];
  /** Half the width of a range, in the written unit. */
  readonly spread?: number;
  readonly unit: UnitWord | undefined;
  readonly from: number;
  readonly to: number;
  /** Part of a list split by a slash under one unit: `240/230 mm`. */
  readonly listed: boolean;
}

const PLAIN = String.raw`\d{1,3}(?:[ \u00a0\u202f'’.,]\d{3}){1,3}(?:[.,]\d{1,2})?(?!\d)|\d{1,7}(?:[.,]\d{1,4})?`;
const FRACTION = String.raw`\d{1,4}(?:[ -]\d{1,2}\/\d{1,2}(?!\d)| ?[½¼¾⅛⅜⅝⅞])|[½¼¾⅛⅜⅝⅞]`;
const NUMBER = `(?:${FRACTION}|${PLAIN})`;
const CURRENCY = String.raw`(?:US\$|A\$|C\$|[€$£]|(?:EUR|USD|GBP|CHF|SEK|NOK|PLN|CZK|AUD|CAD|NZD|ZAR)(?=[ \d]))`;
// currency? number (range or list number)? unit?
const QUANTITY = new RegExp(
  `(?<![\\p{L}\\d.,])(?<!\\d\\/)(?:(${CURRENCY}) ?)?(${NUMBER})(?: ?(-|–|—|to|\\/) ?(${NUMBER}))?(?:[ \\u00a0\\u202f-]?(${UNIT_SOURCE}))?`,
  'giu',
);
const FEET =
  /(?<![\p{L}\d.,/])(\d{1,2}) ?(?:ft|feet|foot|'|′) ?(\d{1,2}(?:[.,]\d{1,2})?) ?(?:inches|inch|in|"|″)?(?![\p{L}\d])/giu;
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
function amountsOf(text: string): readonly number[] {
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

/** Every quantity of one line, in order. Numbers without a unit are given with `unit: undefined`. Time is linear in the line. */
export function scanQuantities(line: string): readonly Quantity[] {
  const found: Quantity[] = [];
  const covered: (readonly [number, number])[] = [];
  for (const match of line.matchAll(FEET)) {
    const inches = Number(match[1]) * 12 + Number((match[2] ?? '0').replace(',', '.'));
    found.push({
      amounts: [inches],
      unit: 'in',
      from: match.index,
      to: match.index + match[0].length,
      listed: false,
    });
    covered.push([match.index, match.index + match[0].length]);
  }
  for (const match of line.matchAll(QUANTITY)) {
    const [whole, currency, first = '', joint, second, unitText] = match;
    const from = match.index;
    if (covered.some(([a, b]) => from < b && from + whole.length > a)) continue;
    const unit = currency ? writtenUnit(currency) : unitText ? writtenUnit(unitText) : undefined;
    const [one, two] = [amountsOf(first), second === undefined ? [] : amountsOf(second)];
    const [a, b] = [one[0], two[0]];
    if (a === undefined) continue;
    const at = (text: string, start: number) => line.indexOf(text, start);
    const secondAt =
      second === undefined ? -1 : at(second, from + (currency?.length ?? 0) + first.length);
    if (b === undefined)
      found.push({ amounts: one, unit, from, to: from + whole.length, listed: false });
    else if (joint !== '/' && unit !== undefined && b > a) {
      found.push({
        amounts: [(a + b) / 2],
        spread: (b - a) / 2,
        unit,
        from,
        to: from + whole.length,
        listed: false,
      });
    } else {
      const listed = joint === '/';
      found.push({
        amounts: one,
        unit: listed ? unit : currency ? unit : undefined,
        from,
        to: from + (currency?.length ?? 0) + first.length,
        listed,
      });
      found.push({ amounts: two, unit, from: secondAt, to: from + whole.length, listed });
    }
  }
  return found.sort((x, y) => x.from - y.from);
}
