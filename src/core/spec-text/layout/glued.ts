import { spelt } from '../vocabulary/letters';
import { readFactValue } from '../facts';
import { isLabel, labelMeaning } from './labels';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines } from './text-lines';

/** So many lines make a layout of it: one alone may be a name. */
const LEAST = 3;
const LONGEST = 90;

/** "Displacement........449 cc": what leads the eye from the label to its value. */
const LEADERS = spelt(
  /(?<=[\p{L})\]°] ?)(?:[.]{3,}|[…]{1,}|[_]{3,}|(?:[.·] ){3,}[.·]?)(?=\s?\S)/gu,
);

/** Leaders become a colon, place for place. */
const withoutLeaders = (text: string): string =>
  textLines(text).filter(({ words }) => words.search(LEADERS) >= 0).length < LEAST
    ? text
    : text.replace(LEADERS, (dots) => `:${' '.repeat(dots.length - 1)}`);

/** Where a word may end and a value begin without anything between. */
const SEAM = spelt(/(?<=\p{L}|\p{L}[)\]])(?=[\d£$€~])|(?<=\p{Ll}|[)\]])(?=\p{Lu}\p{Ll})/gu);

/** "Seat height868 mm", "Final driveChain": where the value begins; `undefined` in other lines. */
function seamIn(line: string): number | undefined {
  if (line.length > LONGEST) return undefined;
  for (const { index } of line.matchAll(SEAM))
    if (index > 2 && isLabel(line.slice(0, index))) return index;
  return undefined;
}

/** "Kühlungflüssigkeitsgekühlt": the name of a fact and an answer that it knows. */
function seamOfFact(line: string): number | undefined {
  if (line.length > LONGEST / 2 || !/^\p{L}+(?: \p{L}+){0,4}$/u.test(line)) return undefined;
  for (let at = SHORTEST; at < line.length - 2; at += 1) {
    const meaning = /\p{L}/u.test(line[at] ?? '') ? labelMeaning(line.slice(0, at)) : undefined;
    if (meaning?.kind === 'fact' && readFactValue(meaning.key, line.slice(at)) !== undefined)
      return at;
  }
  return undefined;
}
const SHORTEST = 3;

/** Labels that stand against their values without a gap, as a page copied from its boxes has them, set apart. */
export function unglued(given: PlacedText): PlacedText {
  const placed = { ...given, text: withoutLeaders(given.text) };
  const lines = textLines(placed.text).map((line) => ({ ...line, seam: seamIn(line.words) }));
  if (lines.filter((l) => l.seam !== undefined).length < LEAST) return placed;
  const seams = lines.flatMap(({ words, from, seam = seamOfFact(words) }) =>
    seam === undefined ? [] : [from + seam],
  );
  const pieces = [0, ...seams].flatMap((from, i): readonly Piece[] => [
    ...(i > 0 ? ['\t'] : []),
    { from, to: seams[i] ?? placed.text.length },
  ]);
  return composed(placed, pieces);
}
