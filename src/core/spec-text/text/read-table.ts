import { figureDefinition, findReadingFault } from '../../readings';
import { scanQuantities } from '../lattice/scan-quantities';
import { possibleAmounts } from '../link/senses';
import { sensesOf } from '../link/dimensions';
import type { FigureProposal, Proposal } from '../proposal';
import { isGrave } from '../proposal';
import { readHeader, type HeaderMeaning } from '../read-header';
import { readFactValue } from '../read-facts';
import { labelOf } from '../vocabulary/lexicon';
import type { Line } from './lines';
import type { Survey } from './survey';

interface Cell {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

const RULE = /^[\s|:+-]+$/;

/** What parts the cells of a row: tabs, bars, slashes between blanks, or commas and semicolons without spaces. */
function markOf(line: string): string | undefined {
  if (line.includes('\t')) return '\t';
  if (line.includes('|')) return '|';
  if (line.split(' / ').length >= 4) return ' / ';
  return [';', ','].find(
    (m) =>
      line.split(m).length >= 4 &&
      !line.includes(`${m} `) &&
      line.length / line.split(m).length < 24,
  );
}

/** The cells of a row by tabs or bars, with their places in the line; two at least. */
function cellsOf(line: string): readonly Cell[] {
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

/** Machines laid side by side: each a name and the lines that are its own, place for place as they stood. */
export type TableMachines =
  | {
      readonly kind: 'columns';
      readonly machines: readonly {
        readonly name: string | undefined;
        readonly lines: readonly Line[];
      }[];
    }
  | {
      readonly kind: 'rows';
      readonly machines: readonly {
        readonly name: string;
        readonly proposals: readonly Proposal[];
      }[];
    };

/** A table of several machines, as columns or as rows; `undefined` when the text is none. */
export function readMachineTable(
  lines: readonly Line[],
  survey: Survey,
): TableMachines | undefined {
  const rows = lines
    .map((line) => ({ line, cells: cellsOf(line.line) }))
    .filter((r) => r.cells.length >= 2);
  const [head, ...body] = rows;
  if (!head || body.length === 0 || head.cells.length < 3) return columnsOfTwo(rows);
  const meanings = head.cells.map((c) => readHeader(c.text));
  const known = meanings.filter((m) => m !== undefined).length;
  if (known >= 2 && known >= (head.cells.length - 1) / 2)
    return { kind: 'rows', machines: body.map((row) => rowMachine(row, meanings, survey)) };
  return asColumns(rows);
}

/** A column that gives the same machine in other units. */
const UNIT_COLUMN =
  /^(?:metric|us|u\.s\.|usa|us customary|imperial|si|uk|eu|europe|metrisch|imperiale?|métrique|metrico|métrico|inches|mm|standard)(?: units?| system)?$/iu;

/** Each row by the first of its columns that says something. */
const inOneUnit = (rows: readonly Row[]): readonly Line[] =>
  rows.flatMap(({ line, cells }) => {
    const first = cells.findIndex((c, i) => i > 0 && c.text !== '');
    return first < 0 ? [] : [{ offset: line.offset, line: onlyColumn(line.line, cells, first) }];
  });

type Row = { readonly line: Line; readonly cells: readonly Cell[] };

const isLabelled = (row: Row) =>
  labelOf(row.cells[0]?.text.replace(/\s*[([].*$/, '') ?? '') !== undefined ||
  readHeader(row.cells[0]?.text ?? '') !== undefined;

function asColumns(rows: readonly Row[]): TableMachines | undefined {
  const [head, ...body] = rows;
  if (!head) return undefined;
  const width = head.cells.length;
  const like = body.filter((r) => r.cells.length === width);
  if (width < 3 || like.length < 2 || like.filter(isLabelled).length < 2) return undefined;
  if (head.cells.slice(1).some((c) => c.text === '' || labelOf(c.text) !== undefined))
    return undefined;
  if (head.cells.slice(1).every((c) => UNIT_COLUMN.test(c.text)))
    return { kind: 'columns', machines: [{ name: undefined, lines: inOneUnit(like) }] };
  return {
    kind: 'columns',
    machines: head.cells.slice(1).map((name, i) => ({
      name: name.text,
      lines: like.map(({ line, cells }) => ({
        offset: line.offset,
        line: onlyColumn(line.line, cells, i + 1),
      })),
    })),
  };
}

/** A table of two columns is one machine: label and value. */
const columnsOfTwo = (rows: readonly Row[]): TableMachines | undefined =>
  rows.every((r) => r.cells.length === 2) ? undefined : asColumns(rows);

/** The row with all cells but the label and one value blanked out; places stay true. */
function onlyColumn(line: string, cells: readonly Cell[], column: number): string {
  let out = '';
  let at = 0;
  cells.forEach((cell, i) => {
    out += line.slice(at, cell.from);
    const text = line.slice(cell.from, cell.to);
    out += i === 0 || i === column ? text : ' '.repeat(text.length);
    at = cell.to;
  });
  return (out + line.slice(at))
    .replace(/\|/g, ' ')
    .replace(/^(\s*\S[^\t]*?)\s{2}/, (all, label: string) =>
      `${label} :`.padEnd(all.length).slice(0, all.length),
    );
}

function rowMachine(
  { line, cells }: Row,
  meanings: readonly (HeaderMeaning | undefined)[],
  survey: Survey,
) {
  const name = cells
    .filter((c, i) => meanings[i] === undefined && /\p{L}{2}/u.test(c.text))
    .map((c) => c.text)
    .join(' ');
  const proposals = cells.flatMap((cell, i): readonly Proposal[] => {
    const meaning = meanings[i];
    const made =
      meaning && cell.text !== '' ? cellProposal(cell, meaning, line, survey) : undefined;
    return made ? [made] : [];
  });
  return { name, proposals };
}

function cellProposal(
  cell: Cell,
  meaning: HeaderMeaning,
  line: Line,
  survey: Survey,
): Proposal | undefined {
  const at = line.line.indexOf(cell.text, cell.from);
  const place = {
    words: cell.text,
    from: line.offset + at,
    to: line.offset + at + cell.text.length,
  };
  if (meaning.kind === 'fact') {
    const value = readFactValue(meaning.key, cell.text);
    return value === undefined
      ? undefined
      : { kind: 'fact', key: meaning.key, value, ...place, doubts: [], ticked: true };
  }
  const [q] = scanQuantities(cell.text);
  if (!q) return undefined;
  const { key, basis } = meaning;
  const { dimension } = figureDefinition(key);
  const sense = sensesOf(q.unit, survey).find((x) => x.dimension === dimension);
  const units =
    sense?.units ??
    (meaning.unit
      ? [meaning.unit]
      : meaning.gallonUnclear
        ? (sensesOf(key === 'consumption' ? 'mpg' : 'gallon', survey)[0]?.units ?? [])
        : []);
  const [first] = possibleAmounts(key, q.amounts, units);
  if (!first) return undefined;
  if (findReadingFault(key, { ...first, basis, origin: 'claimed', note: '' })) return undefined;
  const doubts: FigureProposal['doubts'] = units.length > 1 ? [{ code: 'gallon-unclear' }] : [];
  return {
    kind: 'figure',
    key,
    amount: first.amount,
    unit: first.unit,
    basis,
    ...place,
    doubts,
    ticked: !doubts.some((d) => isGrave(d, key)),
  };
}
