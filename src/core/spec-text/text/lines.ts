import { spelt } from '../vocabulary/letters';
import type { Origin } from '../../readings';
import { closedUp } from '../lattice/closed-up';
import { withNumbers } from '../lattice/number-words';
import { scanQuantities } from '../lattice/scan-quantities';
import { withoutReferences } from './references';
import { withoutTyres } from './tyres';
import { languagesOf, scanWords, type Mention } from '../vocabulary/lexicon';
import type { ScannedLine } from './scanned-line';
import { toldInTurn, type Told } from './told-in-turn';

/** Longer lines are cut at a sentence or a comma, so that time stays linear. */
const LINE_LIMIT = 400;

export interface Line {
  readonly line: string;
  readonly offset: number;
  /** The machine it tells of, where a paragraph tells of several in turn. */
  readonly machine?: string;
  /** The text is in French, Spanish or Italian: numbers may be in their words. */
  readonly romance?: true;
  /** Who gave its figures, where a table says so at the head of their column. */
  readonly origin?: Origin;
}

/** Where a clause opens in talk without stops, or else a word. */
const OPENING =
  / (?=(?:and (?:it|the|you|that|there|I|we|has)|so|but|then|which|it's|you've|the)\s)/giu;
function lastOpening(head: string): number {
  const clause = [...head.matchAll(OPENING)].at(-1)?.index ?? 0;
  const at = clause > LINE_LIMIT / 2 ? clause : head.lastIndexOf(' ');
  return at > LINE_LIMIT / 4 ? at + 1 : LINE_LIMIT;
}

/** Where the last sentence ends, or else the last clause: a cut at a comma parts a label from its figure. */
function lastStop(head: string): number {
  const ends = [
    Math.max(head.lastIndexOf('. '), head.lastIndexOf('! '), head.lastIndexOf('? ')),
    head.lastIndexOf('; '),
  ];
  return ends.find((at) => at > LINE_LIMIT / 4) ?? head.lastIndexOf(', ');
}

/** "Standard: 200 mm travel, 199 kg. Rally: 240 mm travel, 203 kg.": each told under its name. */
const HEADED = spelt(/^\s*\p{Lu}[\p{L}']{0,14}(?: \p{L}+)?: [^.:]{0,12}\d/u);
const NEXT_HEAD = spelt(/(?<=[.;] )(?=\p{Lu}[\p{L}']{0,14}(?: \p{L}+)?: [^.:]{0,12}\d)/u);

const byHeads = (line: string): readonly Told[] =>
  HEADED.test(line)
    ? line.split(NEXT_HEAD).map((words) => ({ words }))
    : byBrackets(line).flatMap(toldInTurn);

/** A machine by its name, its figures in brackets: "Tarn 390 (43 hp, 158 kg)", "la 380 (37 ch, 166 kg)". */
const BRACKETED = spelt(
  /(?<=^|[\s:])(?:\p{Lu}[\p{L}'-]+ ){0,2}(?:\p{Lu}[\p{L}'-]+|[Tt]he|an?|la|le|il|el|die|der|de|een) \d{3,4}(?: \p{Lu}[\p{L}\d]{0,9})? \((?=[^()]*\d[^()]*,[^()]*\d)[^()]{9,160}\)/gu,
);

/** "The 380 (37 hp, 166 kg) or the 530 (51 hp, 194 kg)?": each in a line of its own, where no figure is named by that word. */
function byBrackets(line: string): readonly string[] {
  if (line.indexOf('(') === line.lastIndexOf('(')) return [line];
  const starts = [...line.matchAll(BRACKETED)]
    .filter(({ 0: words }) => !isNamed(words.slice(0, words.indexOf('('))))
    .map(({ index }) => index);
  if (starts.length < 2) return [line];
  return [0, ...starts]
    .map((from, i) => line.slice(from, starts[i] ?? line.length))
    .filter((part) => part !== '');
}

const isNamed = (words: string): boolean =>
  scanWords(words).some((m) =>
    m.meanings.some((x) => x.kind === 'label' || x.kind === 'side' || x.kind === 'taker'),
  );

/** Places of French, Spanish and Italian among the vocabularies. */
const ROMANCE = [2, 3, 4];

export function* linesOf(text: string): Generator<Line> {
  let offset = 0;
  const languages = languagesOf(text);
  const tongue = ROMANCE.some((i) => languages.has(i)) ? { romance: true as const } : {};
  for (const whole of text.split(/\r\n|\n|\r/)) {
    let rest = whole;
    let at = offset;
    while (rest.length > LINE_LIMIT) {
      const head = rest.slice(0, LINE_LIMIT);
      const cut = lastStop(head);
      const length = cut > LINE_LIMIT / 4 ? cut + 2 : lastOpening(head);
      yield { line: rest.slice(0, length), offset: at, ...tongue };
      rest = rest.slice(length);
      at += length;
    }
    for (const { words, machine } of byHeads(rest)) {
      yield { line: words, offset: at, ...tongue, ...(machine === undefined ? {} : { machine }) };
      at += words.length;
    }
    offset += whole.length + (text.startsWith('\r\n', offset + whole.length) ? 2 : 1);
  }
}

const EMPHASIS = /(\*\*|__|~~|`)(?=\S)([^*`\n]{0,80}?\S)\1/gu;
/** Marks of emphasis as forums have them: "**845** mm". Place for place. */
const withoutMarks = (line: string): string =>
  line.replace(EMPHASIS, (_, mark: string, words: string) => {
    const blank = ' '.repeat(mark.length);
    return `${blank}${words}${blank}`;
  });

/** A line with its numbers said in words as digits, its tyre sizes blanked out, and all that is left found. */
export function scanned({ line, offset, machine, romance, origin }: Line): ScannedLine {
  const closed = closedUp(line, withoutMarks(withNumbers(line, romance)));
  const plain = withoutReferences(withoutTyres(closed.line));
  const quantities = /[\d½¼¾⅛⅜⅝⅞]/.test(plain) ? scanQuantities(plain) : [];
  // A unit is no label: the bar of a pressure is no handlebar. What it says of a basis ("whp") stays.
  const withUnit = quantities.filter((q) => q.unit !== undefined);
  const blanked = withUnit.reduce(
    (text, q) => text.slice(0, q.from) + '\u0001'.repeat(q.to - q.from) + text.slice(q.to),
    plain,
  );
  const inUnits = withUnit.flatMap((q) =>
    scanWords(plain.slice(q.from, q.to)).flatMap((m): readonly Mention[] => {
      const meanings = m.meanings.filter((x) => x.kind === 'basis' || x.kind === 'trade');
      return meanings.length > 0 ? [{ meanings, from: m.from + q.from, to: m.to + q.from }] : [];
    }),
  );
  const mentions = [...scanWords(blanked), ...inUnits].sort((a, b) => a.from - b.from);
  return {
    line: plain,
    places: closed.places,
    written: line,
    offset,
    mentions,
    quantities,
    ...(machine === undefined ? {} : { machine }),
    ...(origin === undefined ? {} : { origin }),
  };
}
