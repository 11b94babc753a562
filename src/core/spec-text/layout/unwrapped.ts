import { spelt } from '../vocabulary/letters';
import { composed, type Piece, type PlacedText } from './placed-text';

/** Narrower than any mail, column of a page or caption that cuts sentences; wider than any that is cut by hand. */
const NARROWEST = 28;
const WIDEST = 110;
/** So many of the breaks of a paragraph that was cut to a width stand where the next word would not have fitted. */
const MOSTLY_FULL = 0.8;
/** So many of its lines go on in small letters: in German, whose nouns are written large, about half. */
const MOSTLY_ON = 0.4;
/** Of lines that are full, every one, fewer need to. */
const SOME_ON = 0.3;
/** So many words stand in the first of two lines that were one. */
const LEAST_WORDS = 8;
/** Of captions, which end with the breath, so many lines stop at a word that no sentence ends with. */
const CUT_OFF = 0.12;
const LEAST_CUT_OFF = 2;

/** Words that nothing ends with: what follows them stands on the next line. Common usage, no source. */
const HANGING = spelt(
  /(?<![\p{L}\d])(?:the|an?|and|or|of|to|in|on|at|with|for|from|by|is|are|was|it's|that|this|but|so|if|than|about|your|my|its|their|you|i|we|has|have|got|which|as|hundred and|hundred|thousand|point|der|die|das|den|dem|ein|eine|einen|und|oder|mit|von|vom|zum|bei|auf|für|ist|sind|sie|ich|hat|wie|nicht|le|la|les|un|une|des|du|et|ou|de|à|en|avec|pour|est|sur|il|elle|je|que|qui|el|los|las|con|por|y|es|para|una|lo|gli|di|da|per|che|è|e|het|een|van|met|op|og|med|på|som|er|är|och|att|av|com|do|i|z|na|w|je|se)\s*$/iu,
);
/** A sentence, a clause or a label ends here. */
const ENDS = /[.!?:;…]["')\]]*\s*$/u;
/** A sentence ends within the line, and another begins. */
const INNER_END = spelt(/\p{L}{2}[.!?] \p{L}/u);
const GOES_ON = spelt(/^\s*(?:[\p{Ll}(&+]|\d)/u);
const GOES_ON_SMALL = spelt(/^\s*\p{Ll}/u);
/** A point of a list, a cell, a label with its colon, a name with its number alone: a line of its own. */
const OWN_LINE = spelt(
  /^\s*(?:[-*•·+–—✓✔✅>#|]|\d{1,2}[.)] |[a-h]\) )|[\t|]|\.{3}|^\s*\p{L}[\p{L} '()/-]{1,38} ?[:=](?!\S)/u,
);

/** Letters are of several widths: where so much of the widest line is filled, the next word may not have fitted. */
const SLACK = 0.88;

interface Row {
  readonly text: string;
  /** Where its break stands. */
  readonly end: number;
}

const firstWord = (line: string): number => /^\s*\S+/u.exec(line)?.[0].trim().length ?? 0;

/** Whether the next line's first word would have gone over the width. */
const isFull = (line: Row, next: Row, width: number): boolean =>
  line.text.trim().length + 1 + firstWord(next.text) > width * SLACK;

const words = (row: Row | undefined): number => row?.text.match(/\p{L}{2,}/gu)?.length ?? 0;
const widthOf = (rows: readonly Row[]): number =>
  rows.reduce((most, r) => Math.max(most, r.text.trim().length), 0);

/** Lines between blank ones. */
function blocksOf(text: string): readonly (readonly Row[])[] {
  const blocks: Row[][] = [[]];
  let at = 0;
  for (const line of text.split('\n')) {
    if (line.trim() === '') blocks.push([]);
    else blocks.at(-1)?.push({ text: line, end: at + line.length });
    at += line.length + 1;
  }
  return blocks.filter((b) => b.length > 1);
}

/** Breaks of a block behind which its own line does not begin, as pairs of the line before and behind. */
const breaksOf = (rows: readonly Row[]): readonly (readonly [Row, Row])[] =>
  rows.slice(1).flatMap((next, i) => {
    const line = rows[i];
    return line && !OWN_LINE.test(next.text) ? [[line, next] as const] : [];
  });

const share = <T>(all: readonly T[], is: (one: T) => boolean): number =>
  all.length === 0 ? 0 : all.filter(is).length / all.length;

/** Places of the breaks of a block that were put there by a width. */
function cutByWidth(rows: readonly Row[], widest: number): readonly number[] {
  const own = widthOf(rows);
  const width = widest <= WIDEST ? widest : own;
  if (width < NARROWEST || own > WIDEST) return [];
  const breaks = breaksOf(rows);
  const full = breaks.filter(([line, next]) => isFull(line, next, width));
  const open = full.filter(([line]) => !ENDS.test(line.text));
  const listed = share(rows, (r) => OWN_LINE.test(r.text));
  if (full.length > 0 && open.length > 0 && breaks.length >= rows.length / 2 && listed < 0.5) {
    const hanging = open.some(([line]) => HANGING.test(line.text));
    // Lines that are full, every one: few rows of a sheet are all so long.
    const filled =
      full.length === breaks.length &&
      (breaks.length > 1 || words(rows[0]) >= LEAST_WORDS) &&
      !isListed(rows, hanging) &&
      open.length >= full.length * MOSTLY_ON &&
      (hanging || share(open, ([, next]) => GOES_ON_SMALL.test(next.text)) >= SOME_ON);
    // Narrower ones are full, most of them, and go on in the middle of a sentence.
    const goesOn =
      full.length >= breaks.length * MOSTLY_FULL &&
      share(open, ([, next]) => GOES_ON.test(next.text)) >= MOSTLY_ON &&
      (hanging || isProse(rows));
    if (filled || goesOn) return full.map(([line]) => line.end);
  }
  // Rows of a sheet, which begin large, and one of them was too long.
  const large = share(rows, (r) => !GOES_ON_SMALL.test(r.text)) > 0.5;
  return large
    ? open
        .filter(([line, next]) => GOES_ON_SMALL.test(next.text) && line.text.length > NARROWEST)
        .map(([line]) => line.end)
    : [];
}

/** "weighs a hundred and", and on the next line "ninety four kilos": one number, whatever is about it. */
const NUMBER_CUT = spelt(
  /(?<!\p{L})(?:hundred(?: and)?|thousand and|point|hundert|komma|virgule|virgola|coma)\s*$/iu,
);
const NUMBER_GOES_ON = spelt(
  /^\s*(?:hundred|thousand|grand|point \p{L}|and a (?:half|quarter)|tausend|komma|mille|mila|virgule|virgola)(?!\p{L})/iu,
);
const SAID = spelt(/\p{L}\s*$/u);
const cutNumbers = (rows: readonly Row[]): readonly number[] =>
  breaksOf(rows)
    .filter(([line, next]) =>
      SAID.test(line.text)
        ? NUMBER_GOES_ON.test(next.text) ||
          (NUMBER_CUT.test(line.text) && GOES_ON_SMALL.test(next.text))
        : false,
    )
    .map(([line]) => line.end);

/** Rows in small letters, each with a number and none that goes on: a list by somebody who uses no capitals. */
const LEAST_LISTED = 4;
const isListed = (rows: readonly Row[], hanging: boolean): boolean =>
  !hanging &&
  rows.length >= LEAST_LISTED &&
  rows.slice(1).every((r) => GOES_ON_SMALL.test(r.text) && /\d/.test(r.text));

/** More words than numbers, line by line, as no row of a sheet has. */
const isProse = (rows: readonly Row[]): boolean => {
  const said = rows.reduce((sum, r) => sum + words(r), 0);
  const numbers = rows.reduce((sum, r) => sum + (r.text.match(/\d[\d.,]*/gu)?.length ?? 0), 0);
  return said >= rows.length * 4 && said > numbers * 4;
};

/** Captions and texts cut by hand: short lines that end with the breath, and go on in small letters. */
function cutByBreath(rows: readonly Row[]): readonly number[] {
  if (widthOf(rows) > WIDEST || !isProse(rows)) return [];
  const breaks = breaksOf(rows);
  const open = breaks.filter(([line]) => !ENDS.test(line.text));
  const hanging = breaks.filter(([line]) => HANGING.test(line.text)).length;
  const breathless = hanging >= LEAST_CUT_OFF && hanging >= breaks.length * CUT_OFF;
  // Sentences that end within the lines, and lines that end within sentences.
  const sentences = rows.some((r) => INNER_END.test(r.text)) && hanging > 0;
  const on = share(open, ([, next]) => GOES_ON.test(next.text));
  return on > 0.5 && (breathless || sentences) ? open.map(([line]) => line.end) : [];
}

/**
 * Running text that was cut into lines of one width, as mails, columns and copied pages are, or into captions, set together again: each
 * such break, with the blanks about it, becomes one blank. Lists, tables and rows of a sheet stay as they are.
 */
export function unwrapped(placed: PlacedText): PlacedText {
  const { text } = placed;
  const blocks = blocksOf(text);
  const widest = widthOf(text.split('\n').map((line) => ({ text: line, end: 0 })));
  const cuts = blocks.flatMap((rows) => {
    const byWidth = cutByWidth(rows, widest);
    if (byWidth.length > 0) return byWidth;
    const byBreath = cutByBreath(rows);
    return byBreath.length > 0 ? byBreath : cutNumbers(rows);
  });
  if (cuts.length === 0) return placed;
  const pieces: Piece[] = [];
  let from = 0;
  for (const at of cuts) {
    pieces.push({ from, to: from + text.slice(from, at).trimEnd().length }, ' ');
    from = at + 1 + (/^\s*/u.exec(text.slice(at + 1, at + 1 + WIDEST))?.[0].length ?? 0);
  }
  return composed(placed, [...pieces, { from, to: text.length }]);
}
