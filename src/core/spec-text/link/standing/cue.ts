/** How words are told that do not tell what this machine is. */
export type Standing =
  /** What somebody wants, wishes for or asks. */
  | 'wished'
  /** What is said not to be so. */
  | 'denied'
  /** What another machine has. */
  | 'of-another'
  /** What a part made of it. */
  | 'changed'
  /** What can be had for more money. */
  | 'optional';

/** Words behind which, or before which, what a clause tells is not of this machine. */
export interface Cue {
  readonly standing: Standing;
  readonly words: RegExp;
  /** It is said of what stands before it in the clause: "… would be nice". */
  readonly behind?: true;
  /** Of what a machine has, and not of numbers: "no shaft drive", but "no fuel: 178 kg". */
  readonly factsOnly?: true;
  /** A sum of money is what a seller wants, and stays. */
  readonly sparesMoney?: true;
  /** To the end of the sentence, whatever stands between. */
  readonly whole?: true;
  /** Of a question, all of it. */
  readonly asked?: true;
}

/** A cue for each of several alternatives, which stand as words: by itself each is tried only where its letters are. */
export const each = (cue: Omit<Cue, 'words'>, alternatives: readonly string[]): readonly Cue[] =>
  alternatives.map((words) => ({
    ...cue,
    words: new RegExp(`(?<!\\p{L})(?:${words})(?!\\p{L})`, 'iu'),
  }));

/** A stretch of a sentence that does not tell what this machine is. */
export interface Span {
  readonly from: number;
  readonly to: number;
  /** Where the words stand that say so. */
  readonly cue: { readonly from: number; readonly to: number };
  readonly standing: Standing;
  readonly factsOnly: boolean;
  readonly sparesMoney: boolean;
}
