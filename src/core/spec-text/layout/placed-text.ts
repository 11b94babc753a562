/** A text set anew, and where each of its characters stood. */
export interface PlacedText {
  readonly text: string;
  /** Places as they were, one for each character; absent where none moved. */
  readonly places?: readonly number[];
}

/** A stretch of the text as it was, or characters put between two. */
export type Piece = { readonly from: number; readonly to: number } | string;

/** Composes a text of stretches of another. What is put between stands where the stretch before it ends. */
export function composed(placed: PlacedText, pieces: readonly Piece[]): PlacedText {
  let text = '';
  const places: number[] = [];
  let at = 0;
  for (const piece of pieces) {
    if (typeof piece === 'string') {
      text += piece;
      for (let i = 0; i < piece.length; i += 1) places.push(at);
      continue;
    }
    text += placed.text.slice(piece.from, piece.to);
    for (let i = piece.from; i < piece.to; i += 1) places.push(placed.places?.[i] ?? i);
    at = (places.at(-1) ?? 0) + 1;
  }
  return { text, places };
}

/**
 * A stretch of the text set anew, where it stood in the text as typed: all of it, or, where it was put together of two with other words
 * between them or in the other order, the second, which is the value.
 */
export function asItStood(
  { places }: PlacedText,
  typed: string,
  from: number,
  to: number,
): { readonly from: number; readonly to: number } {
  if (!places || to <= from) return { from, to };
  let start = from;
  for (let i = from + 1; i < to; i += 1) {
    const [before, at] = [places[i - 1] ?? 0, places[i] ?? 0];
    if (at < before || (at > before + 1 && /\S/u.test(typed.slice(before + 1, at)))) start = i;
  }
  return { from: places[start] ?? from, to: (places[to - 1] ?? to - 1) + 1 };
}

/** The words of a stretch of the text set anew, as they were typed: the label first, wherever it stood. */
export function wordsOf(placed: PlacedText, typed: string, from: number, to: number): string {
  let words = '';
  for (let i = from; i < to; i += 1) {
    const sign = placed.text[i] ?? '';
    const at = placed.places?.[i] ?? i;
    const written = typed[at] ?? sign;
    // One letter that was written as two signs, or two written as one.
    const letters = written.normalize('NFKC');
    if (sign !== written && (sign.normalize('NFD')[0] === written || letters.includes(sign))) {
      words += sign;
      continue;
    }
    // Put before a stretch or between two: of signs with one place the last alone may have been typed.
    if (/\S/u.test(sign) && at === placed.places?.[i + 1]) continue;
    if (/\S/u.test(sign) && at === placed.places?.[i - 1] && typed[at] !== sign) continue;
    words += /\s/u.test(sign) ? ' ' : written;
  }
  return words.replace(/ {2,}/g, ' ').trim();
}
