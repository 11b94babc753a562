import type { Line } from '../text/lines';
import { ONE_MACHINE, type TableMachines } from './read-table';
import { labelOf } from '../vocabulary/lexicon';

/** Between two machines in a title. */
const AGAINST = String.raw`(?:vs\.?|versus|v\.?|against|or|gegen|oder|contre|ou|contra|contro|tegen|mot|kontra)`;
/** A name as titles write it: it opens with a capital or a number and has no mark of a sentence. */
const NAME = String.raw`[\p{Lu}\d][\p{L}\d .'’-]{1,38}`;
const TITLE = new RegExp(
  String.raw`^(?:[^:()]{0,40}[:(–-] ?)?(${NAME}?)(?: ${AGAINST} | ?/ ?)(${NAME}?)\)?(?: ?[:–-].{0,40})?[?!.]? *$`,
  'u',
);
const AGAINST_IN_LINE = String.raw`(?: ?(?:vs\.?|versus|gegen|contre|contra|contro|tegen|mot|kontra) | / )`;
const AMOUNT = String.raw`[£$€]? ?\d[\d.,' /]*`;
const UNIT = String.raw`[^\d\n,;/|:]{0,14}?`;
/** "Power: 62 hp vs 73 hp", "Power: 62 / 73 hp". */
const PAIR = new RegExp(
  String.raw`^( *[-*•]? *([\p{L}][^:=\d\t]{1,40}?) ?[:=\t] *)(${AMOUNT})(${UNIT})(${AGAINST_IN_LINE})(${AMOUNT})(${UNIT}) *$`,
  'u',
);
/** "Power 33 kW 36 kW": two columns whose tabs were lost. */
const BESIDE = new RegExp(
  String.raw`^( *[-*•]? *([\p{L}][^:=\d\t]{1,40}?)(?: ?:)?\s+)(${AMOUNT})( ?[\p{L}"″%€£$][^\d\n,;/|:\s]{0,8})(\s+)(${AMOUNT})( ?[\p{L}"″%€£$][^\d\n,;/|:\s]{0,8}) *$`,
  'u',
);
/** What has two ends, whose numbers a slash parts as well. */
const TWO_ENDS =
  /travel|suspension|wheels?|ty?i?re|rims?|brake|pressure|rake|sprocket|gear|bore|federweg|räder|reifen|felgen|bremse|débattement|roues?|pneu|jantes?|escursion|ruote|gomme|recorrido|llanta|neum|veerweg|wiel|band|front|rear|f ?\/ ?r|v ?\/ ?h|av ?\/ ?ar/iu;
const HAS_VS = /vs|versus|gegen|contre|contra|contro|tegen|mot|kontra/iu;

/** Fewer lines of pairs may be anything; and without a mark between them, or names in the title. */
const LEAST_PAIRS = 2;
const LEAST_BESIDE = 3;

/** The two machines of a text's title, "Pellan 650 vs Brennock 700"; `undefined` where it names none. */
export function twoInTitle(lines: readonly Line[]): readonly [string, string] | undefined {
  const title = lines.find((l) => l.line.trim() !== '')?.line.trim() ?? '';
  const [, one = '', two = ''] = TITLE.exec(title) ?? [];
  const names = [one.trim(), two.trim()] as const;
  const plainly = names.every(
    (n) => n.length > 2 && !ONE_MACHINE.test(n) && labelOf(n) === undefined && /\p{L}{2}/u.test(n),
  );
  // A slash parts many things; two names with numbers are two machines.
  const bySlash = !new RegExp(` ${AGAINST} `, 'u').test(title);
  return plainly && (!bySlash || names.every((n) => /\p{L}.*\d{3}/u.test(n))) ? names : undefined;
}

const blank = (text: string): string => ' '.repeat(text.length);

/** A line with the first of its two values, or the second, blanked out; places stay true. */
function halves(line: Line): readonly [Line, Line] | undefined {
  const found = PAIR.exec(line.line);
  if (!found) return undefined;
  const [, head = '', label = '', a = '', unitA = '', mark = '', b = '', unitB = ''] = found;
  if (TWO_ENDS.test(label) && !HAS_VS.test(mark) && !(a.includes('/') && b.includes('/')))
    return undefined;
  if (labelOf(label.replace(/\s*[([].*$/, '')) === undefined) return undefined;
  // "62 / 73 hp": the unit of both.
  const one = unitA.trim() === '' ? `${a.trimEnd()} ${unitB.trim()}` : a + unitA;
  return [
    { ...line, line: (head + one).padEnd(line.line.length) },
    { ...line, line: `${head}${blank(a + unitA + mark)}${b}${unitB}` },
  ];
}

/** A line of two values of one unit with nothing but room between, each by itself; places stay true. */
function halvesBeside(line: Line): readonly [Line, Line] | undefined {
  if (line.line.length > 100) return undefined;
  const found = BESIDE.exec(line.line);
  if (!found) return undefined;
  const [, head = '', label = '', a = '', unitA = '', mark = '', b = '', unitB = ''] = found;
  const bothEnds = [a, b].every((value) => value.includes('/'));
  if (unitA.trim() !== unitB.trim() || (TWO_ENDS.test(label) && !bothEnds)) return undefined;
  if (labelOf(label.trim()) === undefined) return undefined;
  return [
    { ...line, line: (head + a + unitA).padEnd(line.line.length) },
    { ...line, line: `${head}${blank(a + unitA + mark)}${b}${unitB}` },
  ];
}

/** "Pfad 480 Straße 480", "Brandtau 480 Pfad Brandtau 480 Straße": two names on the line over the columns. */
function twoOverColumns(head: string): readonly [string, string] | undefined {
  const words = head.trim().split(/ +/);
  const again = words.indexOf(words[0] ?? '', 1);
  const numbers = words.flatMap((w, i) => (/^\p{Lu}?\d{3,4}\p{L}{0,2}$/u.test(w) ? [i] : []));
  const room = / {2,}|\t/.exec(head.trim());
  const at =
    room === null
      ? again > 0
        ? again
        : numbers.length === 2 && numbers[1] === words.length - 1
          ? (numbers[0] ?? 0) + 1
          : 0
      : head.trim().slice(0, room.index).split(/ +/).length;
  const names = [words.slice(0, at).join(' '), words.slice(at).join(' ')] as const;
  return at > 0 && names.every((n) => /\p{L}{2}/u.test(n) && !ONE_MACHINE.test(n) && n.length < 40)
    ? names
    : undefined;
}

/** Two machines in columns whose marks were lost on the way: "Power 33 kW 36 kW", line for line. */
function besideEachOther(lines: readonly Line[]): TableMachines | undefined {
  const pairs = lines.flatMap((line, i) => {
    const both = halvesBeside(line);
    return both ? [{ both, i }] : [];
  });
  const first = pairs[0]?.i ?? 0;
  const over = lines.slice(0, first).findLast((l) => l.line.trim() !== '')?.line ?? '';
  if (
    pairs.length < LEAST_BESIDE ||
    over
      .trim()
      .split(/\s+/)
      .some((w) => ONE_MACHINE.test(w) && !/^\d/.test(w))
  )
    return undefined;
  const names = twoInTitle(lines) ?? twoOverColumns(over);
  return {
    kind: 'columns',
    machines: [0, 1].map((side) => ({
      name: names?.[side],
      lines: pairs.flatMap(({ both }) => both[side] ?? []),
    })),
  };
}

/** Two machines told in pairs, "Power: 62 hp vs 73 hp" under a title that names them; `undefined` where a text is laid out otherwise. */
export function pairedMachines(lines: readonly Line[]): TableMachines | undefined {
  const names = twoInTitle(lines);
  const pairs = names
    ? lines.flatMap((line) => {
        const both = halves(line);
        return both ? [both] : [];
      })
    : [];
  if (!names || pairs.length < LEAST_PAIRS) return besideEachOther(lines);
  return {
    kind: 'columns',
    machines: names.map((name, i) => ({
      name,
      lines: pairs.map(([one, two]) => (i === 0 ? one : two)),
    })),
  };
}
