import { spelt } from '../vocabulary/letters';
import type { Line } from '../text/lines';
import { labelOf } from '../vocabulary/lexicon';
import { ONE_MACHINE, type TableMachines } from './read-table';
import { TWO_ENDS, twoInTitle } from './two-in-a-line';

const LABEL = String.raw`^ *[-*•]? *(?<label>[\p{L}][^:=\d\t()]{1,40}?)`;
/** "Weight (wet)", "Weight, wet": how it was taken, behind the name. */
const TAKEN = String.raw`(?:,? ?\([^()\d]{2,24}\)|, [^:=\d\t(),]{2,20}?)?`;
/** "Power 33 kW 36 kW", "Preis 6.490 € 5.990 €". */
const WITH_UNITS = new RegExp(String.raw`${LABEL}${TAKEN}(?: ?:)?\s+(?<values>[£$€]? ?\d.*)$`, 'u');
const VALUE = spelt(
  /(?<amount>[£$€]? ?\d[\d.,' /]*?) ?(?<unit>[\p{L}"″%€£$][^\d\s,;/|:]{0,8})(?=\s|$)/gu,
);
/** "£4,899 £5,699", "180/185 260/265": what needs no unit behind it. */
const OF_ITSELF = /(?<amount>[£$€] ?\d[\d.,']*|\d{1,3}[.,]?\d?\/\d{1,3}[.,]?\d?)(?=\s|$)/gu;
/** "Weight (kg) 176 171": the unit with the label; none whose numbers run into thousands, which room may part. */
const UNIT_IN_LABEL = spelt(
  new RegExp(
    String.raw`${LABEL} ?\((?:kW|PS|b?hp|CV|ch|kg|lbs?|mm|cm|in|l|lit\p{L}*|Nm)\)(?: ?:)?\s+(?<values>\d[\d.,/]*(?:\s+\d[\d.,/]*)+) *$`,
    'u',
  ),
);

/** Fewer lines may be anything; more columns no page has. Own assumption. */
const LEAST = 3;
const MOST = 6;
const LONGEST = 140;

interface Row {
  readonly line: Line;
  /** Where each value stands in it. */
  readonly values: readonly (readonly [from: number, to: number])[];
  readonly at: number;
}

/** A label and several values of one unit with nothing but room between. */
function rowOf(line: Line, at: number): Row | undefined {
  if (line.line.length > LONGEST) return undefined;
  const bare = UNIT_IN_LABEL.exec(line.line)?.groups;
  const groups = bare ?? WITH_UNITS.exec(line.line)?.groups;
  const { label = '', values: told = '' } = groups ?? {};
  if (told === '' || labelOf(label.trim()) === undefined) return undefined;
  const start = line.line.lastIndexOf(told);
  const valuesBy = (pattern: RegExp) => {
    const values = [...told.matchAll(pattern)];
    const rest = values.reduce((left, f) => left.replace(f[0], ''), told);
    return rest.trim() === '' ? values : [];
  };
  const found = (bare ? [/\d[\d.,/]*/gu] : [VALUE, OF_ITSELF])
    .map(valuesBy)
    .find((values) => values.length > 1);
  if (!found) return undefined;
  const units = new Set(found.map((f) => f.groups?.['unit']));
  if (units.size !== 1 || found.length > MOST) return undefined;
  if (TWO_ENDS.test(label) && !found.every((f) => f[0].includes('/'))) return undefined;
  return {
    line,
    at,
    values: found.map((f) => [start + f.index, start + f.index + f[0].length]),
  };
}

const isName = (name: string): boolean =>
  /\p{L}{2}/u.test(name) && name.length < 40 && !ONE_MACHINE.test(name);

/** "Pfad 480 Straße 480", "Brandtau 480 Pfad Brandtau 480 Straße": as many names on the line over the columns. */
function namesOver(head: string, many: number): readonly string[] | undefined {
  const words = head.trim().split(/\s+/);
  const opening = words.flatMap((w, i) => (w === words[0] ? [i] : []));
  const numbers = words.flatMap((w, i) => (/^\p{Lu}?\d{3,4}\p{L}{0,2}$/u.test(w) ? [i + 1] : []));
  const starts =
    opening.length === many
      ? opening
      : numbers.length === many && numbers.at(-1) === words.length
        ? [0, ...numbers.slice(0, -1)]
        : [];
  const byRoom = head.trim().split(/ {2,}|\t+/);
  const names =
    byRoom.length === many
      ? byRoom
      : starts.map((from, i) => words.slice(from, starts[i + 1]).join(' '));
  return names.length === many && names.every(isName) ? names : undefined;
}

/**
 * Machines in columns whose marks were lost in copying, "Power 33 kW 36 kW" line for line, their names on the line above where they can
 * be told apart; `undefined` where a text is laid out otherwise.
 */
export function columnsWithoutMarks(lines: readonly Line[]): TableMachines | undefined {
  const all = lines.flatMap((line, at) => rowOf(line, at) ?? []);
  const many = all[0]?.values.length ?? 0;
  const rows = all.filter((r) => r.values.length === many);
  if (rows.length < LEAST || rows.length < all.length) return undefined;
  const over = lines.slice(0, rows[0]?.at).findLast((l) => l.line.trim() !== '')?.line ?? '';
  if (over.split(/\s+/).some((w) => ONE_MACHINE.test(w) && !/^\d/.test(w))) return undefined;
  const names = (many === 2 ? twoInTitle(lines) : undefined) ?? namesOver(over, many);
  return {
    kind: 'columns',
    machines: Array.from({ length: many }, (_, column) => ({
      name: names?.[column],
      lines: rows.map(({ line, values }) => {
        const others = values.filter((_v, i) => i !== column);
        const own = others.reduce(
          (text, [from, to]) => text.slice(0, from) + ' '.repeat(to - from) + text.slice(to),
          line.line,
        );
        return { ...line, line: own };
      }),
    })),
  };
}
