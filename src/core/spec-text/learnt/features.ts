import { spelt } from '../vocabulary/letters';
import { sensesOf } from '../link/dimensions';
import type { SentenceWords, Word } from '../link/option';
import { toBase } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { plainWord } from '../vocabulary/lexicon';

/** Most words heeded on either side of a number, and how far they are looked for, characters. */
const BEFORE = 10;
const BEHIND = 7;
const REACH = 120;
/** Those that no other number parts from it. */
const OWN_BEFORE = 8;
const OWN_BEHIND = 6;

const TOKEN = spelt(/[\p{L}']+|\d+|[.,;:?!/()£$€=-]/gu);

/** Words and marks in lower case; every number is the same. */
const tokens = (text: string): readonly string[] =>
  (text.toLowerCase().match(TOKEN) ?? []).map((t) => (/^\d/.test(t) ? '#' : t));

/** A size in steps of a fifth, and in coarser ones of nearly a doubling. */
const fine = (amount: number): number => Math.round(Math.log(amount) / 0.18);
const coarse = (amount: number): number => Math.round(Math.log(amount) / 0.6);

const nameOf = ({ meaning }: Word): string =>
  meaning.kind === 'label' ? `l${meaning.name}` : `t${meaning.taker}`;

/** The kind of thing a unit measures, or `bare`. */
const kindOf = ({ unit }: Quantity, s: SentenceWords): string =>
  unit === undefined
    ? 'bare'
    : sensesOf(unit, s.units)
        .map((x) => x.dimension)
        .join('+');

/** How far a label stands, in a few steps: numbers between, then characters. */
function distance(s: SentenceWords, from: number, to: number): string {
  const between = s.quantities.filter((q) => q.from >= from && q.to <= to).length;
  const gap = to - from;
  return `${Math.min(2, between)}${gap < 4 ? 0 : gap < 15 ? 1 : gap < 40 ? 2 : 3}`;
}

/** The amount in the base unit of its kind, so that 34 in and 864 mm are alike; a bare number and money as they stand. */
function sizeOf({ amounts, unit }: Quantity, s: SentenceWords): number {
  const [sense] = sensesOf(unit, s.units);
  const [first] = sense?.units ?? [];
  const amount = (amounts[0] ?? 0) * (sense?.times ?? 1);
  const size = first === undefined || sense?.dimension === 'money' ? amount : toBase(amount, first);
  return Number.isFinite(size) && size > 0 ? size : 0.01;
}

/** What the number itself tells: its unit, its size, how it is written. */
function ofNumber(s: SentenceWords, q: Quantity, kind: string): readonly string[] {
  const amount = sizeOf(q, s);
  return [
    'any',
    `kind=${kind}`,
    `unit=${q.unit ?? '-'}`,
    ...[-1, 0, 1].map((k) => `size=${kind}:${fine(amount) + k}${k === 0 ? '' : '~'}`),
    `wide=${kind}:${coarse(amount)}`,
    ...(q.listed ? ['listed'] : []),
    ...(q.product === undefined ? [] : [`product${q.product}`]),
    ...(q.changed ? [`changed=${q.changed}`] : []),
    ...(Number.isInteger(q.amounts[0]) ? ['whole'] : []),
  ];
}

/** The words around it. */
function ofWords(s: SentenceWords, q: Quantity, kind: string, index: number): readonly string[] {
  const last = s.quantities[index - 1]?.to ?? 0;
  const next = s.quantities[index + 1]?.from ?? s.text.length;
  const before = tokens(s.text.slice(Math.max(0, q.from - REACH), q.from)).slice(-BEFORE);
  const behind = tokens(s.text.slice(q.to, q.to + REACH)).slice(0, BEHIND);
  const [b1 = '^', b2 = '^'] = [before.at(-1), before.at(-2)];
  const [a1 = '$', a2 = '$'] = behind;
  const own = (text: string) => tokens(text);
  const ownBefore = own(s.text.slice(Math.max(last, q.from - REACH), q.from)).slice(-OWN_BEFORE);
  const ownBehind = own(s.text.slice(q.to, Math.min(next, q.to + REACH))).slice(0, OWN_BEHIND);
  return [
    `b1=${b1}`,
    `b2=${b2}`,
    `b21=${b2}_${b1}`,
    `a1=${a1}`,
    `a2=${a2}`,
    `a12=${a1}_${a2}`,
    `b1k=${b1}|${kind}`,
    `a1k=${a1}|${kind}`,
    ...ownBefore.flatMap((w) => [`B:${w}`, `Bk:${w}|${kind}`]),
    ...ownBehind.flatMap((w) => [`A:${w}`, `Ak:${w}|${kind}`]),
  ];
}

/** The names of figures and of what is none of ours around it. */
function ofLabels(s: SentenceWords, q: Quantity, kind: string): readonly string[] {
  const left = s.words
    .filter((w) => w.mention.to <= q.from)
    .toSorted((a, b) => b.mention.to - a.mention.to);
  const right = s.words
    .filter((w) => w.mention.from >= q.to)
    .toSorted((a, b) => a.mention.from - b.mention.from);
  const [l, l2] = left;
  const [r] = right;
  return [
    ...(l
      ? [
          `wl=${nameOf(l)}`,
          `wld=${nameOf(l)}${distance(s, l.mention.to, q.from)}`,
          `wlk=${nameOf(l)}|${kind}`,
        ]
      : ['wl-']),
    ...(l2 ? [`wl2=${nameOf(l2)}`] : []),
    ...(r
      ? [
          `wr=${nameOf(r)}`,
          `wrd=${nameOf(r)}${distance(s, q.to, r.mention.from)}`,
          `wrk=${nameOf(r)}|${kind}`,
        ]
      : ['wr-']),
    ...(s.above ? [`above=${nameOf(s.above)}${s.words.length > 0 ? '' : '!'}`] : []),
  ];
}

/** Signs at a word's beginning that tell what it speaks of, in most of its forms and in related languages. */
const STEM = 5;

/** The stems of the longer words that no other number parts from it, so that a word's other forms say the same. */
function ofStems(s: SentenceWords, q: Quantity, kind: string, index: number): readonly string[] {
  const last = s.quantities[index - 1]?.to ?? 0;
  const next = s.quantities[index + 1]?.from ?? s.text.length;
  const stems = (words: readonly string[]) =>
    words.map(plainWord).flatMap((w) => (w.length >= STEM ? [w.slice(0, STEM)] : []));
  const before = tokens(s.text.slice(Math.max(last, q.from - REACH), q.from)).slice(-OWN_BEFORE);
  const behind = tokens(s.text.slice(q.to, Math.min(next, q.to + REACH))).slice(0, OWN_BEHIND);
  return [
    ...stems(before).flatMap((w) => [`SB:${w}`, `SBk:${w}|${kind}`]),
    ...stems(behind).flatMap((w) => [`SA:${w}`, `SAk:${w}|${kind}`]),
  ];
}

/** Steps of a quarter by which one amount of a kind is larger than the other, at most four either way. */
const step = (one: number, other: number): number =>
  Math.max(-4, Math.min(4, Math.round(Math.log(one / other) / 0.25)));

/** The number beside it: its kind and size, how much larger this one is, what stands between them. */
function ofNeighbour(
  s: SentenceWords,
  q: Quantity,
  kind: string,
  at: 'p' | 'n',
  neighbour: Quantity | undefined,
): readonly string[] {
  if (!neighbour) return [`${at}0`];
  const [size, other] = [sizeOf(q, s), sizeOf(neighbour, s)];
  const alike = kindOf(neighbour, s);
  const between = s.text.slice(Math.min(q.to, neighbour.to), Math.max(q.from, neighbour.from));
  return [
    `${at}s=${alike}:${coarse(other)}|${kind}`,
    `${at}r=${kind}|${alike === kind ? step(size, other) : 'x'}`,
    `${at}g=${plainWord(between).slice(0, 14)}|${kind}`,
  ];
}

/** All labels within reach, on either side, and with the size of the number. */
function ofAllLabels(s: SentenceWords, q: Quantity, kind: string): readonly string[] {
  const size = `${kind}:${coarse(sizeOf(q, s))}`;
  const near = s.words.filter(
    ({ mention }) => mention.to >= q.from - REACH && mention.from <= q.to + REACH,
  );
  return near.flatMap((w) => [
    `L=${nameOf(w)}`,
    `Lk=${nameOf(w)}|${size}`,
    `L${w.mention.to <= q.from ? '<' : '>'}=${nameOf(w)}`,
  ]);
}

/**
 * All that is heeded of a number in its sentence, as names of features: its unit and size, the words and labels around it, its
 * neighbours, what the line before gave. Each at most once.
 */
export function featuresOf(s: SentenceWords, index: number): ReadonlySet<string> {
  const q = s.quantities[index];
  if (!q) return new Set();
  const kind = kindOf(q, s);
  const neighbour = (n: Quantity | undefined) => (n ? (n.unit ?? 'bare') : '-');
  return new Set([
    ...ofNumber(s, q, kind),
    ...ofWords(s, q, kind, index),
    ...ofLabels(s, q, kind),
    ...ofStems(s, q, kind, index),
    ...ofNeighbour(s, q, kind, 'p', s.quantities[index - 1]),
    ...ofNeighbour(s, q, kind, 'n', s.quantities[index + 1]),
    ...ofAllLabels(s, q, kind),
    ...(s.lastKey ? [`last=${s.lastKey}`] : []),
    `pu=${neighbour(s.quantities[index - 1])}`,
    `nu=${neighbour(s.quantities[index + 1])}`,
    ...(s.sale ? ['sale', `sk=${kind}`] : []),
  ]);
}
