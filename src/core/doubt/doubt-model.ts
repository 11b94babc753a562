import type { Rows } from '../numeric';

/** How the weights are drawn. `fixed`: as given. `order`: anywhere on the simplex that keeps the order of those given. `free`: anywhere on it. `within`: anywhere on it that keeps each criterion's bounds. */
export type WeightDoubt = 'fixed' | 'order' | 'free' | 'within';

/** One thing that counts: its weight, what its quantity is worth, and how much of a guess about it is the same for all. */
export interface DoubtCriterion {
  readonly key: string;
  /** All add to 1. */
  readonly weight: number;
  /** Worth 0–1 over the quantity, piecewise linear, flat beyond the ends; x rises. */
  readonly knots: readonly { readonly x: number; readonly y: number }[];
  /** Where the weight may lie when weights are drawn `within`; absent: 0 to 1. */
  readonly bounds?: { readonly low: number; readonly high: number } | undefined;
}

/** A quantity of one alternative, from its 5th to its 95th percentile, with its value in each row of the table of draws. */
export type DoubtQuantity =
  | {
      readonly kind: 'known';
      readonly low: number;
      readonly mid: number;
      readonly high: number;
      /** Absent where there is no doubt. */
      readonly rows?: Rows | undefined;
    }
  | { readonly kind: 'unknown' };

/** A limit on a quantity of one alternative. */
export interface DoubtLimit {
  readonly key: string;
  readonly quantity: DoubtQuantity;
  /** Passes from here up. */
  readonly least: number;
}

export interface DoubtAlternative {
  readonly id: string;
  /** One for each criterion, in their order. */
  readonly quantities: readonly DoubtQuantity[];
  /** What each criterion is worth, 0–1: in each row, or the same in all. */
  readonly worths: readonly (Rows | number)[];
  /** The same at the middle of everything. */
  readonly mids: readonly number[];
  readonly limits: readonly DoubtLimit[];
  /** 1 in each row in which it keeps every limit, else 0; or the same in all. In a row that breaks one it stands behind all that keep theirs. */
  readonly keeps: Rows | number;
}

/** Everything a simulation is told. It knows no motorcycle. */
export interface DoubtModel {
  readonly criteria: readonly DoubtCriterion[];
  readonly alternatives: readonly DoubtAlternative[];
  readonly weights: WeightDoubt;
}
