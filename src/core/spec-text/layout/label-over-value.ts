import type { Line } from '../text/lines';
import type { TableMachines } from './read-table';
import type { ScannedLine } from '../text/scanned-line';

/** Longest line that is a label, a value, a machine's name, characters. */
const LABEL_LENGTH = 64;
const VALUE_LENGTH = 90;
const NAME_LENGTH = 40;
/** So many labels with their values make a layout of it. */
const GROUPS = 3;
/** Of several machines, this share of the labels has as many values. Own assumption. */
const ALIKE = 0.7;

const IN_BRACKETS = /\([^()]*\)/gu;
const PER_CENT = /\d+ ?%/gu;
const VALUE = /^\s*(?:[~≈±<>]\s*)?(?:approx\.? |ca\.? |circa |env\.? )?\d/iu;

/** A line that names a figure and tells none: "Kerb weight (ready to ride, 90 % fuel)". */
const isLabel = ({ written, mentions }: ScannedLine): boolean =>
  written.trim() !== '' &&
  written.length <= LABEL_LENGTH &&
  !/\d/.test(written.replace(IN_BRACKETS, '').replace(PER_CENT, '')) &&
  mentions.some((m) => m.from <= 2 && m.meanings.some((x) => x.kind === 'label'));

/** A line that begins with its figure: "882 mm (low seat 857 mm)". */
const isValue = ({ written, quantities }: ScannedLine): boolean =>
  written.length <= VALUE_LENGTH && VALUE.test(written) && quantities.length > 0;

/** A label and the lines under it that are values. */
interface Group {
  readonly label: Line;
  readonly values: readonly Line[];
  /** Place of its last line among all. */
  readonly last: number;
}

/** Labels with values under them, by the place of the label among all lines. */
function groupsIn(lines: readonly Line[], all: readonly ScannedLine[]): ReadonlyMap<number, Group> {
  const groups = new Map<number, Group>();
  lines.forEach((label, at) => {
    const scanned = all[at];
    if (!scanned || !isLabel(scanned)) return;
    const values: Line[] = [];
    let last = at;
    for (let i = at + 1; i < lines.length; i += 1) {
      const [line, next] = [lines[i], all[i]];
      if (!line || !next) break;
      if (line.line.trim() === '') continue;
      if (!isValue(next)) break;
      values.push(line);
      last = i;
    }
    if (values.length > 0) groups.set(at, { label, values, last });
  });
  return groups;
}

/** A label and one of its values as one line with a tab between, what lies between blanked out; places stay true. */
function joined(text: string, label: Line, value: Line): Line {
  const head = label.offset + label.line.length;
  const blank = ' '.repeat(Math.max(0, value.offset - head - 1));
  return {
    line: `${label.line}\t${blank}${text.slice(value.offset, value.offset + value.line.length)}`,
    offset: label.offset,
  };
}

/**
 * A sheet that has each value on the line under its label, as lines of a label and its value; `undefined` where the text is not laid
 * out so. Of several values under a label the first is its own.
 *
 * @param text the whole, as the lines stand in it
 */
export function labelsOverValues(
  text: string,
  lines: readonly Line[],
  all: readonly ScannedLine[],
): readonly Line[] | undefined {
  const groups = groupsIn(lines, all);
  if (groups.size < GROUPS) return undefined;
  const taken = new Set<Line>();
  return lines.flatMap((line, at) => {
    const group = groups.get(at);
    const [value] = group?.values ?? [];
    if (value) taken.add(value);
    return value ? [joined(text, line, value)] : taken.has(line) ? [] : [line];
  });
}

/**
 * Machines compared on a page, copied line by line: under each label as many values as there are machines, their names before the first
 * label where they stand there.
 */
export function machinesUnderLabels(
  text: string,
  lines: readonly Line[],
  all: readonly ScannedLine[],
): TableMachines | undefined {
  const groups = groupsIn(lines, all);
  const counts = [...groups.values()].map((g) => g.values.length);
  const many = Math.max(...counts, 0);
  const like = [...groups.values()].filter((g) => g.values.length === many);
  if (many < 2 || like.length < GROUPS || like.length < counts.length * ALIKE) return undefined;
  const names = namesBefore(Math.min(...groups.keys()), many, lines, all);
  return {
    kind: 'columns',
    machines: Array.from({ length: many }, (_, i) => ({
      name: names?.[i],
      lines: like.flatMap(({ label, values }) => {
        const value = values[i];
        return value ? [joined(text, label, value)] : [];
      }),
    })),
  };
}

/** As many lines one after another as there are machines, before a line: such as have a number in them, or all that there are. */
function namesBefore(
  at: number,
  many: number,
  lines: readonly Line[],
  all: readonly ScannedLine[],
): readonly string[] | undefined {
  const before = lines
    .slice(0, at)
    .filter((l, i) => l.line.trim() !== '' && !(all[i] && isValue(all[i])))
    .map((l) => l.line.trim());
  const runs = before.map((_, i) => before.slice(i, i + many)).filter((r) => r.length === many);
  const areNames = (run: readonly string[]): boolean =>
    new Set(run).size === many &&
    run.every((name) => name.length <= NAME_LENGTH && /\p{L}/u.test(name));
  return runs.find(
    (run) => areNames(run) && (before.length === many || run.every((name) => /\d/.test(name))),
  );
}
