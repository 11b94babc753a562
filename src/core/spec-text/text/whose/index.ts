import { sentencesOf } from '../../link/sentences';
import { namesInTalk, type Named } from './named-in-talk';
import { BESIDE, CLAUSE, GOES_ON, MACHINE_VERB, OF_IT, THIS_ONE } from './turns';

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

/** Who the talk is of at some place: the own machine, another, or whichever came last, unsaid. */
type Of = 'own' | 'other' | 'unsaid';

interface Turn {
  readonly at: number;
  readonly of: Of;
}

const BACK_TO = 44;

/** Whether a place in the text is told of another machine: surely, perhaps, or not. */
export function toldOfAnother({ theirs }: Whose, from: number): 'surely' | 'perhaps' | undefined {
  const found = theirs.filter((t) => from >= t.from && from < t.to);
  return found.length === 0 ? undefined : found.some((t) => !t.unsure) ? 'surely' : 'perhaps';
}

/** Where the clause that holds a place begins. */
function clauseAt(text: string, at: number): number {
  let from = 0;
  for (const m of text.slice(0, at).matchAll(CLAUSE)) from = m.index + m[0].length;
  return from;
}

/** The turns of one sentence, and the stretches that are another's by a word behind them: "19 litres on the Brannoch". */
function turnsIn(
  text: string,
  own: readonly Named[],
  others: readonly Named[],
): { readonly turns: readonly Turn[]; readonly ofOthers: readonly (readonly [number, number])[] } {
  const turns: Turn[] = [];
  const ofOthers: (readonly [number, number])[] = [];
  const all = [...own, ...others].sort((a, b) => a.from - b.from);
  all.forEach((n, i) => {
    const isOwn = own.includes(n);
    const before = text.slice(Math.max(0, n.from - BACK_TO), n.from);
    const behind = text.slice(n.to, n.to + BACK_TO);
    const ofIt = OF_IT.test(text.slice(0, n.from));
    // "Where the Pellow has 180 mm the Tor has 240": one clause, two names.
    const clause = clauseAt(text, n.from);
    const at = clause < (all[i - 1]?.to ?? 0) ? n.from : clause;
    if (ofIt && !isOwn) ofOthers.push([at, n.to]);
    // "Unlike the Pellow, which has a shaft": of it up to the next name.
    else if (
      ofIt ||
      MACHINE_VERB.test(behind) ||
      !BESIDE.test(before) ||
      (!isOwn && WHICH.test(behind))
    )
      turns.push({ at, of: isOwn ? 'own' : 'other' });
  });
  for (const m of text.matchAll(THIS_ONE)) turns.push({ at: m.index, of: 'own' });
  return { turns: turns.sort((a, b) => a.at - b.at), ofOthers };
}
const WHICH = /^,? (?:which|who|that|die|der|qui|que|che|die|som)(?!\p{L})/u;

/**
 * Which stretches of a text tell of other machines than its own, by the names that it sets beside it and by what goes on about them:
 * "The Brannoch has a 19 litre tank. It costs more. The Rove carries 17." Nothing where the text names no other. Linear in the text.
 * @param lines with their places in the whole text
 * @param own words of the own machine's name, in small letters
 */
export function whoseIn(
  lines: readonly { readonly written: string; readonly offset: number }[],
  own: readonly string[],
): Whose {
  const text = lines.map((l) => l.written).join('\n');
  const names = namesInTalk(text, own);
  if (names.others.length === 0) return NOBODY;
  const theirs: Theirs[] = [];
  let last: Of = 'own';
  let start = 0;
  for (const { written, offset } of lines) {
    const shift = offset - start;
    if (written.trim() === '') last = 'own';
    else if (last === 'unsaid') last = 'own';
    for (const { text: words, at } of sentencesOf(written)) {
      const from = start + at;
      const within = (list: readonly Named[]) =>
        list
          .filter((n) => n.from >= from && n.to <= from + words.length)
          .map((n): Named => ({ ...n, from: n.from - from, to: n.to - from }));
      const { turns, ofOthers } = turnsIn(words, within(names.own), within(names.others));
      let of: Of = last === 'own' ? 'own' : GOES_ON.test(words) ? 'other' : 'unsaid';
      let since = 0;
      const close = (to: number) => {
        if (of !== 'own' && to > since)
          theirs.push({
            from: from + since + shift,
            to: from + to + shift,
            unsure: of === 'unsaid',
          });
      };
      for (const turn of turns) {
        close(turn.at);
        since = turn.at;
        of = turn.of;
      }
      close(words.length);
      for (const [a, b] of ofOthers)
        theirs.push({ from: from + a + shift, to: from + b + shift, unsure: false });
      last = of;
    }
    start += written.length + 1;
  }
  return { theirs, apart: true };
}
