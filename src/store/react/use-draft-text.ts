'use client';
import { useState } from 'react';
import type { Outcome } from '../dossier-state';
import type { RecordFault } from '../records';
import { useDrafts } from './store-context';

export type Parsed<T> =
  | { readonly kind: 'value'; readonly value: T }
  | { readonly kind: 'fault'; readonly words: string };

export interface DraftTextSetting<T> {
  /** Where unfinished typing is kept over a reload. */
  readonly draftKey: string;
  /** The stored value's text. */
  readonly shown: string;
  /** The stored value an edit starts from. */
  readonly base: unknown;
  readonly parse: (text: string) => Parsed<T>;
  /** Stores a good value if the stored one is still `before`. */
  readonly commit: (value: T, before: unknown) => Outcome;
  /** What stands where the value was committed, once that is done. */
  readonly committed: (value: T) => unknown;
  /** Says why the store refused a value that the field let pass. */
  readonly refusalWords?: (fault: RecordFault) => string;
}

export interface DraftText {
  readonly text: string;
  readonly fault: string | undefined;
  /** Another tab changed the same thing while the rider typed; the rider decides. */
  readonly conflict: { readonly keepMine: () => void; readonly takeTheirs: () => void } | undefined;
  readonly onFocus: () => void;
  readonly onChange: (text: string) => void;
  readonly onBlur: () => void;
}

/** A text field over a stored value: good text is stored as it is typed, other text waits with its reason. */
export function useDraftText<T>({
  draftKey,
  shown,
  base,
  parse,
  commit,
  committed,
  refusalWords = () => 'This cannot be kept.',
}: DraftTextSetting<T>): DraftText {
  const drafts = useDrafts();
  const kept = drafts.get(draftKey);
  const [typed, setTyped] = useState<string | undefined>(kept);
  const [fault, setFault] = useState<string | undefined>(() => {
    const parsed = kept === undefined ? undefined : parse(kept);
    return parsed?.kind === 'fault' ? parsed.words : undefined;
  });
  const [before, setBefore] = useState<{ readonly value: unknown }>();
  const [lost, setLost] = useState<{ readonly value: T; readonly theirs: unknown }>();

  const store = (value: T, from: unknown) => {
    const outcome = commit(value, from);
    if (outcome.kind === 'conflict') setLost({ value, theirs: outcome.conflict.theirs });
    else if (outcome.kind === 'refused') setFault(refusalWords(outcome.fault));
    else setBefore({ value: committed(value) });
  };
  return {
    text: typed ?? shown,
    fault,
    conflict: lost && {
      keepMine() {
        store(lost.value, lost.theirs);
        setLost(undefined);
        setTyped(undefined);
      },
      takeTheirs() {
        setLost(undefined);
        setTyped(undefined);
        setBefore(undefined);
      },
    },
    onFocus: () => setBefore({ value: base }),
    onChange(text) {
      setTyped(text);
      const parsed = parse(text);
      if (parsed.kind === 'fault') {
        drafts.keep(draftKey, text);
        return;
      }
      drafts.drop(draftKey);
      setFault(undefined);
      if (text !== shown) store(parsed.value, before ? before.value : base);
    },
    onBlur() {
      if (typed === undefined) return;
      const parsed = parse(typed);
      if (parsed.kind === 'fault') setFault(parsed.words);
      else if (!lost && !fault) {
        setTyped(undefined);
        setBefore(undefined);
      }
    },
  };
}
