/** How the weights are drawn. `fixed`: as given. `order`: anywhere on the simplex that keeps the order of those given. `free`: anywhere on it. `within`: anywhere on it that keeps each criterion's bounds. */
export type WeightDoubt = 'fixed' | 'order' | 'free' | 'within';

/** One thing that counts: its weight, what its quantity is worth, and how much of a guess about it is the same for all. */
export interface DoubtCriterion {
  readonly key: string;
  /** All add to 1. */
  readonly weight: number;
  /** Worth 0–1 over the quantity, piecewise linear, flat beyond the ends; x rises. */
  readonly knots: readonly { readonly x: number; readonly y: number }[];
  /** Share of the variance of a guess that all alternatives have in common, 0–1. */
  readonly shared: number;
  /** Where the weight may lie when weights are drawn `within`; absent: 0 to 1. */
  readonly bounds?: { readonly low: number; readonly high: number } | undefined;
}

/** A quantity of one alternative; not known may be worth anything. */
export type DoubtQuantity =
  | { readonly kind: 'known'; readonly low: number; readonly mid: number; readonly high: number }
  | { readonly kind: 'unknown' };

/** A limit on a quantity of one alternative: in a draw that breaks it, it stands behind all that keep theirs. */
export interface DoubtLimit {
  readonly key: string;
  readonly quantity: DoubtQuantity;
  /** Passes from here up. */
  readonly least: number;
  /** The criterion whose draw it is, where the quantity is also weighed; its own draw otherwise. */
  readonly criterion: string | undefined;
}

export interface DoubtAlternative {
  readonly id: string;
  /** One for each criterion, in their order. */
  readonly quantities: readonly DoubtQuantity[];
  readonly limits: readonly DoubtLimit[];
  /** Breaks a limit for certain: never placed. */
  readonly out: boolean;
}

/** Everything a simulation is told. It knows no motorcycle. */
export interface DoubtModel {
  readonly criteria: readonly DoubtCriterion[];
  readonly alternatives: readonly DoubtAlternative[];
  readonly weights: WeightDoubt;
}
