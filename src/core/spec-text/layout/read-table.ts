import { spelt } from '../vocabulary/letters';
import { figureDefinition, findReadingFault, type Origin } from '../../readings';
import { scanQuantities } from '../lattice/scan-quantities';
import { OTHER_END } from '../link/ends';
import { bareUnits, possibleAmounts } from '../link/senses';
import { sensesOf } from '../link/dimensions';
import type { UnitId } from '../../units';
import type { Quantity } from '../lattice/quantity';
import type { TextUnit } from '../lattice/written-units';
import type { Doubt, FigureProposal, Proposal } from '../proposal';
import { isGrave } from '../proposal';
import { readHeader, type HeaderMeaning } from '../read-header';
import { readFactValue } from '../facts';
import { labelOf } from '../vocabulary/lexicon';
import type { Line } from '../text/lines';
import type { Survey } from '../text/survey';
import { cellsOf, spacedCells, type Cell } from './cells';

/** Heads of columns that tell of one machine all the same. */
export const ONE_MACHINE = spelt(
  /^(?:front|rear|vorn\p{L}*|hinten|avant|arrière|anteriore|posteriore|delanter\p{L}*|traser\p{L}*|solo|loaded|min|max|from|to|stock|standard|std|mine|before|after|now|then|claimed|quoted|measured|tested|actual|weighed|serie|original|meine?|vorher|nachher|gemessen|origine|di serie|de serie|(?:service |wear |repair )?limits?|verschlei(?:ß|ss)(?:grenze|maß)|grenzwert|limite(?: de service| d['’]usure| di usura| de desgaste)?|slijtagegrens|\d.*)\.?$/iu,
);

/** Heads of columns that say who gave the figures below them; common usage, no source. */
const CLAIMED_COLUMN =
  /^(?:claimed|quoted|official|factory|maker(?:['’]s(?: figures?| data)?)?|manufacturer(?:['’]s)?|brochure|spec(?:s| sheet)?|on paper|werk(?:sangaben?)?|hersteller(?:angaben?)?|annoncée?s?|constructeur|dichiarat[oaie]|casa|declarad[oa]s?|fabricante|opgegeven|fabrieksopgave)$/iu;
const MEASURED_COLUMN =
  /^(?:measured|tested|actual|weighed|as tested|our (?:test|figures|data|measurements?)|test(?:ed)? (?:figures|data)|gemessen|messwerte?|mesurée?s?|rilevat[oaie]|misurat[oaie]|medid[oa]s?|gemeten)$/iu;
const originOf = (head: string): Origin | undefined =>
  CLAIMED_COLUMN.test(head) ? 'claimed' : MEASURED_COLUMN.test(head) ? 'measured' : undefined;
/** As it came, in a table that says beside it what somebody made of it. */
const STOCK_COLUMN =
  /^(?:stock|standard|std|nominal|sollwert|original|oem|as it came|before|then|serie|vorher|origine|d['’]origine|avant|di serie|prima|de serie|antes|standaard|voorheen)$/iu;

/** A table set with blanks: a line of names over lines of as many cells that each open with a label. */
function spacedTable(lines: readonly Line[]): TableMachines | undefined {
  const rows = lines
    .map((line) => ({ line, cells: spacedCells(line.line) }))
    .filter((r) => r.cells.length >= 3);
  const named = rows[0]?.cells.slice(1) ?? [];
  return named.some((c) => ONE_MACHINE.test(c.text)) &&
    !named.every((c) => ONE_MACHINE.test(c.text) || originOf(c.text) !== undefined)
    ? undefined
    : titled(asColumns(rows), lines, rows);
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
        /** Where columns of their own say them. */
        readonly maker?: string;
        readonly model?: string;
        readonly proposals: readonly Proposal[];
      }[];
    };

/** "Price £9,899", "Kerb weight 153 kg": a label with its figure is no head of a column. */
const TELLS = /^[^([\d]*\d{2}/u;

/** A table of several machines, as columns or as rows; `undefined` when the text is none. */
export function readMachineTable(
  lines: readonly Line[],
  survey: Survey,
): TableMachines | undefined {
  const rows = lines
    .map((line) => ({ line, cells: cellsOf(line.line) }))
    .filter((r) => r.cells.length >= 2);
  const [head, ...body] = rows;
  if (!head) return spacedTable(lines);
  if (body.length === 0 || head.cells.length < 3) return columnsOfTwo(rows);
  const meanings = head.cells.map((c) => readHeader(c.text));
  const known = meanings.filter((m) => m !== undefined).length;
  const told = head.cells.filter((c, i) => meanings[i] !== undefined && TELLS.test(c.text)).length;
  if (known >= 2 && known >= (head.cells.length - 1) / 2 && told < known / 2)
    return {
      kind: 'rows',
      machines: body.map((row) => rowMachine(row, head.cells, meanings, survey)),
    };
  return titled(asColumns(rows), lines, rows);
}

/** A table of one machine takes the lines that stand above it, its name among them. */
function titled(
  table: TableMachines | undefined,
  lines: readonly Line[],
  [head]: readonly Row[],
): TableMachines | undefined {
  if (table?.kind !== 'columns' || table.machines.length !== 1 || !head) return table;
  const above = lines.filter((l) => l.offset < head.line.offset);
  return {
    ...table,
    machines: table.machines.map((m) => ({ ...m, lines: [...above, ...m.lines] })),
  };
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
  const heads = head.cells.slice(1).map((c) => c.text.trim());
  const column = (i: number) =>
    like.map(({ line, cells }) => ({
      offset: line.offset,
      line: onlyColumn(line.line, cells, i + 1),
    }));
  const origins = heads.map(originOf);
  if (origins.every((o) => o !== undefined))
    return {
      kind: 'columns',
      machines: [
        {
          name: undefined,
          lines: origins.flatMap((origin, i) => column(i).map((line) => ({ ...line, origin }))),
        },
      ],
    };
  if (heads.every((h) => ONE_MACHINE.test(h))) {
    const stock = heads.findIndex((h) => STOCK_COLUMN.test(h));
    return stock < 0
      ? undefined
      : { kind: 'columns', machines: [{ name: undefined, lines: column(stock) }] };
  }
  return {
    kind: 'columns',
    machines: head.cells.slice(1).map((name, i) => ({
      name: name.text,
      lines: column(i),
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

const MAKER_HEAD = spelt(
  /^(?:make|maker|brand|manufacturer|marke|hersteller|marque|marca|merk|märke|mærke|merke|značka|merkki|marka)$/iu,
);
const MODEL_HEAD = spelt(/^(?:model|modell|modèle|modelo|modello|malli)$/iu);
const YEAR_HEAD = spelt(
  /^(?:(?:model )?year|baujahr|modelljahr|année|año|anno|bouwjaar|årsmodell|årgang|rok|vuosi|ano)$/iu,
);

function rowMachine(
  { line, cells }: Row,
  head: readonly Cell[],
  meanings: readonly (HeaderMeaning | undefined)[],
  survey: Survey,
) {
  const under = (heads: RegExp): string =>
    cells.find((_, i) => heads.test(head[i]?.text ?? ''))?.text ?? '';
  const words = cells.filter((c, i) => meanings[i] === undefined && /\p{L}{2}/u.test(c.text));
  const [maker, model] = [under(MAKER_HEAD), under(MODEL_HEAD)];
  // A model may be called by a number alone, where its column says that it is one.
  const named = maker !== '' && model !== '' ? [maker, model] : words.map((c) => c.text);
  const name = [under(YEAR_HEAD), ...named].join(' ').trim();
  const proposals = cells.flatMap((cell, i): readonly Proposal[] => {
    const meaning = meanings[i];
    return meaning && cell.text !== '' ? cellProposals(cell, meaning, line, survey) : [];
  });
  return { name, ...(named[0] === maker ? { maker, model } : {}), proposals };
}

function cellProposals(
  cell: Cell,
  meaning: HeaderMeaning,
  line: Line,
  survey: Survey,
): readonly Proposal[] {
  const at = line.line.indexOf(cell.text, cell.from);
  const place = {
    words: cell.text,
    from: line.offset + at,
    to: line.offset + at + cell.text.length,
  };
  if (meaning.kind === 'fact') {
    const value = readFactValue(meaning.key, cell.text);
    return value === undefined
      ? []
      : [{ kind: 'fact', key: meaning.key, value, ...place, doubts: [], ticked: true }];
  }
  const [first, second] = scanQuantities(cell.text);
  if (!first) return [];
  const other = OTHER_END[meaning.key];
  // "200/190" under a heading of both ends.
  const both = second?.listed && first.listed && other !== undefined;
  return [
    ...figureOf(first, meaning, survey, place),
    ...(both ? figureOf(second, { ...meaning, key: other }, survey, place) : []),
  ];
}

type FigureHeader = Extract<HeaderMeaning, { kind: 'figure' }>;

/** The units of a cell: those written in it or in the heading; else those that a bare number may be in, which is a doubt. */
function unitsOf(
  q: Quantity,
  { key, unit, gallonUnclear, sign }: FigureHeader,
  survey: Survey,
  words: string,
): { readonly units: readonly UnitId[]; readonly doubts: readonly Doubt[] } {
  const { dimension } = figureDefinition(key);
  const written = (text: TextUnit | undefined) =>
    sensesOf(text, survey).find((x) => x.dimension === dimension);
  const said = written(q.unit) ?? written(sign);
  if (said)
    return {
      units: said.units,
      doubts:
        said.open === 'currency'
          ? [{ code: 'currency-unclear' }]
          : said.units.length > 1
            ? [{ code: 'gallon-unclear' }]
            : [],
    };
  // "62 Nm" in a column of power; litres in one of consumption are litres for each 100 km.
  const strange = q.unit !== undefined && dimension !== 'consumption';
  if (unit) return { units: [unit], doubts: strange ? [{ code: 'foreign-unit', words }] : [] };
  if (gallonUnclear) {
    const open = written(dimension === 'consumption' ? 'mpg' : 'gallon')?.units ?? [];
    return { units: open, doubts: open.length > 1 ? [{ code: 'gallon-unclear' }] : [] };
  }
  return { units: bareUnits(key, undefined, survey), doubts: [{ code: 'unit-unsaid' }] };
}

function figureOf(
  q: Quantity,
  meaning: FigureHeader,
  survey: Survey,
  place: { readonly words: string; readonly from: number; readonly to: number },
): readonly FigureProposal[] {
  const { key, basis } = meaning;
  const { units, doubts } = unitsOf(q, meaning, survey, place.words);
  const [first] = possibleAmounts(key, q.amounts, units);
  if (!first) return [];
  if (findReadingFault(key, { ...first, basis, origin: 'claimed', note: '' })) return [];
  return [
    {
      kind: 'figure',
      key,
      amount: first.amount,
      unit: first.unit,
      basis,
      ...place,
      doubts,
      ticked: !doubts.some((d) => isGrave(d, key)),
    },
  ];
}
