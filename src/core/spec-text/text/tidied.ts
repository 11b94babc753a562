import { spelt } from '../vocabulary/letters';
import type { PlacedText } from '../layout/placed-text';

/** A letter with its accent behind it, as pages of print are copied; what shows nothing; two letters in one; wide signs; many blanks or breaks. */
const ODD = spelt(
  /\p{L}[\u0300-\u036f]+|[\u00ad\u200b-\u200d\u2060\ufeff]|[\ufb00-\ufb06\uff01-\uff5e]|\n(?:[^\S\n]*\n){3,}|[^\S\n]{2,}/gu,
);
const INVISIBLE = /^[\u00ad\u200b-\u200d\u2060\ufeff]$/u;
/** Wide enough for any gap between columns; wider ones cost time and say no more. */
const WIDEST_GAP = 24;

/** So many blank lines part whatever they part. */
const MOST_BREAKS = '\n\n\n';

/** What stands for odd signs at a place: nothing for blanks at the end of a line. */
function plainOf(sign: string, next: string | undefined): string {
  if (INVISIBLE.test(sign)) return '';
  if (sign.trim() !== '') return sign.normalize('NFKC');
  if (sign.startsWith('\n')) return MOST_BREAKS;
  return next === undefined || next === '\n' ? '' : sign.slice(0, WIDEST_GAP);
}

/**
 * The same text with each letter as one sign, without signs that show nothing, without blanks at the ends of lines and long runs of
 * them or of breaks; each sign stands where the first of its own stood. Linear in the text.
 */
export function tidied(typed: string): PlacedText {
  const odd = [...typed.matchAll(ODD)];
  if (odd.length === 0) return { text: typed };
  let text = '';
  const places: number[] = [];
  let from = 0;
  const keep = (to: number) => {
    text += typed.slice(from, to);
    for (let i = from; i < to; i += 1) places.push(i);
  };
  for (const { 0: sign, index } of odd) {
    const plain = plainOf(sign, typed[index + sign.length]);
    if (plain === sign) continue;
    keep(index);
    const blank = sign.trim() === '';
    text += plain;
    for (let i = 0; i < plain.length; i += 1) places.push(blank ? index + i : index);
    from = index + sign.length;
  }
  if (from === 0) return { text: typed };
  keep(typed.length);
  return { text, places };
}
