import type { Basis, FigureKey } from '../../readings';
import type { Dimension } from '../../units';
import type { Quantity } from '../lattice/quantity';
import type { Option, SentenceWords } from './option';
import { WEIGHTS } from './weights';

/** A way of saying a figure that needs no label: what stands right before or behind a number tells what it is. */
export interface Form {
  readonly key: FigureKey;
  /** What the number is written in; absent: nothing. */
  readonly dimension?: Dimension;
  readonly points: number;
  readonly by: Option['by'];
  /** Which way of measuring these words say. */
  readonly basis?: Basis;
  /** What ends right before the number, or begins right behind it; one of them is there. */
  readonly before?: RegExp;
  readonly behind?: RegExp;
  readonly when?: (s: SentenceWords, q: Quantity) => boolean;
  /** Also in a text of which it is open whether it is about a motorcycle. */
  readonly anywhere?: true;
}

/** Beats what a rider, a budget or a clock would take: nothing else is said like that. */
export const PLAINLY = WEIGHTS.byBasis + 2.2;

/** Millimetres within which a bare number beside the word seat is its height. Own assumption. */
export const SEAT_MM = { least: 740, most: 980 } as const;

/** Figures between commas, slashes or stops: the least for a list that names nothing. Own assumption. */
export const LISTED_FIGURES = 4;

/** Between commas or stops with nothing beside it: `…, 4.2 gal, …`. */
export const isAlone = (s: SentenceWords, q: Quantity): boolean =>
  /(?:^[^\p{L}\d]*|^(?:mine|stock|standard|serie)\s*:\s*|^\s*\d\)\s*|[,;(.•*/|-]\s*)$/u.test(
    s.text.slice(Math.max(0, q.from - 6), q.from),
  ) && /^\.?(?:\s*[,;)./|!]|\s*$| tho(?:ugh)?(?!\p{L}))/u.test(s.text.slice(q.to, q.to + 8));
