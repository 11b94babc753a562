/** A cell of a row and its place in the line. */
export interface Cell {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

const RULE = /^[\s|:+-]+$/;

/** "Max. torque / Couple maxi / Drehmoment: 62 Nm": one label in several languages. */
const IN_TONGUES = /^[^:/\d]{2,40}(?: \/ [^:/\d]{2,40})+: ?[^:]*\d/u;

/** What parts the cells of a row: tabs, bars, slashes between blanks, or commas and semicolons without spaces. */
function markOf(line: string): string | undefined {
  if (line.includes('\t')) return '\t';
  if (line.includes('|')) return '|';
  if (line.split(' / ').length >= 4 && !IN_TONGUES.test(line)) return ' / ';
  return [';', ','].find(
    (m) =>
      line.split(m).length >= 4 &&
      !line.includes(`${m} `) &&
      line.length / line.split(m).length < 24,
  );
}

/** The cells of a row by tabs or bars, with their places in the line; two at least. */
export function cellsOf(line: string): readonly Cell[] {
  const mark = markOf(line);
  if (mark === undefined || RULE.test(line)) return [];
  const cells: Cell[] = [];
  let from = 0;
  for (const part of line.split(mark)) {
    cells.push({ text: part.trim(), from, to: from + part.length });
    from += part.length + mark.length;
  }
  const outer = mark === '|' && /^\s*\|/.test(line);
  const inner = outer ? cells.slice(1, /\|\s*$/.test(line) ? -1 : undefined) : cells;
  return inner.length >= 2 ? inner : [];
}

/** The same of a table set with blanks: two or more between its cells. */
export function spacedCells(line: string): readonly Cell[] {
  const cells: Cell[] = [];
  let from = 0;
  for (const gap of line.matchAll(/ {2,}/g)) {
    cells.push({ text: line.slice(from, gap.index).trim(), from, to: gap.index });
    from = gap.index + gap[0].length;
  }
  cells.push({ text: line.slice(from).trim(), from, to: line.length });
  return cells.filter((c, i) => c.text !== '' || i === 0);
}
