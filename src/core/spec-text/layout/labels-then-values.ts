import { spelt } from '../vocabulary/letters';
import { fits, isValue, labelMeaning, mayAnswer } from './labels';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines, type TextLine } from './text-lines';

/** So many labels under each other, at most so many, and so many values whose unit is their label's, make a layout of it. */
const LEAST = 4;
const MOST = 80;
const FITTING = 3;
/** This share of the labels is known by name. Own assumption. */
const KNOWN = 0.5;
const LONGEST_LABEL = 48;
const LONGEST_VALUE = 60;

/** A head over the labels, which has no value. */
const HEAD =
  /^\W*(?:(?:technical |general |main )?(?:data|specifications?|specs|details|dimensions?|weights?|performance|capacities)(?: (?:and|&) (?:weights?|dimensions?|capacities))?|engine|motor|moteur|motore|chassis|fahrwerk|fahrgestell|châssis|ciclistica|chasis|technische daten|abmessungen|maße(?: und gewichte)?|gewichte|mesures|données techniques|caractéristiques|dati tecnici|dimensioni|pesi|datos técnicos|dimensiones|medidas)\W*$/iu;

/** "KORVANE TARN 450" on the first line: what the page is about. */
const TITLE = spelt(/^[^\p{L}\d]*[\p{Lu}\d]\S*(?:\s+[\p{Lu}\d]\S*)*\s*$/u);

const isBlank = (line: TextLine | undefined): boolean =>
  line === undefined || line.words.trim() === '';

const mayBeLabel = ({ words }: TextLine): boolean =>
  words.length <= LONGEST_LABEL &&
  /\p{L}{2}/u.test(words) &&
  !/[:\t|]\s*\S/u.test(words) &&
  !isValue(words) &&
  !HEAD.test(words);

interface Block {
  readonly labels: readonly TextLine[];
  readonly values: readonly TextLine[];
}

/** The labels that end before line `at`, and the values from there on; `undefined` where they cannot be each other's. */
function blockAt(lines: readonly TextLine[], at: number): Block | undefined {
  const end = isBlank(lines[at - 1]) ? at - 1 : at;
  let from = end;
  while (from > 0 && end - from <= MOST) {
    const line = lines[from - 1];
    if (!line || isBlank(line) || !mayBeLabel(line)) break;
    from -= 1;
  }
  const top = lines[from];
  const isFirst = lines.slice(0, from).every(isBlank);
  if (top && isFirst && TITLE.test(top.words) && !labelMeaning(top.words)) from += 1;
  const many = end - from;
  const before = lines[from - 1];
  if (many < LEAST || many > MOST) return undefined;
  if (before && !isFirst && !isBlank(before) && !HEAD.test(before.words)) return undefined;
  const labels = lines.slice(from, end);
  const values = lines.slice(at, at + many);
  const behind = lines[at + many];
  if (values.length < many || values.some((v) => isBlank(v) || v.words.length > LONGEST_VALUE))
    return undefined;
  if (behind && !isBlank(behind) && !labelMeaning(behind.words) && !HEAD.test(behind.words))
    return undefined;
  const meanings = labels.map(({ words }) => labelMeaning(words));
  if (meanings.filter(Boolean).length < many * KNOWN) return undefined;
  const told = values.map((v) => v.words);
  const fit = meanings.map((meaning, i) => fits(meaning, told[i] ?? ''));
  return fit.includes('no') ||
    fit.filter((f) => f === 'yes').length < FITTING ||
    !meanings.every((meaning, i) => mayAnswer(meaning, told[i] ?? ''))
    ? undefined
    : { labels, values };
}

/**
 * A column of labels and, behind all of them, the column of their values, as pages with columns are copied: one label and its value
 * on a line. Only where there are as many of each, and each value may be its label's by its unit.
 */
export function labelsThenValues(placed: PlacedText): PlacedText {
  const lines = textLines(placed.text);
  const blocks = new Map<TextLine, Block>();
  for (let at = LEAST; at < lines.length; at += 1) {
    const [line, before] = [lines[at], lines[at - 1]];
    if (!line || !before || isBlank(line) || isValue(before.words)) continue;
    if (!isValue(line.words) && labelMeaning(line.words)) continue;
    const block = blockAt(lines, at);
    if (!block) continue;
    for (const told of [...block.labels, ...block.values]) blocks.set(told, block);
    at += block.values.length - 1;
  }
  if (blocks.size === 0) return placed;
  return composed(
    placed,
    lines.flatMap((line): readonly Piece[] => {
      const block = blocks.get(line);
      if (!block) return [{ from: line.from, to: line.to }, '\n'];
      const value = block.values[block.labels.indexOf(line)];
      return value
        ? [{ from: line.from, to: line.to }, '\t', { from: value.from, to: value.to }, '\n']
        : [];
    }),
  );
}
