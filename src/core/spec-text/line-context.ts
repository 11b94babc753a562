import type { Basis, FigureKey } from '../readings';
import type { ClockReading } from './link/clock';
import type { SentenceWords, Word } from './link/option';
import type { Side } from './link/side-of';
import type { FigureProposal, PassedOver } from './proposal';
import type { Survey } from './text/survey';
import type { Whose } from './text/whose';
import type { Mention } from './vocabulary/lexicon';

/** What the lines before, and the text as a whole, hand down to a line. */
export interface LineContext {
  readonly survey: Survey;
  /** Words of the machine's name, in small letters; none where it is not known. */
  readonly own: readonly string[];
  /** Which stretches of the text are told of other machines. */
  readonly whose: Whose;
  /** A label that stood without a figure of its own, and the basis its words named. */
  readonly above: Word | undefined;
  readonly aboveBasis: Basis | undefined;
  /** The figure that was given last. */
  readonly lastKey: FigureKey | undefined;
  /** The side a heading named. */
  readonly side: Side | undefined;
  /** What the text's footnotes say of a basis, by mark. */
  readonly footnotes: ReadonlyMap<string, readonly Mention[]>;
  /** Told of every sentence read, by whoever learns from them. */
  readonly listen?: Listen | undefined;
}

/** A sentence as the reader saw it, and the figure that its rules gave each quantity. */
export type Listen = (s: SentenceWords, keys: readonly (FigureKey | undefined)[]) => void;

export interface LineRead {
  readonly figures: readonly FigureProposal[];
  /** What numbers without a name mostly mean in such words: for where nothing else gives the figure. */
  readonly likely: readonly FigureProposal[];
  readonly passedOver: readonly PassedOver[];
  readonly clock: readonly ClockReading[];
  /** The last label that got no figure: it may serve the next line. */
  readonly open: Word | undefined;
  /** The label of the last figure that has another end. */
  readonly twoEnded: Word | undefined;
}
