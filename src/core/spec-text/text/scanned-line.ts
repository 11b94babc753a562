import type { Origin } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import { asWritten, type Places } from '../lattice/closed-up';
import type { Mention } from '../vocabulary/lexicon';

/** A line of the text with all that stands in it. */
export interface ScannedLine {
  /** With numbers in digits and tyre sizes blanked out. */
  readonly line: string;
  /** Where that stood as written. */
  readonly places?: Places | undefined;
  readonly written: string;
  readonly offset: number;
  /** The machine it tells of, where a paragraph tells of several in turn. */
  readonly machine?: string;
  /** Who gave its figures, where a table says so at the head of their column. */
  readonly origin?: Origin;
  readonly mentions: readonly Mention[];
  readonly quantities: readonly Quantity[];
}

/** A stretch of a sentence as it stands in the text. */
export function lifted(scanned: ScannedLine, at: number, from: number, to: number) {
  const place = asWritten(scanned.places, at + from, at + to);
  return { from: scanned.offset + place.from, to: scanned.offset + place.to };
}
