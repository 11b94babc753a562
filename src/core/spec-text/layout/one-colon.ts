import { spelt } from '../vocabulary/letters';
import { isLabel, isValue, labelMeaning } from './labels';
import type { PlacedText } from './placed-text';
import { textLines } from './text-lines';

/** So many lines alike make a layout of it. */
const LEAST = 3;

/** What stands before a label (a tick, a number, a bracket, a quote), the label, and a mark that is no colon between it and its value. */
const HEAD = spelt(
  /^((?:\d{1,2}[.)] |\[[xX]\]|[^\p{L}\d\n]){0,6})(\p{L}[^→»—;="\]*|\t\n]{1,46}?)(\s?(?:\*\*|__)?\s?(?:→|»|—|=|;|","|" ?: ?"| \/ |\]|\*\*|[*¹²³⁴⁵⁶⁷⁸⁹†‡]+\t|:)\s?(?:\*\*|__|")?\s?)(?=[^\s=])/u,
);
const MARK = /[→»—=;\]:*,/¹²³⁴⁵⁶⁷⁸⁹†‡"]/u;

interface Headed {
  readonly words: string;
  readonly before: string;
  readonly label: string;
  readonly between: string;
}
/** "Kerb weight** 196 kg": a mark that no other opened. */
const isFootnote = ({ before, label, between }: Headed): boolean =>
  /[*¹²³⁴⁵⁶⁷⁸⁹†‡]/u.test(between) &&
  !before.includes('*') &&
  labelMeaning(label)?.kind === 'figure';
/** "SUSPENSION / REAR: single shock": both are of the label. */
const isHeading = ({ words, before, label, between }: Headed): boolean =>
  between.includes('/') && !isValue(words.slice(before.length + label.length + between.length));

/** "✅ Cooling: liquid", "[Cooling] liquid", "Cooling → liquid": label, colon, value. Place for place. */
export function withOneColon(placed: PlacedText): PlacedText {
  const { text } = placed;
  const lines = textLines(text).map((line) => {
    const [, before = '', label = '', between = ''] = HEAD.exec(line.words) ?? [];
    return { ...line, before, label, between };
  });
  const set = lines.filter(
    (l) => l.label !== '' && isLabel(l.label) && !isFootnote(l) && !isHeading(l),
  );
  if (set.length < LEAST || set.every((l) => l.before.trim() === '' && l.between.trim() === ':'))
    return placed;
  let out = '';
  let at = 0;
  for (const { from, before, label, between } of set) {
    const head = from + before.length + label.length;
    const mark = between.search(MARK);
    out += text.slice(at, from) + ' '.repeat(before.length) + label;
    out += between.replace(/[^ ]/gu, ' ').slice(0, mark) + ':';
    out += ' '.repeat(between.length - mark - 1);
    at = head + between.length;
  }
  return { ...placed, text: out + text.slice(at) };
}
