import { sentencesOf } from '../../link/sentences';
import { namesInTalk, type Named, type OtherNamed } from './named-in-talk';
import {
  ACQUIRED,
  BESIDE,
  clauseAt,
  inFull,
  COMPARED,
  GOES_ON,
  INVERTED,
  IS_SO,
  LABEL_OF,
  LISTED,
  MACHINE_VERB,
  MINE,
  MY,
  OF_IT,
  OPENS_WITH,
  SUBJECT,
  THEN_SAYS,
  THIS_ONE,
} from './turns';

/** A stretch of a text that tells of another machine, or of one that cannot be told. */
export interface Theirs {
  readonly from: number;
  readonly to: number;
  /** It may be of the own machine all the same: no name stands by it. */
  readonly unsure: boolean;
}

/** Whose the stretches of a text are. */
export interface Whose {
  readonly theirs: readonly Theirs[];
  /** The text sets other machines beside its own, and tells them apart by name. */
  readonly apart: boolean;
}

const NOBODY: Whose = { theirs: [], apart: false };

/** Whether a place in the text is told of another machine: surely, perhaps, or not. */
export function toldOfAnother({ theirs }: Whose, from: number): 'surely' | 'perhaps' | undefined {
  const found = theirs.filter((t) => from >= t.from && from < t.to);
  return found.length === 0 ? undefined : found.some((t) => !t.unsure) ? 'surely' : 'perhaps';
}

/** Who the talk is of at some place: the own machine, another, one of them unsaid; or the own with another named beside it. */
type Of = 'own' | 'other' | 'unsaid' | 'beside';

interface Turn {
  readonly at: number;
  readonly of: Of;
  /** Who the next sentence goes on about, where that is another. */
  readonly then?: Of;
}

const BACK_TO = 44;
const WHICH =
  /^,? (?:which|who|that|having|at (?=\d)|with (?:its|a)|die|der|qui|que|che|som|con (?:sus?|il suo|la sua)|avec (?:son|sa|ses))(?!\p{L})|^ \((?=[^)]*\d)/u;

/** "Dave bought a Brannoch": the next sentence may be of that. */
const SOMEBODY_BOUGHT =
  /(?<!\p{L})(?:\p{Lu}\p{Ll}+|he|she|they|mate|friend|brother|wife|neighbour) (?:has |had |just )?bought (?:an?|the) $/u;

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
function turnsIn(
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
    else if (!beside || SOMEBODY_BOUGHT.test(before)) turns.push({ at: sure ? at : n.from, of });
  });
  for (const m of text.matchAll(THIS_ONE)) turns.push({ at: m.index, of: 'own' });
  for (const m of text.matchAll(MINE)) turns.push({ at: m.index, of: mine });
  return { turns: turns.sort((a, b) => a.at - b.at), ofOthers };
}

/** Names by their order in a text: those of one stretch after the other, places counted from its beginning. */
function inOrder<N extends Named>(names: readonly N[]): (from: number, to: number) => readonly N[] {
  let next = 0;
  return (from, to) => {
    const found: N[] = [];
    for (let n = names[next]; n && n.from < to; n = names[(next += 1)])
      if (n.from >= from && n.to <= to) found.push({ ...n, from: n.from - from, to: n.to - from });
    return found;
  };
}

/** Who a sentence is of before it names anybody. */
function carried(last: Of, words: string, sale: boolean): Of {
  const goesOn = GOES_ON.test(words);
  // An advert is of what it sells.
  if (sale && !goesOn) return 'own';
  if (last === 'other') return goesOn ? 'other' : 'unsaid';
  if (last === 'beside') return goesOn ? 'unsaid' : 'own';
  return last;
}

/**
 * Which stretches of a text tell of other machines than its own, by the names that it sets beside it and by what goes on about them:
 * "The Brannoch has a 19 litre tank. It costs more. The Rove carries 17." Nothing where the text names no other. Linear in the text.
 * @param lines with their places in the whole text
 * @param ownWords of the own machine's name, in small letters
 * @param sale the text offers it
 */
export function whoseIn(
  lines: readonly { readonly written: string; readonly offset: number }[],
  ownWords: readonly string[],
  sale = false,
): Whose {
  const whole = lines.map((l) => l.written).join('\n');
  const names = namesInTalk(whole, ownWords);
  if (names.others.length === 0) return NOBODY;
  const isMy = (n: Named) => MY.test(whole.slice(Math.max(0, n.from - BACK_TO), n.from));
  const mine: Of = names.others.some(isMy) && !names.own.some(isMy) ? 'unsaid' : 'own';
  const theirs: Theirs[] = [];
  let last: Of = 'own';
  let start = 0;
  const ownIn = inOrder(names.own);
  const othersIn = inOrder(names.others);
  for (const { written, offset } of lines) {
    if (written.trim() === '' || last === 'unsaid') last = 'own';
    for (const { text, at } of sentencesOf(written)) {
      const from = start + at;
      const own = ownIn(from, from + text.length);
      const others = othersIn(from, from + text.length);
      const { turns, ofOthers } = turnsIn(text, own, others, mine);
      const starts: readonly Turn[] = [{ at: 0, of: carried(last, text, sale) }, ...turns];
      starts.forEach(({ at: a, of }, i) => {
        const b = starts[i + 1]?.at ?? text.length;
        if ((of === 'other' || of === 'unsaid') && b > a)
          theirs.push({ from: offset + at + a, to: offset + at + b, unsure: of === 'unsaid' });
      });
      for (const t of ofOthers)
        theirs.push({ ...t, from: offset + at + t.from, to: offset + at + t.to });
      const end = starts.at(-1);
      const of = end?.then ?? end?.of ?? 'own';
      const beside = others.some((n) => !COMPARED.test(text.slice(0, n.from)));
      const lastNamed = [...own, ...others].sort((a, b) => a.from - b.from).at(-1);
      const before = inFull(text.slice(0, lastNamed?.from));
      // "Came home with a Brannoch 660.": what follows may be of that.
      const got =
        lastNamed !== undefined &&
        'sure' in lastNamed &&
        ACQUIRED.test(before) &&
        !COMPARED.test(before);
      last = of !== 'own' ? of : got ? 'unsaid' : turns.length === 0 && beside ? 'beside' : 'own';
    }
    start += written.length + 1;
  }
  return { theirs, apart: true };
}
