import { sentencesOf } from '../../link/sentences';
import { namesInTalk, type Named, type OtherNamed } from './named-in-talk';
import { ACQUIRED, BACK_TO, COMPARED, GOES_ON, inFull, MY, THE_OTHER } from './turns';
import { turnsIn, type Of, type Theirs, type Turn } from './turns-in-sentence';

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

interface LineOfText {
  readonly written: string;
  readonly offset: number;
}

/** Whether a line is no more of the one before it: that ended with a stop, or was no longer than a line of a list. */
const opensAnew = (before: LineOfText | undefined, offset: number): boolean =>
  before !== undefined &&
  offset > before.offset + before.written.length &&
  (before.written.trim().length < SHORTEST_WRAPPED || /[.!?:;)]\s*$/u.test(before.written));
const SHORTEST_WRAPPED = 50;

/** Where a place in the lines, one below the other, stands in the text. */
function placeIn(lines: readonly LineOfText[], at: number): number {
  let start = 0;
  for (const { written, offset } of lines) {
    if (at <= start + written.length) return offset + at - start;
    start += written.length + 1;
  }
  return at;
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

/** Who the next sentence is of, as far as this one tells. */
function leftWith(
  text: string,
  starts: readonly Turn[],
  own: readonly Named[],
  others: readonly OtherNamed[],
): Of {
  const end = starts.at(-1);
  const of = end?.then ?? end?.of ?? 'own';
  if (of !== 'own') return of;
  const last = [...own, ...others].sort((a, b) => a.from - b.from).at(-1);
  const upTo = inFull(text.slice(0, last?.from));
  // "Came home with a Brannoch 660.": what follows may be of that.
  const got = last !== undefined && 'sure' in last && ACQUIRED.test(upTo) && !COMPARED.test(upTo);
  const beside = others.some((n) => !COMPARED.test(inFull(text.slice(0, n.from))));
  return got ? 'unsaid' : starts.length === 1 && beside ? 'beside' : 'own';
}

/**
 * Which stretches of a text tell of other machines than its own, by the names that it sets beside it and by what goes on about them:
 * "The Brannoch has a 19 litre tank. It costs more. The Rove carries 17." Nothing where the text names no other. Linear in the text.
 * @param lines with their places in the whole text
 * @param ownWords of the own machine's name, in small letters
 * @param sale the text offers it
 */
export function whoseIn(
  lines: readonly LineOfText[],
  ownWords: readonly string[],
  sale = false,
): Whose {
  const whole = lines.map((l) => l.written).join('\n');
  const names = namesInTalk(whole, ownWords);
  const [first] = names.own;
  const theOther =
    first && THE_OTHER.test(whole.slice(Math.max(0, first.from - BACK_TO), first.from));
  // All that was told before it is of the one that was named first, or not named at all.
  const told: readonly Theirs[] =
    first && theOther
      ? [{ from: lines[0]?.offset ?? 0, to: placeIn(lines, first.from), unsure: false }]
      : [];
  if (names.others.length === 0) return theOther ? { theirs: told, apart: true } : NOBODY;
  const isMy = (n: Named) => MY.test(whole.slice(Math.max(0, n.from - BACK_TO), n.from));
  const mine: Of = names.others.some(isMy) && !names.own.some(isMy) ? 'unsaid' : 'own';
  const theirs: Theirs[] = [...told];
  let last: Of = 'own';
  let start = 0;
  let before: LineOfText | undefined;
  const ownIn = inOrder(names.own);
  const othersIn = inOrder(names.others);
  for (const { written, offset } of lines) {
    if (written.trim() === '' || (last === 'unsaid' && opensAnew(before, offset))) last = 'own';
    before = { written, offset };
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
      last = leftWith(text, starts, own, others);
    }
    start += written.length + 1;
  }
  return { theirs, apart: true };
}
