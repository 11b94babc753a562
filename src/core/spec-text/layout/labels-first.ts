import { readFactValue } from '../facts';
import { fits, isPlainLabel, isValue, labelMeaning } from './labels';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines, type TextLine } from './text-lines';

/** So many lines whose value fits the label by its unit make a layout of it. */
const LEAST = 3;
const LONGEST = 80;

/** What stands between a value and its label, or between a label and its value. */
const BETWEEN = /(?<=\S)\.?(?: [-–—] | +)(?=\S)/gu;

interface Pair {
  readonly label: TextLine;
  readonly value: TextLine;
  readonly fit: 'yes' | 'no' | 'unsaid';
  /** The label of a figure stands first already. */
  readonly keep: boolean;
}

const part = (line: TextLine, from: number, to: number): TextLine => ({
  words: line.words.slice(from, to),
  from: line.from + from,
  to: line.from + to,
});

/** A line in two at each gap that may part a label from its value. */
function* splits(line: TextLine): Generator<readonly [TextLine, TextLine]> {
  if (line.words.length > LONGEST || /[:\t|]/.test(line.words)) return;
  for (const { 0: gap, index } of line.words.matchAll(BETWEEN))
    yield [part(line, 0, index), part(line, index + gap.length, line.words.length)];
}

/** A figure and its value, split where one side is a label to the letter and the other begins with a number. */
function figureIn(line: TextLine): Pair | undefined {
  for (const [head, tail] of splits(line)) {
    const first = isValue(head.words);
    const [label, value] = first ? [tail, head] : [head, tail];
    if (isValue(value.words) && isPlainLabel(label.words))
      return { label, value, fit: fits(labelMeaning(label.words), value.words), keep: !first };
  }
  return undefined;
}

/** "Cooling liquid", "Liquid cooling": the name of a fact and an answer that it knows. */
function factIn(line: TextLine): Pair | undefined {
  const answers = (label: TextLine, value: TextLine): boolean => {
    const meaning = isPlainLabel(label.words) ? labelMeaning(label.words) : undefined;
    return meaning?.kind === 'fact' && readFactValue(meaning.key, value.words) !== undefined;
  };
  for (const [head, tail] of splits(line)) {
    if (isValue(head.words)) continue;
    if (answers(head, tail)) return { label: head, value: tail, fit: 'unsaid', keep: false };
    if (answers(tail, head)) return { label: tail, value: head, fit: 'unsaid', keep: false };
  }
  return undefined;
}

/** "868 mm Seat height", "6-speed – gearbox", line for line: the label first. */
export function labelsFirst(placed: PlacedText): PlacedText {
  const lines = textLines(placed.text).map((line) => ({ line, figure: figureIn(line) }));
  if (lines.filter(({ figure }) => figure?.fit === 'yes').length < LEAST) return placed;
  return composed(
    placed,
    lines.flatMap(({ line, figure: pair = factIn(line) }): readonly Piece[] =>
      pair && pair.fit !== 'no' && !pair.keep
        ? [pair.label, '\t', pair.value, '\n']
        : [{ from: line.from, to: line.to }, '\n'],
    ),
  );
}
