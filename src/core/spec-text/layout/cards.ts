import type { HeaderMeaning } from '../read-header';
import { cellsOf, spacedCells, type Cell } from './cells';
import { fits, isValue, labelMeaning, mayAnswer } from './labels';
import { labelsThenValues } from './labels-then-values';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines, withMarks, type TextLine } from './text-lines';

/** So many labels whose values fit them by their unit make a layout of it. */
const LEAST = 3;
const SHORT = 64;

interface Told {
  readonly line: TextLine;
  readonly meaning: HeaderMeaning | undefined;
}
const filled = (text: string): readonly Told[] =>
  textLines(text)
    .filter(({ words }) => words.trim() !== '')
    .map((line) => ({
      line,
      meaning: line.words.length <= SHORT ? labelMeaning(line.words) : undefined,
    }));

/** How many labels have a value that fits by its unit on the line before, or behind. */
const fitting = (lines: readonly Told[], step: -1 | 1): number =>
  lines.filter((l, i) => fits(l.meaning, lines[i + step]?.line.words ?? '') === 'yes').length;

/** "Cooling" over "Liquid", where figures stand over their values too: one line. Place for place. */
function factsOverValues(text: string): string {
  const lines = filled(text);
  const below = fitting(lines, 1);
  if (below < LEAST || below <= fitting(lines, -1)) return text;
  const marks = new Map<number, string>();
  lines.forEach(({ line, meaning }, i) => {
    const [value, next] = [lines[i + 1], lines[i + 2]];
    if (meaning?.kind !== 'fact' || !value || value.line.words.length > SHORT) return;
    if (next && !next.meaning) return;
    const label = line.words.search(/[^\s#*]/u);
    for (let at = line.from; at < line.from + label; at += 1) marks.set(at, ' ');
    for (let at = line.to; at < value.line.from; at += 1)
      marks.set(at, at === line.to ? '\t' : ' ');
  });
  return withMarks(text, marks);
}

/** "865 mm" over "Seat height": the big number of a page and what it is below it; the label first. */
function valuesOverLabels(placed: PlacedText): PlacedText {
  const lines = filled(placed.text);
  const above = fitting(lines, -1);
  if (above < LEAST || above <= fitting(lines, 1)) return placed;
  const pieces: Piece[] = [];
  let at = 0;
  lines.forEach(({ line: label, meaning }, i) => {
    const value = lines[i - 1]?.line;
    if (!meaning || !value || value.from < at || fits(meaning, value.words) === 'no') return;
    if (!mayAnswer(meaning, value.words)) return;
    if (!isValue(value.words) && meaning.kind === 'figure') return;
    pieces.push({ from: at, to: value.from }, ...pairPieces([{ label, value }]));
    at = label.to;
  });
  return composed(placed, [...pieces, { from: at, to: placed.text.length }]);
}

/** Labels and the values that are theirs, each pair a line. */
const pairPieces = (
  pairs: readonly { readonly label: Piece; readonly value: Piece }[],
): readonly Piece[] => pairs.flatMap(({ label, value }) => [label, '\t', value, '\n']);

const stretch = (line: TextLine, cell: Cell): Piece => ({
  from: line.from + cell.from,
  to: line.from + cell.to,
});

interface CardRow {
  readonly labels: TextLine;
  readonly values: TextLine;
  /** Labels that are known, and those whose value fits by its unit. */
  readonly known: number;
  readonly fit: number;
  readonly pairs: readonly { readonly label: Piece; readonly value: Piece }[];
}

const cellsIn = (words: string): readonly Cell[] => {
  const marked = cellsOf(words);
  return marked.length >= 2 ? marked : spacedCells(words);
};

/** A row of labels and the row of as many values under it. */
function cardRow(labels: TextLine, values: TextLine | undefined): CardRow | undefined {
  const [heads, told] = [cellsIn(labels.words), cellsIn(values?.words ?? '')];
  if (!values || heads.length < 2 || heads.length !== told.length) return undefined;
  if (heads.some((h) => isValue(h.text))) return undefined;
  const meanings = heads.map((h) => labelMeaning(h.text));
  const fit = told.map((c, i) => fits(meanings[i], c.text));
  if (fit.includes('no') || !told.every((c, i) => mayAnswer(meanings[i], c.text))) return undefined;
  return {
    labels,
    values,
    known: meanings.filter((m) => m !== undefined).length / heads.length,
    fit: fit.filter((f) => f === 'yes').length,
    pairs: heads.flatMap((head, i) => {
      const value = told[i];
      return value ? [{ label: stretch(labels, head), value: stretch(values, value) }] : [];
    }),
  };
}

/** A row of so many labels over one of values is one machine by itself. */
const LEAST_IN_ONE = 6;
/** This share of a row's labels is known in a row that makes a layout of it. */
const KNOWN = 0.7;

/** Rows of labels, each over a row of its values, as cards stand side by side: a pair a line. */
function cardsApart(placed: PlacedText): PlacedText {
  const lines = textLines(placed.text);
  const full = lines.filter(({ words }) => words.trim() !== '');
  const rows = new Map<number, CardRow>();
  for (let i = 0; i < full.length; i += 1) {
    const label = full[i];
    const row = label && cardRow(label, full[i + 1]);
    if (!row) continue;
    rows.set(row.labels.from, row);
    i += 1;
  }
  const sure = [...rows.values()].filter((r) => r.known >= KNOWN);
  const [first] = sure;
  const isOne = sure.length === 1 && first !== undefined && first.pairs.length >= LEAST_IN_ONE;
  if (!isOne && sure.length < 2) return placed;
  if (sure.reduce((n, r) => n + r.fit, 0) < LEAST) return placed;
  const values = new Set([...rows.values()].map((r) => r.values.from));
  return composed(
    placed,
    lines.flatMap((line): readonly Piece[] => {
      const row = rows.get(line.from);
      if (row) return pairPieces(row.pairs);
      return values.has(line.from) ? [] : [{ from: line.from, to: line.to }, '\n'];
    }),
  );
}

/** A value at the beginning of a line or a cell. */
const VALUES = /(?:^|[\t|;]| {2}) ?[~≈]?[£$€]? ?\d/gmu;

/** Labels and values that stand in rows, columns or lines of their own, brought together. */
export function cardsAsLines(placed: PlacedText): PlacedText {
  if ((placed.text.match(VALUES)?.length ?? 0) < LEAST) return placed;
  const apart = labelsThenValues(cardsApart(placed));
  return valuesOverLabels({ ...apart, text: factsOverValues(apart.text) });
}
