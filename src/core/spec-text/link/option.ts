import type { Basis, FigureKey } from '../../readings';
import type { UnitId } from '../../units';
import type { Quantity } from '../lattice/quantity';
import type { Meaning, Mention } from '../vocabulary/lexicon';
import type { TextUnits } from './dimensions';

/** A label word of a sentence, or one that stands on the line above it. */
export interface Word {
  readonly mention: Mention;
  readonly meaning: Extract<Meaning, { kind: 'label' }> | Extract<Meaning, { kind: 'taker' }>;
  /** Place in the order of the sentence; −1 for a label above. */
  readonly order: number;
  /** Of a label above: the unit that stands beside it, for a number alone in the next line. */
  readonly unit?: UnitId;
}

/** One way to understand a quantity. Without `key`: it is none of ours. */
export interface Option {
  readonly key: FigureKey | undefined;
  readonly word: Word | undefined;
  readonly points: number;
  readonly amounts: readonly number[];
  readonly units: readonly UnitId[];
  readonly unitSaid: boolean;
  readonly open: 'gallon' | 'currency' | undefined;
  /** Only behind a figure with this key: `@ 8 250 rpm`. */
  readonly needs?: readonly FigureKey[];
  /** Only behind the other side under the same label. */
  readonly continues?: true;
  /** How it was recognised. */
  readonly by: 'label' | 'above' | 'unit' | 'basis' | 'sum' | 'follows' | 'taker' | 'likeness';
  readonly basis?: Basis | undefined;
  readonly side?: 'front' | 'rear' | undefined;
}

/** What a sentence offers to its figures. */
export interface SentenceWords {
  readonly text: string;
  readonly words: readonly Word[];
  readonly mentions: readonly Mention[];
  readonly quantities: readonly Quantity[];
  readonly above: Word | undefined;
  /** `above` was given its figure for one end already; this sentence speaks of the other. */
  readonly carried: boolean;
  readonly units: TextUnits;
  readonly sale: boolean;
  readonly ours: boolean;
  /** "millimetres that is": a unit said for bare numbers. */
  readonly spoken: UnitId | undefined;
  /** It has wide blanks, as rows of a table have. */
  readonly wide: boolean;
  /** It is all that its line says. */
  readonly whole: boolean;
  /** The figure that the line before gave last. */
  readonly lastKey: FigureKey | undefined;
  /** Quantities that are said of another machine or of nothing. */
  readonly blocked: ReadonlySet<number>;
}
