import type { Brief, MustKey } from '../brief';
import type { Donor } from '../donor';
import { NO_EVIDENCE, type Evidence } from '../evidence';
import type { Part } from '../part';
import type { FigureKey } from '../readings';

/** Parts that sit on one machine already, and the figures that were read on it as it is, parts and all. */
export interface Aboard {
  readonly parts: readonly Part[];
  readonly readOnIt: readonly FigureKey[];
}

export const NOTHING_ABOARD: Aboard = { parts: [], readOnIt: [] };

/** A rider's machine without anything added: who rides it where, what it is, what it carries, and what trials say of the rider. */
export interface BareCase {
  readonly brief: Brief;
  /** Resolved: with all it inherits and all that was seen on it. */
  readonly donor: Donor;
  readonly aboard: Aboard;
  readonly evidence: Evidence;
  /** Musts that the rider takes as kept while nobody has given what they are judged by. Absent: none. */
  readonly takenAsKept?: readonly MustKey[] | undefined;
}

/** All that an assessment is made from. */
export interface Case extends BareCase {
  /** Parts added, in the order of fitting. */
  readonly parts: readonly Part[];
}

/** A case from a brief and a donor, with nothing aboard, added or tried unless it is given. */
export const caseOf = (given: Pick<Case, 'brief' | 'donor'> & Partial<Case>): Case => ({
  parts: [],
  aboard: NOTHING_ABOARD,
  evidence: NO_EVIDENCE,
  ...given,
});
