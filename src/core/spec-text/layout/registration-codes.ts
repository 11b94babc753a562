import { spelt } from '../vocabulary/letters';
import { composed, type Piece, type PlacedText } from './placed-text';

const NUMBER = String.raw`\d{1,5}(?:[.,]\d{1,3})?(?: ?(?:kg|kW|cm³|cm3|ccm|cc|mm|min-1|min⁻¹|1/min|U/min|rpm))?(?![\d/])`;
const TYRE = String.raw`\d{2,3} ?/ ?\d{2,3}[^\n]{1,24}`;
const NAME = String.raw`\p{L}[^\n(|\t]{0,40}?(?=\s*(?:\n|$|[(|\t]|[A-Z\d]{1,2}\.\d| {2}))`;

/** What stands for a code, and the sign of its unit behind a bare number; "P.2/P.4 31/8500" has two. */
interface Code {
  readonly code: string;
  readonly value: string;
  readonly label: string;
  readonly unit?: string;
}

/**
 * Harmonised codes of the registration document, as far as the sheet has a line for them (Council Directive 1999/37/EC, Annex I, from
 * memory). G is left to be asked about: some countries count a rider in.
 */
const CODES: readonly Code[] = [
  { code: 'D.1', value: NAME, label: 'make: ' },
  { code: 'D.3', value: NAME, label: 'model: ' },
  { code: 'P.1', value: NUMBER, label: 'displacement: ', unit: ' cc' },
  { code: 'P.2', value: NUMBER, label: 'power: ', unit: ' kW' },
  { code: 'P.4', value: NUMBER, label: 'rated speed: ', unit: ' rpm' },
  { code: 'G', value: NUMBER, label: 'weight: ', unit: ' kg' },
  { code: 'G.1', value: NUMBER, label: 'weight: ', unit: ' kg' },
  { code: 'F.1', value: NUMBER, label: 'maximum permitted weight: ', unit: ' kg' },
  { code: 'F.2', value: NUMBER, label: 'maximum permitted weight: ', unit: ' kg' },
  { code: '7.1', value: NUMBER, label: 'front axle limit: ', unit: ' kg' },
  { code: '7.2', value: NUMBER, label: 'rear axle limit: ', unit: ' kg' },
  { code: '8.1', value: NUMBER, label: 'front axle limit: ', unit: ' kg' },
  { code: '8.2', value: NUMBER, label: 'rear axle limit: ', unit: ' kg' },
  { code: '15.1', value: TYRE, label: 'front tyre: ' },
  { code: '15.2', value: TYRE, label: 'rear tyre: ' },
];

const escaped = (code: string): string => code.replace('.', String.raw`\.`);
const patternOf = ({ code, value }: Code): RegExp =>
  new RegExp(String.raw`(?<![^\s|;,])\(?${escaped(code)}\)?[ \t]*[:.|=]?[ \t]+(${value})`, 'gu');
const PATTERNS = CODES.map((row) => ({ ...row, pattern: patternOf(row) }));

/** "P.2/P.4 31/8500": both in one field. */
const POWER_AT = spelt(
  /(?<![\p{L}\d.])P\.2 ?\/ ?P\.4[ \t]*[:.|=]?[ \t]+(\d{1,3}(?:[.,]\d)?) ?\/ ?(\d{4,5})(?!\d)/gu,
);

/** Fewer different codes make no document of it. */
const LEAST = 3;
/** Codes with a letter before the dot tell: a bare number with a dot may be anything. */
const TELLING = /^[A-Z]\./;

interface Found {
  readonly from: number;
  readonly to: number;
  readonly code: string;
  readonly pieces: readonly Piece[];
}

const valueAt = (match: RegExpMatchArray, value: string): { from: number; to: number } => {
  const to = (match.index ?? 0) + match[0].length;
  return { from: to - value.length, to };
};

function found(text: string): readonly Found[] {
  const both = [...text.matchAll(POWER_AT)].map((match): Found => {
    const [whole, power = '', speed = ''] = match;
    const at = match.index + whole.lastIndexOf(power, whole.length - speed.length - 1);
    const { from, to } = valueAt(match, speed);
    const pieces = [
      '\npower: ',
      { from: at, to: at + power.length },
      ' kW at ',
      { from, to },
      ' rpm\n',
    ];
    return { from: match.index, to, code: 'P.2', pieces };
  });
  const single = PATTERNS.flatMap(({ code, label, unit, pattern }) =>
    [...text.matchAll(pattern)].map((match): Found => {
      const place = valueAt(match, match[1] ?? '');
      const bare = unit !== undefined && /^[\d.,]+$/.test(match[1] ?? '') ? unit : '';
      return {
        from: match.index,
        to: place.to,
        code,
        pieces: [`\n${label}`, place, `${bare}\n`],
      };
    }),
  );
  return [...both, ...single].sort((a, b) => a.from - b.from);
}

/** A registration document copied by its codes ("P.1 449", "F.1: 330"): labels in the codes' place, a line each. */
export function withoutCodes(placed: PlacedText): PlacedText {
  if (!/(?<![\p{L}\d.])(?:P\.[124]|F\.[12])(?!\d)/u.test(placed.text)) return placed;
  const all = found(placed.text);
  const codes = new Set(all.map((f) => f.code).filter((code) => TELLING.test(code)));
  if (codes.size < LEAST) return placed;
  const pieces: Piece[] = [];
  let at = 0;
  for (const { from, to, pieces: own } of all) {
    if (from < at) continue;
    pieces.push({ from: at, to: from }, ...own);
    at = to;
  }
  return composed(placed, [...pieces, { from: at, to: placed.text.length }]);
}
