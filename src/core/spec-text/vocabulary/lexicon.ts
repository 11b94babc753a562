import { spelt } from './letters';
import type { Basis } from '../../readings';
import { ENGLISH } from './english';
import { FRENCH } from './french';
import { GERMAN } from './german';
import { ITALIAN } from './italian';
import { OTHERS } from './others';
import { SPANISH } from './spanish';
import { LABEL_TARGETS, type LabelName, type Taker, type Vocabulary } from './vocabulary';

/** What some words of a line mean. */
export type Meaning =
  | {
      readonly kind: 'label';
      readonly name: LabelName;
      /** Names the thing only when it stands close. */
      readonly weak: boolean;
      readonly basis: Basis | undefined;
    }
  | { readonly kind: 'side'; readonly side: 'front' | 'rear' }
  | { readonly kind: 'basis'; readonly basis: Basis }
  | { readonly kind: 'taker'; readonly taker: Taker }
  | { readonly kind: 'other' }
  | { readonly kind: 'hedge' }
  | { readonly kind: 'sale' }
  | { readonly kind: 'trade' }
  | { readonly kind: 'elsewhere' };

/** Words of a line and what they mean; one span may mean several things. */
export interface Mention {
  readonly meanings: readonly Meaning[];
  readonly from: number;
  readonly to: number;
}

export const VOCABULARIES: readonly Vocabulary[] = [
  ENGLISH,
  GERMAN,
  FRENCH,
  SPANISH,
  ITALIAN,
  OTHERS,
];

interface Node {
  readonly next: Map<string, Node>;
  readonly meanings: Meaning[];
}
const node = (): Node => ({ next: new Map(), meanings: [] });

const plain = new Map<string, string>();
const MOST_WORDS = 20_000;

/** Lower case without accents, so that `Sitzhöhe` and `SITZHOHE` are one word. Length may change: only for looking up. */
export const plainWord = (text: string): string => {
  const known = plain.get(text);
  if (known !== undefined) return known;
  const made = text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/ł/g, 'l');
  if (text.length < 40 && plain.size < MOST_WORDS) plain.set(text, made);
  return made;
};

const WORD = spelt(/[\p{L}\p{M}\d]+/gu);

function add(root: Node, phrase: string, meaning: Meaning): void {
  let at = root;
  for (const [word] of plainWord(phrase).matchAll(WORD)) {
    const next = at.next.get(word) ?? node();
    at.next.set(word, next);
    at = next;
  }
  if (at !== root && !at.meanings.some((m) => JSON.stringify(m) === JSON.stringify(meaning)))
    at.meanings.push(meaning);
}

/** Words that only one vocabulary knows, and which. */
const ownWords = new Map<string, number>();

/**
 * The vocabularies that a text's words call for, by their places: English always, another where two of its own words stand in
 * the text.
 */
export function languagesOf(text: string): ReadonlySet<number> {
  if (text !== lastText) [lastText, lastLanguages] = [text, calledFor(text)];
  return lastLanguages;
}
/** The last text's, for its lines and what is settled for all of it ask one after the other. */
let lastText: string | undefined;
let lastLanguages: ReadonlySet<number> = new Set();

function calledFor(text: string): ReadonlySet<number> {
  lexicon ??= built();
  const own = VOCABULARIES.map(() => new Set<string>());
  const common = VOCABULARIES.map(() => new Set<string>());
  const english = new Set<string>();
  for (const [word] of text.matchAll(WORD)) {
    const plainly = plainWord(word);
    const of = ownWords.get(plainly);
    if (of !== undefined) own[of]?.add(plainly);
    if (ENGLISH_COMMON.has(plainly)) english.add(plainly);
    for (const i of commonWords.get(plainly) ?? []) common[i]?.add(plainly);
  }
  const most = Math.max(...common.map((c) => c.size));
  // "My first post": a word that Italians have too makes no Italian of an English sentence.
  const enough = english.size >= ENOUGH_ENGLISH ? ENOUGH_BESIDE_ENGLISH : 1;
  return new Set(
    VOCABULARIES.flatMap((_, i) => {
      const met = common[i]?.size ?? 0;
      const named = (own[i]?.size ?? 0) >= enough;
      return i === 0 || named || (met >= ENOUGH_COMMON && met === most) ? [i] : [];
    }),
  );
}

/** English words that the other languages do not have. */
const ENGLISH_COMMON: ReadonlySet<string> = new Set(
  'the and with this that you have but they from it my are its im been there what your'.split(' '),
);
/** Distinct ones that make a sentence of it, and words of another language's trade that it then takes. */
const ENOUGH_ENGLISH = 2;
const ENOUGH_BESIDE_ENGLISH = 3;

/** Distinct common words of a language that make a text one of it. */
const ENOUGH_COMMON = 2;
/** The languages that have a word among their commonest, by the word. */
const commonWords = new Map<string, readonly number[]>();
VOCABULARIES.forEach((v, i) => {
  for (const word of v.common?.split('|') ?? []) {
    const plainly = plainWord(word);
    const of = commonWords.get(plainly) ?? [];
    if (!of.includes(i)) commonWords.set(plainly, [...of, i]);
  }
});

const phrases = (list: string | undefined): readonly string[] => (list ? list.split('|') : []);

function built(): Node {
  const root = node();
  const seenIn = new Map<string, Set<number>>();
  VOCABULARIES.forEach((v, i) => {
    const lists = [
      ...Object.values(v.labels),
      v.front,
      v.rear,
      ...Object.values(v.bases),
      v.trade,
      v.sale,
      ...v.facts.map(([, , p]) => p.source.replace(/[^\p{L}\p{M}]+/gu, '|')),
      ...Object.values(v.factLabels).map((f) => f.labels),
    ];
    for (const [word] of lists.join(' ').matchAll(WORD)) {
      const plainly = plainWord(word);
      if (plainly.length >= 4)
        (seenIn.get(plainly) ?? seenIn.set(plainly, new Set()).get(plainly))?.add(i);
    }
  });
  for (const [word, of] of seenIn) {
    const [only, more] = [...of];
    if (only !== undefined && more === undefined) ownWords.set(word, only);
  }
  for (const v of VOCABULARIES) {
    for (const name of Object.keys(v.labels) as LabelName[])
      for (const phrase of phrases(v.labels[name])) {
        const [words = '', basis] = phrase.replace(/^~/, '').split('=');
        add(root, words, {
          kind: 'label',
          name,
          weak: phrase.startsWith('~'),
          basis: basis as Basis | undefined,
        });
      }
    for (const side of ['front', 'rear'] as const)
      for (const phrase of phrases(v[side])) add(root, phrase, { kind: 'side', side });
    for (const basis of Object.keys(v.bases) as Basis[])
      for (const phrase of phrases(v.bases[basis])) add(root, phrase, { kind: 'basis', basis });
    for (const taker of Object.keys(v.takers) as Taker[])
      for (const phrase of phrases(v.takers[taker])) add(root, phrase, { kind: 'taker', taker });
    for (const phrase of phrases(v.others)) add(root, phrase, { kind: 'other' });
    for (const phrase of phrases(v.hedges)) add(root, phrase, { kind: 'hedge' });
    for (const phrase of phrases(v.sale)) add(root, phrase, { kind: 'sale' });
    for (const phrase of phrases(v.trade)) add(root, phrase, { kind: 'trade' });
    for (const phrase of phrases(v.elsewhere)) add(root, phrase, { kind: 'elsewhere' });
  }
  return root;
}
let lexicon: Node | undefined;

/** Between two words of one phrase: a space, a hyphen, a point, a slash, an apostrophe. */
const JOINT = /^[ \u00a0.\-–'’/&%]{0,3}$/;

/** A short form may stand before a point within a phrase: "max. power". */
const SHORT_FORM =
  /^(?:max|min|approx|ca|no|nr|disp|displ|incl|cap|capac|comp|compr|ht|wt|spec|susp|trans|cil|pot|alt|zul|st|gr|perm|inkl|ink)$/;

/** "Service, by hours" is one label; "a 43 mm fork. Travel is 210" are two. */
const joined = (gap: string, before: string, word: string, capital: boolean): boolean =>
  (JOINT.test(gap) && !(capital && /\.\s/.test(gap) && !SHORT_FORM.test(before))) ||
  (gap === ', ' && word === 'by');

/** Words of English that are another language's before these: "im 178 cm" is somebody's own, "im Prospekt" is German. */
const ANOTHER_TONGUE: Readonly<Partial<Record<string, RegExp>>> = {
  im: /^ ?(?!\d)/u,
  // "Een tank van 24 liter", "van de dealer".
  van: /^ (?:de|het|een|ons|onze|mijn|zijn|deze|die|\d)/u,
};

/** All that the words of a line mean, the longest phrase first, none overlapping. Time is linear in the line. */
export function scanWords(line: string): readonly Mention[] {
  lexicon ??= built();
  const words = [...line.matchAll(WORD)].map((m) => ({
    word: plainWord(m[0]),
    from: m.index,
    to: m.index + m[0].length,
  }));
  const found: Mention[] = [];
  for (let i = 0; i < words.length; i += 1) {
    let at: Node | undefined = lexicon;
    let best: { readonly meanings: readonly Meaning[]; readonly last: number } | undefined;
    for (let j = i; j < words.length && at; j += 1) {
      const word = words[j];
      const before = words[j - 1];
      if (
        !word ||
        (j > i &&
          before &&
          !joined(
            line.slice(before.to, word.from),
            before.word,
            word.word,
            /\p{Lu}/u.test(line[word.from] ?? ''),
          ))
      )
        break;
      at = at.next.get(word.word);
      if (at && at.meanings.length > 0) best = { meanings: at.meanings, last: j };
    }
    const [first, last] = [words[i], best && words[best.last]];
    if (!best || !first || !last) continue;
    if (best.last === i && ANOTHER_TONGUE[first.word]?.test(line.slice(last.to, last.to + 12)))
      continue;
    if (last.to - first.from > 1 || isMark(line, first.from))
      found.push({ meanings: best.meanings, from: first.from, to: last.to });
    i = best.last;
  }
  return found;
}

/** `F:`, `v/h`: a single letter means a side only beside a colon or a slash, or alone in brackets. */
const isMark = (line: string, at: number): boolean =>
  /[:/]/.test(line[at + 1] ?? '') ||
  line[at - 1] === '/' ||
  (line[at - 1] === '(' && line[at + 1] === ')');

/** The label some words are, as a whole. */
export function labelOf(text: string): Extract<Meaning, { kind: 'label' }> | undefined {
  const [only, more] = scanWords(text.trim());
  if (!only || more || only.from > 1 || only.to < text.trim().replace(/[.:]+$/, '').length)
    return undefined;
  return only.meanings.find((m) => m.kind === 'label');
}

/** Whether some words open with a label: "Consumption on test". */
export function opensWithLabel(text: string): boolean {
  const [first] = scanWords(text.trim());
  return first !== undefined && first.from < 2 && first.meanings.some((m) => m.kind === 'label');
}

export const targetOf = (name: LabelName) => LABEL_TARGETS[name];
