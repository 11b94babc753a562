import type { Proposal } from '../proposal';
import { spelt } from '../vocabulary/letters';

/** Praise of a seat, and not the lower of two: "dank der niedrigen Sitzhöhe von 795 mm". */
const PRAISED = spelt(
  /(?<!\p{L})(?:low|niedrige[rnms]?|geringe[rnms]?|tiefe[rnms]?|flache[rnms]?) (?:seat height|sitzhöhe)(?!\p{L})/iu,
);
/** Where it ends, in characters before its number. */
const BEFORE = 32;

/**
 * The only seat that a text tells of, called low: that is its height as it comes.
 *
 * @param whole the text in which the proposals have their places
 */
export function lowAsItIs(proposals: readonly Proposal[], whole: string): readonly Proposal[] {
  const seats = proposals.filter((p) => p.key === 'seatHeight');
  const isPraised = (p: Proposal): boolean =>
    p.kind === 'figure' &&
    p.basis === 'low-seat' &&
    PRAISED.test(whole.slice(Math.max(0, p.from - BEFORE), p.to));
  return seats.length > 0 && seats.every(isPraised)
    ? proposals.map((p) =>
        p.kind === 'figure' && p.key === 'seatHeight' ? { ...p, basis: 'standard-seat' } : p,
      )
    : proposals;
}
