import { spelt } from '../vocabulary/letters';
import type { Line } from '../text/lines';
import { ONE_MACHINE, type TableMachines } from './read-table';
import { labelOf, opensWithLabel } from '../vocabulary/lexicon';

/** Between two machines in a title. */
const AGAINST = String.raw`(?:vs\.?|versus|v\.?|against|or|gegen|oder|contre|ou|contra|contro|tegen|mot|kontra)`;
/** A name as titles write it: it opens with a capital or a number and has no mark of a sentence. */
const NAME = String.raw`[\p{Lu}\d][\p{L}\d .'’-]{1,38}`;
const TITLE = new RegExp(
  String.raw`^(?:[^:()]{0,40}[:(–-] ?)?(${NAME}?)(?: ${AGAINST} | ?/ ?)(${NAME}?)\)?(?: ?[:–-].{0,40})?[?!.]? *$`,
  'u',
);
const AGAINST_IN_LINE = String.raw`(?: ?(?:vs\.?|versus|gegen|contre|contra|contro|tegen|mot|kontra) | / )`;
const STARTS_AGAINST = new RegExp(`^${AGAINST_IN_LINE}`, 'iu');
const AMOUNT = String.raw`[£$€]? ?\d[\d.,' /]*`;
const UNIT = String.raw`(?: ?(?:l|lit\p{L}*) ?(?:\/|per|aos|a los|aux|auf|på|op|na|pr\.?) ?100 ?(?:km)?|[^\d\n,;/|:]{0,14}?)`;
/** "Power: 62 hp vs 73 hp", "Power: 62 / 73 hp". */
const PAIR = spelt(
  new RegExp(
    String.raw`^( *[-*•]? *([\p{L}][^:=\d\t]{1,40}?) ?[:=\t] *)(${AMOUNT})(${UNIT})(${AGAINST_IN_LINE})(${AMOUNT})(${UNIT}) *$`,
    'u',
  ),
);
/** What has two ends, whose numbers a slash parts as well. */
export const TWO_ENDS =
  /travel|suspension|wheels?|ty?i?re|rims?|brake|pressure|rake|sprocket|gear|bore|federweg|räder|reifen|felgen|bremse|débattement|roues?|pneu|jantes?|escursion|ruote|gomme|recorrido|llanta|neum|veerweg|wiel|band|front|rear|f ?\/ ?r|v ?\/ ?h|av ?\/ ?ar/iu;
const HAS_VS = /vs|versus|gegen|contre|contra|contro|tegen|mot|kontra/iu;

/** Fewer lines of pairs may be anything. */
const LEAST_PAIRS = 2;

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
  if (!opensWithLabel(label)) return undefined;
  // "62 / 73 hp": the unit of both.
  const one = unitA.trim() === '' ? `${a.trimEnd()} ${unitB.trim()}` : a + unitA;
  return [
    { ...line, line: (head + one).padEnd(line.line.length) },
    { ...line, line: `${head}${blank(a + unitA + mark)}${b}${unitB}` },
  ];
}

/**
 * How many characters of the words for the first of a pair stand where it is told: "Power: 73 PS" of "Power: 73 vs 65 PS" up to its
 * number, since its unit stands behind the second. `undefined` where they are of no pair.
 */
export function firstOfPair(text: string, words: string): number | undefined {
  let same = 0;
  while (same < words.length && text[same] === words[same]) same += 1;
  const upTo = text.slice(0, same).trimEnd().length;
  return upTo > 0 && STARTS_AGAINST.test(text.slice(upTo)) ? upTo : undefined;
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
  if (!names || pairs.length < LEAST_PAIRS) return undefined;
  return {
    kind: 'columns',
    machines: names.map((name, i) => ({
      name,
      lines: pairs.map(([one, two]) => (i === 0 ? one : two)),
    })),
  };
}
