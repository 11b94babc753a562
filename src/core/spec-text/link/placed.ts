import { asWritten } from '../lattice/closed-up';
import type { Quantity } from '../lattice/quantity';
import type { ScannedLine } from '../text/scanned-line';
import type { Option } from './option';

/** A number in words or a unit may have been made shorter than it was written: up to the end of its word. */
function wordEnd(written: string, to: number): number {
  if (!/\p{L}/u.test(written[to - 1] ?? '')) return to;
  return to + (/^\p{L}*/u.exec(written.slice(to))?.[0].length ?? 0);
}

/** Where the words that made a figure stand: from its label, unless another figure stands between. */
export function placed(
  scanned: ScannedLine,
  at: number,
  option: Option,
  q: Quantity,
  to: number,
  before: Quantity | undefined,
) {
  const label = option.by === 'label' ? option.word?.mention : undefined;
  let from = q.from;
  let end = to;
  if (
    label &&
    label.to <= q.from &&
    q.from - label.from < 60 &&
    (!before || before.to <= label.from)
  )
    from = label.from;
  if (label && label.from >= q.to) end = Math.max(end, label.to);
  const text = scanned.line.slice(at + from, at + end);
  const closed = text.includes('(') && scanned.line[at + end] === ')' ? 1 : 0;
  const found = asWritten(scanned.places, at + from, at + end + closed);
  const place = { from: found.from, to: wordEnd(scanned.written, found.to) };
  return {
    words: scanned.written.slice(place.from, place.to).trim(),
    from: scanned.offset + place.from,
    to: scanned.offset + place.to,
  };
}
