import type { Line } from './lines';
import type { ScannedLine } from './scanned-line';

/** Longest line that is a label, and that is a value, characters. */
const LABEL_LENGTH = 64;
const VALUE_LENGTH = 90;
/** So many pairs make a layout of it. */
const PAIRS = 3;

const IN_BRACKETS = /\([^()]*\)/gu;
const PER_CENT = /\d+ ?%/gu;
const VALUE = /^\s*[~≈±<>]?\s*(?:approx\.? |ca\.? |circa |env\.? )?\d/iu;

/** A line that names a figure and tells none: "Kerb weight (ready to ride, 90 % fuel)". */
const isLabel = ({ written, mentions }: ScannedLine): boolean =>
  written.trim() !== '' &&
  written.length <= LABEL_LENGTH &&
  !/\d/.test(written.replace(IN_BRACKETS, '').replace(PER_CENT, '')) &&
  mentions.some((m) => m.from <= 2 && m.meanings.some((x) => x.kind === 'label'));

/** A line that begins with its figure: "882 mm (low seat 857 mm)". */
const isValue = ({ written, quantities }: ScannedLine): boolean =>
  written.length <= VALUE_LENGTH && VALUE.test(written) && quantities.length > 0;

/**
 * A sheet that has each value on the line under its label, as lines of a label and its value with a tab between; places stay true.
 * `undefined` where the text is not laid out so.
 *
 * @param text the whole, as the lines stand in it
 */
export function labelsOverValues(
  text: string,
  lines: readonly Line[],
  all: readonly ScannedLine[],
): readonly Line[] | undefined {
  const joined: Line[] = [];
  let pairs = 0;
  for (let i = 0; i < lines.length; i += 1) {
    const [line, scanned] = [lines[i], all[i]];
    if (!line || !scanned) continue;
    let next = i + 1;
    while (lines[next]?.line.trim() === '') next += 1;
    const [value, scannedValue] = [lines[next], all[next]];
    if (value && scannedValue && isLabel(scanned) && isValue(scannedValue)) {
      const written = text.slice(line.offset, value.offset + value.line.length);
      joined.push({
        line: written.replace('\n', '\t').replaceAll(/[\n\r]/g, ' '),
        offset: line.offset,
      });
      pairs += 1;
      i = next;
    } else joined.push(line);
  }
  return pairs >= PAIRS ? joined : undefined;
}
