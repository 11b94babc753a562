import type { Named, OtherNamed } from './named-in-talk';
import {
  ACQUIRED,
  BACK_TO,
  BESIDE,
  clauseAt,
  COMPARED,
  inFull,
  INVERTED,
  IS_SO,
  LABEL_OF,
  LISTED,
  MACHINE_VERB,
  MINE,
  OF_IT,
  OPENS_WITH,
  SOMEBODY_BOUGHT,
  SUBJECT,
  THEN_SAYS,
  THIS_ONE,
  WHICH,
} from './turns';

/** A stretch of a text that tells of another machine, or of one that cannot be told. */
export interface Theirs {
  readonly from: number;
  readonly to: number;
  /** It may be of the own machine all the same: no name stands by it. */
  readonly unsure: boolean;
}

/** Who the talk is of at some place: the own machine, another, one of them unsaid; or the own with another named beside it. */
export type Of = 'own' | 'other' | 'unsaid' | 'beside';

export interface Turn {
  readonly at: number;
  readonly of: Of;
  /** Who the next sentence goes on about, where that is another. */
  readonly then?: Of;
}

/** "The seat height of the Brannoch is" */
const isLabelOf = (before: string, behind: string): boolean =>
  LABEL_OF.test(before) && IS_SO.test(behind);

interface TurnsRead {
  readonly turns: readonly Turn[];
  /** Another's by a word behind them: "19 litres on the Brannoch". */
  readonly ofOthers: readonly Theirs[];
}

/** A stretch that begins at a place, its names blanked out. */
const withoutNames = (words: string, at: number, names: readonly Named[]): string =>
  names.reduce(
    (rest, { from, to }) =>
      from >= at && to <= at + words.length
        ? rest.slice(0, from - at) + '_'.repeat(to - from) + rest.slice(to - at)
        : rest,
    words,
  );

/** Where one sentence turns to another machine and back. */
export function turnsIn(
  text: string,
  own: readonly Named[],
  others: readonly OtherNamed[],
  mine: Of,
): TurnsRead {
  const turns: Turn[] = [];
  const ofOthers: Theirs[] = [];
  const all = [...own, ...others].sort((a, b) => a.from - b.from);
  all.forEach((n, i) => {
    const sure = 'sure' in n ? n.sure : undefined;
    const before = inFull(text.slice(Math.max(0, n.from - BACK_TO), n.from));
    const behind = text.slice(n.to, n.to + 60);
    const clause = clauseAt(text, n.from);
    // "Traded my Tor 490 for a Brannoch": the number is a name's, and no figure.
    const opening = inFull(withoutNames(text.slice(clause, n.from), clause, all));
    // "Where the Pellow has 180 mm the Tor has 240": one clause, two names.
    const at = clause < (all[i - 1]?.to ?? 0) ? n.from : clause;
    const does =
      (MACHINE_VERB.test(behind) && !INVERTED.test(behind)) ||
      (sure === true && LISTED.test(behind));
    const opens = OPENS_WITH.test(opening) && (sure !== false || THEN_SAYS.test(behind));
    const ofIt = !does && OF_IT.test(opening);
    const beside = BESIDE.test(before) || (sure !== undefined && COMPARED.test(before));
    if (sure === undefined) {
      if (ofIt || does || opens || !beside || isLabelOf(before, behind))
        turns.push({ at, of: 'own' });
      return;
    }
    const of = sure ? 'other' : 'unsaid';
    if (ofIt) ofOthers.push({ from: at, to: n.to, unsure: !sure });
    else if (does || isLabelOf(before, behind) || SUBJECT.test(opening)) turns.push({ at, of });
    else if (opens) turns.push({ at, of, then: sure ? of : 'beside' });
    // "Unlike the Pellow, which has a shaft": of it up to the next name.
    else if (WHICH.test(behind) && !/(?<!\p{L})i[tn] $/iu.test(before))
      turns.push({ at: n.from, of, then: COMPARED.test(before) ? 'own' : of });
    // "I bought a Brannoch 660, 171 kg": what follows may be of that.
    else if (ACQUIRED.test(before) && !COMPARED.test(before))
      turns.push({ at: n.to, of: 'unsaid' });
    else if (!beside || SOMEBODY_BOUGHT.test(before)) turns.push({ at: sure ? at : n.from, of });
  });
  for (const m of text.matchAll(THIS_ONE)) turns.push({ at: m.index, of: 'own' });
  for (const m of text.matchAll(MINE)) turns.push({ at: m.index, of: mine });
  return { turns: turns.sort((a, b) => a.at - b.at), ofOthers };
}
