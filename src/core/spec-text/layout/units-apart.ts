import { writtenUnit } from '../lattice/written-units';
import { cellsOf, type Cell } from './cells';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines, withMarks, type TextLine } from './text-lines';

/** So many rows or lines alike make a layout of it. */
const LEAST = 3;
const NUMBER = /^\s*[~≈]?\d[\d.,' ]*(?:[/–-] ?\d[\d.,' ]*)?\s*$/u;

const isUnit = (words: string): boolean =>
  writtenUnit(
    (words.trim().split(/\s?@|\s?\/\s?(?:rpm|min)|\s(?:at|bei|à|a)\s/u)[0] ?? '').trim(),
  ) !== undefined;

/** "868", and on the next line "mm": one line. Place for place. */
function unitsBelow(text: string): string {
  const lines = textLines(text).filter(({ words }) => words.trim() !== '');
  const marks = new Map<number, string>();
  let found = 0;
  lines.forEach((line, i) => {
    const number = lines[i - 1];
    if (!number || !NUMBER.test(number.words) || !isUnit(line.words)) return;
    found += 1;
    for (let at = number.to; at < line.from; at += 1) marks.set(at, ' ');
  });
  return found < LEAST ? text : withMarks(text, marks);
}

type Row = { readonly line: TextLine; readonly cells: readonly Cell[] };

/** "Seat height | mm | 868". */
const hasUnitColumn = ({ cells }: Row): boolean =>
  cells.length >= 3 && isUnit(cells[1]?.text ?? '') && /^[~≈]?\d/u.test(cells[2]?.text ?? '');

/** Rows with their unit in the second column: label and unit, then the value. */
function unitColumn(placed: PlacedText): PlacedText {
  const rows = textLines(placed.text).map((line) => ({ line, cells: cellsOf(line.words) }));
  const wide = rows.filter((r) => r.cells.length >= 3);
  const marked = wide.filter(hasUnitColumn);
  if (marked.length < LEAST || marked.length < wide.length / 2) return placed;
  const stretch = ({ line }: Row, cell: Cell): Piece => ({
    from: line.from + cell.from,
    to: line.from + cell.to,
  });
  return composed(
    placed,
    rows.flatMap((row): readonly Piece[] => {
      const [label, unit, value, ...more] = row.cells;
      // With more values behind it, it compares several machines.
      if (!label || !unit || !value || more.some((c) => c.text !== ''))
        return [{ from: row.line.from, to: row.line.to }, '\n'];
      return hasUnitColumn(row)
        ? [stretch(row, label), ' (', stretch(row, unit), ')\t', stretch(row, value), '\n']
        : [stretch(row, label), '\t', stretch(row, value), '\n'];
    }),
  );
}

/** Units that stand in a column or a line of their own, brought to their label or number. */
export const withUnits = (placed: PlacedText): PlacedText =>
  unitColumn({ ...placed, text: unitsBelow(placed.text) });
