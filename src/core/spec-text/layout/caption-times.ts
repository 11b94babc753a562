import { composed, type Piece, type PlacedText } from './placed-text';

/** So many lines alike make captions of it. */
const LEAST = 3;
const TIME = String.raw`[[(]?(?:\d{1,2}:)?\d{1,2}:\d{2}(?:[.,]\d{1,3})?[\])]?`;
/** "00:00:03,000 --> 00:00:05,500", and the number of the caption before it. */
const SPAN = new RegExp(
  String.raw`^(?:[^\S\n]*\d{1,5}[^\S\n]*\n)?[^\S\n]*${TIME} ?--?> ?${TIME}.*\n`,
  'gmu',
);
/** "0:14" on a line of its own. */
const ALONE = new RegExp(String.raw`^[^\S\n]*${TIME}[^\S\n]*\n`, 'gmu');
/** "0:14 this is the …"; a time and a name with its colon is a chat. */
const BEFORE = new RegExp(
  String.raw`^[^\S\n]*${TIME}[^\S\n]+(?=[\p{L}\d"'(])(?![^\n:]{1,26}: )`,
  'gmu',
);
const TIMES = [SPAN, ALONE, BEFORE];

/** Captions without the times that stand above or before them, and without the blank lines between: what is left are lines of speech. */
export function withoutTimes(placed: PlacedText): PlacedText {
  const { text } = placed;
  const times = TIMES.map((mark) => [...text.matchAll(mark)]).find(
    (found) => found.length >= LEAST,
  );
  if (!times) return placed;
  const pieces: Piece[] = [];
  let from = 0;
  for (const { 0: words, index } of times) {
    const end = text.slice(from, index).trimEnd().length;
    // A line of its own again; nothing stands before the first.
    pieces.push({ from, to: from + end }, ...(end > 0 ? ['\n'] : []));
    from = index + words.length;
  }
  return composed(placed, [...pieces, { from, to: text.length }]);
}
