import type { TextUnit } from './written-units';

/** A number with its unit as it stands in a text. */
export interface Quantity {
  /** What the digits may mean, likeliest first: `1.340` is 1.34 or 1340. */
  readonly amounts: readonly number[];
  /** Half the width of a range, in the written unit. */
  readonly spread?: number;
  readonly unit: TextUnit | undefined;
  readonly from: number;
  readonly to: number;
  /** Part of a list split by a slash under one unit: `240/230 mm`. */
  readonly listed: boolean;
  /** `17k`: thousands of something. */
  readonly thousands?: true;
  /** `79 x 63 mm`, `2 x 300`: a factor or a size by two measures; its place in the product. */
  readonly product?: 0 | 1;
  /** `from 895 to 865`: what a part, or a lower price, made of it. */
  readonly changed?: 'is-new' | 'is-old';
  /** A footnote's mark behind it. */
  readonly mark?: string;
}

/** Digits that a mean of two written numbers may need; what is beyond them is the computer's. */
const DIGITS = 12;
const tidy = (n: number): number => Number(n.toPrecision(DIGITS));

/** "Between 4.1 and 4.8": the middle, and how far either end is from it. */
export const betweenTwo = (a: number, b: number) => ({
  amounts: [tidy((a + b) / 2)],
  spread: tidy((b - a) / 2),
});
