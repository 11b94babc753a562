import type { PlacedText } from '../layout/placed-text';

/** A letter with its accent behind it, as pages of print are copied; what shows nothing; two letters in one; wide signs. */
const ODD =
  /\p{L}[\u0300-\u036f]+|[\u00ad\u200b-\u200d\u2060\ufeff]|[\ufb00-\ufb06\uff01-\uff5e]/gu;
const INVISIBLE = /^[\u00ad\u200b-\u200d\u2060\ufeff]$/u;

/** The same text with each letter as one sign, and without signs that show nothing; each stands where the first of its signs stood. */
export function joinedLetters(typed: string): PlacedText {
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
    keep(index);
    const plain = INVISIBLE.test(sign) ? '' : sign.normalize('NFKC');
    text += plain;
    for (let i = 0; i < plain.length; i += 1) places.push(index);
    from = index + sign.length;
  }
  keep(typed.length);
  return { text, places };
}
