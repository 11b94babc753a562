import type { FigureProposal, Proposal } from '../proposal';
import { spelt } from '../vocabulary/letters';

/** Praise of a seat, and not the lower of two: "dank der niedrigen Sitzhöhe von 795 mm". */
const PRAISED = spelt(
  /(?<!\p{L})(?:low|niedrige[rnms]?|geringe[rnms]?|tiefe[rnms]?|flache[rnms]?) (?:seat height|sitzhöhe)(?!\p{L})/iu,
);
/** "Selle basse à 810 mm": a seat that is low, or the lower of two. */
const LOW_OR_LOWER = spelt(
  /(?<!\p{L})(?:selle basse|sella bassa|asiento bajo|sill[ií]n bajo|banco baixo)(?!\p{L})/iu,
);
/** Where it ends, in characters before its number. */
const BEFORE = 32;

/**
 * The only seat that a text tells of, called low: that is its height as it comes; where the words leave that open, it is asked about.
 *
 * @param whole the text in which the proposals have their places
 */
export function lowAsItIs(proposals: readonly Proposal[], whole: string): readonly Proposal[] {
  const seats = proposals.filter((p) => p.key === 'seatHeight');
  const isCalled = (words: RegExp): boolean =>
    seats.length > 0 &&
    seats.every(
      (p) =>
        p.kind === 'figure' &&
        p.basis === 'low-seat' &&
        words.test(whole.slice(Math.max(0, p.from - BEFORE), p.to)),
    );
  const praised = isCalled(PRAISED);
  if (!praised && !isCalled(LOW_OR_LOWER)) return proposals;
  const asItIs = (p: FigureProposal): FigureProposal =>
    praised
      ? { ...p, basis: 'standard-seat' }
      : {
          ...p,
          ticked: false,
          doubts: [...p.doubts, { code: 'basis-unsaid', taken: 'low-seat' }],
        };
  return proposals.map((p) => (p.kind === 'figure' && p.key === 'seatHeight' ? asItIs(p) : p));
}
