import { spelt } from '../vocabulary/letters';
import { cellsOf, spacedCells, type Cell } from './cells';
import { isLabel, isPlainLabel, labelMeaning, mayAnswer } from './labels';
import type { PlacedText } from './placed-text';
import { textLines, withMarks, type TextLine } from './text-lines';

/** So many rows of pairs, and this share of the rows that are as wide, make a layout of it. */
const LEAST_ROWS = 2;
const SHARE = 0.7;
/** So many cells of a run, and this share of them, have a label and a colon. */
const LEAST_CELLS = 3;
const LEAST_COLONS = 4;
const MARKED = spelt(/^\s*[{"*]*\p{L}[^:|]{1,40}:\**\s*\S/u);

/** "Power: 35 kW": a label, a colon, a value. */
const isLabelled = (item: string): boolean => isLabel(item.slice(0, item.indexOf(':')));

/** What parts the items of a run. */
const PARTS = [
  /(?<="),(?=\s?")/g,
  /\t/g,
  /\|/g,
  /[•·]/g,
  /;/g,
  /(?<= )\/(?= )/g,
  /(?<= {2}) (?=\S)/g,
];

/** "Power: 35 kW | Torque: 44 Nm | …": each item has its own label, so that each is a line. Place for place. */
function runsApart(text: string): string {
  const marks = new Map<number, string>();
  for (const { words, from } of textLines(text))
    for (const part of PARTS) {
      const items = words.split(part).filter((c) => c.trim() !== '');
      const marked = items.filter((c) => MARKED.test(c)).length;
      const all = items.length === 2 && marked === 2 && items.every((c) => isLabelled(c));
      if (!all && (items.length < LEAST_CELLS || marked < items.length * SHARE)) continue;
      for (const { index } of words.matchAll(part)) marks.set(from + index, '\n');
      break;
    }
  return withMarks(text, marks);
}

const COLON = /:(?=\s?\S)/g;
const MOST_WORDS = 5;

/** Where the label before a colon begins: the longest words that are one, behind a blank. */
function labelBefore(line: string, from: number, colon: number): number | undefined {
  const blanks = [...line.slice(from, colon).matchAll(/ /g)].map((m) => from + m.index);
  return blanks.slice(-MOST_WORDS).find((blank) => isPlainLabel(line.slice(blank + 1, colon)));
}

/** "Power: 35 kW Torque: 44 Nm Weight: …" without anything between: each label begins a line. Place for place. */
function colonsApart(text: string): string {
  const marks = new Map<number, string>();
  for (const { words, from } of textLines(text)) {
    const colons = [...words.matchAll(COLON)].map((m) => m.index);
    if (colons.length < LEAST_COLONS) continue;
    const starts = colons
      .slice(1)
      .map((colon, i) => labelBefore(words, (colons[i] ?? 0) + 1, colon))
      .filter((s) => s !== undefined);
    if (starts.length < (colons.length - 1) * SHARE) continue;
    for (const start of starts) marks.set(from + start, '\n');
  }
  return withMarks(text, marks);
}

interface Row {
  readonly line: TextLine;
  readonly cells: readonly Cell[];
}

/** "Displacement | 449 cc | Compression | 11.8:1": label, value, label, value. */
function isPairs({ cells }: Row): boolean {
  return (
    cells.length >= 4 &&
    cells.length % 2 === 0 &&
    cells.every((cell, i) =>
      i % 2 === 0
        ? isLabel(cell.text) || (i > 0 && cell.text === '')
        : mayAnswer(labelMeaning(cells[i - 1]?.text ?? ''), cell.text),
    )
  );
}

/** Rows of pairs, each pair on a line of its own. Place for place. */
function pairsApart(text: string): string {
  const rows = textLines(text).map((line) => {
    const marked = cellsOf(line.words);
    return { line, cells: marked.length >= 2 ? marked : spacedCells(line.words) };
  });
  const wide = rows.filter((r) => r.cells.length >= 4);
  const pairs = wide.filter(isPairs);
  if (pairs.length < LEAST_ROWS || pairs.length < wide.length / 2) return text;
  const marks = new Map<number, string>();
  // A label that is not known has its value beside it all the same.
  for (const { line, cells } of wide.filter((r) => r.cells.length % 2 === 0))
    cells.forEach((cell, i) => {
      if (i > 0 && i % 2 === 0) marks.set(line.from + cell.from - 1, '\n');
    });
  return withMarks(text, marks);
}

/** Several labels with their values on one line, each on a line of its own. */
export const onePairALine = (placed: PlacedText): PlacedText => ({
  ...placed,
  text: colonsApart(pairsApart(runsApart(placed.text))),
});
