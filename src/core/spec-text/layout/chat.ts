import { spelt } from '../vocabulary/letters';
import { isLabel } from './labels';
import { composed, type Piece, type PlacedText } from './placed-text';
import { textLines } from './text-lines';

/** So many lines alike make a chat of it. */
const LEAST = 3;
/** "[12:03] Dave:", "12/03/2026, 12:03 - Dave:", "12.03.26 12:03 Dave:". */
const TIMED = spelt(
  /^\s*\[?(?:\d{1,4}[./-]\d{1,2}[./-]\d{2,4},? )?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?: ?[ap]\.?m\.?)?\]?(?: ?[-–] ?| )(\p{L}[\p{L}\d .'_-]{0,24}): /u,
);
/** "Dave:". */
const NAMED = spelt(/^\s*(\p{Lu}[\p{L}\d'_-]{1,16}): /u);

/** Lines that begin with who wrote them, and when: without it. */
export function withoutSpeakers(placed: PlacedText): PlacedText {
  const { text } = placed;
  const lines = textLines(text).map((line) => ({
    ...line,
    timed: TIMED.exec(line.words)?.[0] ?? '',
    named: NAMED.exec(line.words),
  }));
  const timed = lines.filter((l) => l.timed !== '').length >= LEAST;
  const asked = lines.filter((l) => l.named && l.words.trimEnd().endsWith('?')).length > 1;
  const speakers = timed || !asked ? new Set<string>() : inTurn(lines.map((l) => l.named?.[1]));
  if (!timed && speakers.size === 0) return placed;
  const pieces: Piece[] = [];
  let at = 0;
  for (const { from, timed: clock, named } of lines) {
    const head = timed ? clock : speakers.has(named?.[1] ?? '') ? (named?.[0] ?? '') : '';
    pieces.push({ from: at, to: from });
    at = from + head.length;
  }
  return composed(placed, [...pieces, { from: at, to: text.length }]);
}

/** The names of two or more who speak more than once each, and of no figure or fact. */
function inTurn(names: readonly (string | undefined)[]): ReadonlySet<string> {
  const said = names.filter((n): n is string => n !== undefined && !isLabel(n));
  const often = new Set(said.filter((n) => said.filter((m) => m === n).length > 1));
  return often.size > 1 ? often : new Set();
}
