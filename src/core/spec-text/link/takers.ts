import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import { writtenUnit } from '../lattice/written-units';
import { TAKERS } from '../vocabulary/vocabulary';
import { OTHER_END, FRONT_KEY } from './ends';
import type { SentenceWords, Word, Option } from './option';
import { sensesOf } from './dimensions';

/** "After that it's every 10 000 or 12 months": said of what the sentence before named. */
export const isEvery = (text: string, at: number): boolean =>
  /(?<!\p{L})every\s*$/iu.test(text.slice(Math.max(0, at - 20), at));

/** "And the seat? Eight eighty, but there's a low one.": the figure comes first, and then a stop. */
export const isAnswer = (text: string, q: Quantity): boolean =>
  text.slice(0, q.from).trim().length < 10 &&
  /^\s*(?:[,.;!](?!\d)|$|but |and )/iu.test(text.slice(q.to));

/** A figure of one end, or the same of the other. */
export const atEnd = (key: FigureKey, side: 'front' | 'rear'): FigureKey =>
  FRONT_KEY.test(key) === (side === 'front') ? key : (OTHER_END[key] ?? key);
/** Kinds of fork that stand behind the size of its tubes. */
const OF_A_TUBE = /^(?:mm )?(?:usd|upside[ -]down|inverted|telescopic|cartridge|forks?)$/iu;

const isUnitOfLabel = ({ text, words }: SentenceWords, { mention: { from, to } }: Word): boolean =>
  writtenUnit(text.slice(from, to)) !== undefined &&
  words.some(
    (w) =>
      w.meaning.kind === 'label' &&
      w.mention.to <= from &&
      /^(?: intervall?[eo]?s?)?\s*[([,/]\s*$/u.test(text.slice(w.mention.to, from)),
  );

export function takerOption(
  s: SentenceWords,
  q: Quantity,
  word: Word,
  points: number,
  gapText: string,
): readonly Option[] {
  if (word.meaning.kind !== 'taker') return [];
  // "Lunet 570. Odometer: 18,400": the word goes with the number behind it.
  if (
    word.meaning.taker === 'odometer' &&
    word.mention.from >= q.to &&
    /^(?: ?:| reads| reading| is| says| of)? ?\d/iu.test(s.text.slice(word.mention.to))
  )
    return [];
  // Two counts by a slash are no distance run.
  if (word.meaning.taker === 'odometer' && q.listed && q.unit === undefined) return [];
  // "Valve check (km): 16,000": the unit of the label before it, and no word for the distance run.
  if (isUnitOfLabel(s, word)) return [];
  // "43 mm USD, 230 mm": a fork's tube is named behind its size, and what comes then is another.
  const { from, to } = word.mention;
  if (to <= q.from && /,/.test(gapText) && OF_A_TUBE.test(s.text.slice(from, to))) return [];
  const dims: readonly string[] = TAKERS[word.meaning.taker];
  const senseDims = sensesOf(q.unit, s.units).map((x) => x.dimension);
  const fits =
    q.unit === undefined
      ? dims.includes('bare') && gapText.length < 24
      : senseDims.some((d) => dims.includes(d));
  return fits
    ? [
        {
          key: undefined,
          word,
          points: points - (/^\s*:/.test(gapText) ? 1 : 0),
          amounts: q.amounts,
          units: [],
          unitSaid: true,
          open: undefined,
          by: 'taker',
        },
      ]
    : [];
}
