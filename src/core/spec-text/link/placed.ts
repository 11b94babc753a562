import { asWritten } from '../lattice/closed-up';
import type { Quantity } from '../lattice/quantity';
import type { ScannedLine } from '../text/scanned-line';
import type { Option } from './option';

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
  const place = asWritten(scanned.places, at + from, at + end + closed);
  return {
    words: scanned.written.slice(place.from, place.to).trim(),
    from: scanned.offset + place.from,
    to: scanned.offset + place.to,
  };
}
