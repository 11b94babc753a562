import type { FigureKey } from '../readings';
import { certain, unknown, weightedSum, type Estimate, type Known } from '../numeric';

/** One reason of an index: what was looked at, what it says, and how good that is. */
export interface IndexReason {
  /** A fact or figure of the sheet, or what is read out of one. */
  readonly name: string;
  /** The fact or figure that tells it, where the name is not its. */
  readonly asks?: string | undefined;
  /** Share of the index that hangs on it; all shares add to 1. */
  readonly weight: number;
  /** 0–1, or not known. */
  readonly worth: number | undefined;
  /** What stands in for a worth that is not known, or is known with doubt; absent: anything from 0 to 1, or exactly the worth. */
  readonly standIn?: Known | undefined;
  /** The option the sheet names, where it is a fact. */
  readonly says?: string | undefined;
  /** The figure behind it, where nobody has given it and what is typical of the class stands in. */
  readonly typical?: readonly FigureKey[] | undefined;
}

export interface SuitabilityIndex {
  /** 0–1; not known where less than half of it has been told. */
  readonly estimate: Estimate;
  /** What it counts as, told or not: a reason that is not known at its worst, in the table of draws as its class has it. */
  readonly worth: Known;
  readonly reasons: readonly IndexReason[];
}

/** From this share of the reasons up an index is stated; below it is not known. */
const KNOWN_FROM = 0.5;

/**
 * Σ weight × worth. A reason that is not known counts as the worst it may be: ignorance is never rewarded, neither in what a machine is
 * worth nor in what a part would add to it. With less than half of the weight known the index is not known, and names what is missing.
 */
export function weightedIndex(reasons: readonly IndexReason[]): SuitabilityIndex {
  const share = reasons.reduce((sum, r) => sum + (r.worth === undefined ? 0 : r.weight), 0);
  const worth = weightedSum(
    reasons.map(({ worth: told, standIn, weight }) => ({
      figure: standIn ?? certain(told ?? 0),
      weight,
    })),
  );
  if (share < KNOWN_FROM - 1e-9)
    return {
      estimate: unknown(
        ...reasons.filter((r) => r.worth === undefined).map((r) => r.asks ?? r.name),
      ),
      worth,
      reasons,
    };
  return { estimate: worth, worth, reasons };
}
