import { between, known, unknown, type Estimate } from '../numeric';

/** One reason of an index: what was looked at, what it says, and how good that is. */
export interface IndexReason {
  /** A fact or figure of the sheet. */
  readonly name: string;
  /** Share of the index that hangs on it; all shares add to 1. */
  readonly weight: number;
  /** 0–1, or not known. */
  readonly worth: number | undefined;
  /** The option the sheet names, where it is a fact. */
  readonly says?: string | undefined;
}

export interface SuitabilityIndex {
  /** 0–1. */
  readonly estimate: Estimate;
  readonly reasons: readonly IndexReason[];
}

/** From this share of the reasons up an index is stated; below it is not known. */
const KNOWN_FROM = 0.5;

/**
 * Σ weight × worth. A reason that is not known may be worth anything from 0 to 1; the mean of the known ones stands in for it.
 * With less than half of the weight known the index is not known, and names what is missing.
 */
export function weightedIndex(reasons: readonly IndexReason[]): SuitabilityIndex {
  const told = reasons.filter((r): r is IndexReason & { worth: number } => r.worth !== undefined);
  const share = told.reduce((sum, r) => sum + r.weight, 0);
  if (share < KNOWN_FROM - 1e-9)
    return {
      estimate: unknown(...reasons.filter((r) => r.worth === undefined).map((r) => r.name)),
      reasons,
    };
  const sum = told.reduce((total, r) => total + r.weight * r.worth, 0);
  return { estimate: known(between(sum, Math.min(1, sum + 1 - share), sum / share)), reasons };
}
