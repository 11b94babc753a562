import type { PlacedText } from './placed-text';

/** So few lines are paragraphs, if blank ones stand between them. */
const LEAST_LINES = 4;
/** Paragraphs are longer than the rows of a sheet, in the middle. */
const LONGEST_ROW = 60;

/**
 * Rows of a sheet with a blank line behind each, as they are copied from many pages, one below the other again: of the breaks between
 * two lines one becomes a blank, place for place. Where the gaps differ, the wider ones stay.
 */
export function singleSpaced(placed: PlacedText): PlacedText {
  const { text } = placed;
  const rows = text.split('\n').filter((line) => line.trim() !== '');
  if (rows.length < LEAST_LINES || !/\S[^\S\n]*\n[^\S\n]*\n/.test(text)) return placed;
  if (/\S[^\S\n]*\n[^\S\n]*\S/.test(text)) return placed;
  const lengths = rows.map((line) => line.trim().length).sort((a, b) => a - b);
  return (lengths[lengths.length >> 1] ?? 0) > LONGEST_ROW
    ? placed
    : { ...placed, text: text.replace(/(?<=\S[^\S\n]*)\n(?=[^\S\n]*\n)/g, ' ') };
}
