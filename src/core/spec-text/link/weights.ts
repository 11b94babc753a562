/**
 * What speaks for a word and a figure belonging together, in points; set by trial on one half of the corpus of texts
 * (`test/corpus/tune`), kept honest by the other.
 */
export const WEIGHTS = {
  /** A label before its figure, nothing between. */
  before: 5,
  /** A label behind its figure. */
  behind: 4.4,
  /** Each word between that says nothing of its own. */
  plainWord: 0.08,
  wordBefore: 0.4,
  wordBehind: 0.9,
  commaBefore: 1.2,
  commaBehind: 2.6,
  /** "and", "but" between. */
  joiner: 0.8,
  /** Another figure, another label between. */
  figureBefore: 1.5,
  figureBehind: 3,
  labelBetween: 1.7,
  /** A colon, a tab or dots right behind the label. */
  colon: 0.6,
  /** Labels that are ordinary words too. */
  weak: 1.1,
  weakWord: 0.5,
  /** No unit was written. */
  bare: 0.7,
  /** A label on the line above. */
  above: 3.4,
  /** `@ 8 250 rpm` behind a power. */
  follows: 5.4,
  /** Recognised by its unit alone. */
  byUnit: 2.5,
  /** A mass that "wet" or "dry" stands beside. */
  byBasis: 4,
  /** A bare sum in an advert. */
  bySum: 2.6,
  /** The label was used for the figure before already. */
  again: 3.2,
  /** Labels and figures in crossed order. */
  crossed: 1.5,
  /** A label of one end, a figure of the other. */
  turned: 0.7,
  /** The same figure twice in one sentence. */
  sameFigure: 1.6,
  /** Below this a figure is left alone. */
  take: 2,
  /** What must lie between the best and the next reading for a tick. */
  margin: 0.75,
} as const;
