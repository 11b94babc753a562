import { spelt } from '../vocabulary/letters';
import { ANOTHER_PART, DENIED, WORDS, type Kind } from './adjuster-words';

/** What can be turned at one end of a machine, by the options of `forkAdjust` and `shockAdjust`. */
export type Adjusters = 'none' | 'preload' | 'preload-rebound' | 'full';

/** Where a line tells what can be turned, and at which end. `from`, `to`: places in the line. */
export interface AdjustersTold {
  readonly key: 'forkAdjust' | 'shockAdjust';
  readonly value: Adjusters;
  readonly from: number;
  readonly to: number;
}

interface Found {
  readonly kind: Kind;
  readonly from: number;
  readonly to: number;
}

/** A quick look first: one of these runs of letters stands in whatever is told. */
const MAY_TELL =
  /adjust|click|stell|stelb|r[ée]glab|r[ée]glag|regola|ajust|regul|pre-?load|vorsp|justerbar|ställbar|indstill|innstill|säädet|säätö|stavit|seříz/iu;

/** "Non-adjustable lever", "seat not adjustable". */
const OF_ANOTHER_PART = spelt(
  new RegExp(`^ (?:front |rear |height )?(?:${ANOTHER_PART})(?!\\p{L})`, 'iu'),
);
const ANOTHER_PART_IS = spelt(
  new RegExp(
    `(?<!\\p{L})(?:${ANOTHER_PART}),? (?:(?:is|are|ist|sind|est|es|è|is|são|jest) )?$`,
    'iu',
  ),
);

/** Every word of these in a sentence, none within another; what is denied ("no preload") is left out. */
function wordsIn(sentence: string): readonly Found[] {
  const found: Found[] = [];
  for (const [kind, pattern] of WORDS)
    for (const { index, 0: said } of sentence.matchAll(pattern)) {
      const to = index + said.length;
      if (found.some((f) => f.from < to && f.to > index)) continue;
      if (OF_ANOTHER_PART.test(sentence.slice(to, to + 24))) continue;
      if (ANOTHER_PART_IS.test(sentence.slice(Math.max(0, index - 30), index))) continue;
      if (isTurned(kind) && DENIED.test(sentence.slice(0, index))) continue;
      found.push({ kind, from: index, to });
    }
  return found.sort((a, b) => a.from - b.from);
}

const isEnd = (kind: Kind): kind is 'fork' | 'shock' | 'both' =>
  kind === 'fork' || kind === 'shock' || kind === 'both';
const isTurned = (kind: Kind): boolean =>
  kind === 'preload' || kind === 'rebound' || kind === 'compression';

/** What the words about one end come to; `undefined` where they say none of the four. */
function comesTo(words: readonly Found[]): Adjusters | undefined {
  const has = (kind: Kind): boolean => words.some((w) => w.kind === kind);
  if (has('nothing')) return has('all') || words.some((w) => isTurned(w.kind)) ? undefined : 'none';
  if (has('all')) return 'full';
  const [preload, rebound, compression] = [has('preload'), has('rebound'), has('compression')];
  if (preload && rebound && compression) return 'full';
  if (preload && rebound) return 'preload-rebound';
  // Damping without preload is none of the four.
  return preload && !rebound && !compression && has('cue') ? 'preload' : undefined;
}

/** How far in front of an end what is said of it may stand: "a fully adjustable 43 mm fork". */
const IN_FRONT = 34;
/** Nothing of another part lies between: "fully adjustable usd 43 mm". */
const PLAIN_BETWEEN = spelt(/^[\s\p{L}\d.-]*$/u);
const LEADS_TO =
  /(?:on|at|for|of|per|an|am|beim?|à|au|sur|de|du|alla?|al|sulla?|en|aan|op|na|på|v)(?: (?:the|der|dem|la|le|l['’]|el|il|de|het))? $/iu;

const JOINED =
  /^ (?:and|&|\+|und|et|e|ed|y|en|og|och|i|ja|a) (?:(?:the|die|das|la|le|l['’]|el|il|de|het) ?)?$/iu;

type Shares = ReadonlyMap<Found, Found[]>;

/** Whether words right before an end are said of it, and not of the end before. */
function isSaidOf(
  sentence: string,
  end: Found,
  last: Found | undefined,
  first: Found,
  nearest: Found,
): boolean {
  const gap = sentence.slice(nearest.to, end.from);
  const leads = LEADS_TO.test(gap);
  const isNear = isTurned(nearest.kind) ? /^[\s-]*$/u.test(gap) : PLAIN_BETWEEN.test(gap);
  if (!isNear && !leads) return false;
  // "Fork fully adjustable, shock preload": said behind the end before it.
  return (
    last === undefined || (!/[,;(]/u.test(gap) && (leads || !ownsBehind(sentence, last, first)))
  );
}

/** The words of a sentence by the end that they are said of. */
function sharesOf(sentence: string, words: readonly Found[], ends: readonly Found[]): Shares {
  const shares = new Map<Found, Found[]>(ends.map((e) => [e, []]));
  const taken = new Set<Found>();
  const give = (end: Found, given: readonly Found[]): void => {
    const free = given.filter((w) => !taken.has(w));
    for (const w of free) taken.add(w);
    shares.get(end)?.push(...free);
  };
  const others = words.filter((w) => !isEnd(w.kind));
  // What stands right before an end first: "a fully adjustable fork", "preload on the shock".
  for (const [i, end] of ends.entries()) {
    const last = ends[i - 1];
    const near = others.filter(
      (w) => w.from >= (last?.to ?? 0) && w.to <= end.from && end.from - w.to <= IN_FRONT,
    );
    const [first, nearest] = [near[0], near.at(-1)];
    if (!first || !nearest || !isSaidOf(sentence, end, last, first, nearest)) continue;
    give(end, near);
    const leads = LEADS_TO.test(sentence.slice(nearest.to, end.from));
    if (leads) shares.get(end)?.push({ kind: 'cue', from: nearest.to, to: end.from });
  }
  for (const [i, end] of ends.entries()) {
    const until = ends[i + 1]?.from ?? sentence.length;
    give(
      end,
      others.filter((w) => w.from >= end.to && w.to <= until),
    );
  }
  return shares;
}

/** What one sentence tells; `offset` is where it begins. */
function toldBy(sentence: string, offset: number): readonly AdjustersTold[] {
  const words = wordsIn(sentence);
  const ends = words.filter((w) => isEnd(w.kind));
  const shares = sharesOf(sentence, words, ends);
  return ends.flatMap((end, i) => {
    const next = ends[i + 1];
    const own = shares.get(end) ?? [];
    // "Fork and shock are fully adjustable".
    const isJoined =
      own.length === 0 && next !== undefined && JOINED.test(sentence.slice(end.to, next.from));
    const about = isJoined ? (shares.get(next) ?? []) : own;
    const value = comesTo(about);
    if (value === undefined) return [];
    const from = offset + Math.min(end.from, ...about.map((w) => w.from));
    const to = offset + Math.max(end.to, ...about.map((w) => w.to));
    const made = (key: AdjustersTold['key']): AdjustersTold => ({ key, value, from, to });
    if (end.kind === 'fork') return [made('forkAdjust')];
    if (end.kind === 'shock') return [made('shockAdjust')];
    return value === 'full' || value === 'none' ? [made('forkAdjust'), made('shockAdjust')] : [];
  });
}

/** "The fork is fully adjustable": an end, and nothing but plain words up to what is said of it. */
const ownsBehind = (sentence: string, end: Found, word: Found): boolean =>
  /^[^,;]{0,40}$/u.test(sentence.slice(end.to, word.from));

/** What a line tells of the adjusters of its fork and shock; both where two of one end are told. */
export function readAdjusters(line: string): readonly AdjustersTold[] {
  if (!MAY_TELL.test(line)) return [];
  const told = new Map<string, AdjustersTold>();
  let offset = 0;
  for (const sentence of line.split(/(?<=[;\n]|[.!?](?=\s))/u)) {
    for (const one of toldBy(sentence, offset)) {
      const name = `${one.key} ${one.value}`;
      if (!told.has(name)) told.set(name, one);
    }
    offset += sentence.length;
  }
  return [...told.values()];
}
