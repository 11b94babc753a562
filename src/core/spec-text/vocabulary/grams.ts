import { plainWord } from './lexicon';

/** Letters in a run that a line is looked through for before a pattern is tried. */
const GRAM = 3;

let lastText = '';
let lastGrams: ReadonlySet<string> = new Set();

/** All runs of three signs of a text, in small letters without accents. The last text's are kept. */
export function gramsOf(text: string): ReadonlySet<string> {
  if (text === lastText) return lastGrams;
  const plainly = plainWord(text);
  const found = new Set<string>();
  for (let i = 0; i + GRAM <= plainly.length; i += 1) found.add(plainly.slice(i, i + GRAM));
  [lastText, lastGrams] = [text, found];
  return found;
}

/** Whether a pattern that needs one of these can match a text with those; `undefined` needs none. */
export const mayMatch = (needed: readonly string[] | undefined, grams: ReadonlySet<string>) =>
  needed === undefined || needed.some((gram) => grams.has(gram));

/** What a part of a pattern cannot match without: one of these runs of three signs; `undefined` where it can do without any. */
type Needed = ReadonlySet<string> | undefined;

/** In a pattern's source, from `at`: what is left of it to read. */
interface Cursor {
  readonly source: string;
  at: number;
}

const ESCAPE = /\\(?:[pP]\{[^}]*\}|k<[^>]*>|u\{[^}]*\}|u[\dA-Fa-f]{4}|x[\dA-Fa-f]{2}|.)/suy;
const CLASS = /\[(?:\\.|[^\]\\])*\]/suy;
const GROUP = /\((?:\?(?:(:)|[=!]|<[=!]|<[^>]*>))?/uy;
const AROUND = /^\(\?<?[=!]/u;
const TIMES = /(?:[*+?]|\{(\d*)(?:,\d*)?\})\??/uy;

/** Takes what a sticky pattern finds at the cursor. */
function taken(cursor: Cursor, pattern: RegExp): RegExpExecArray | null {
  pattern.lastIndex = cursor.at;
  const found = pattern.exec(cursor.source);
  if (found) cursor.at += found[0].length;
  return found;
}

/** How often the part before may be missing: `once` exactly one, `many` at least one, `none` perhaps not at all. */
function times(cursor: Cursor): 'once' | 'many' | 'none' {
  const found = taken(cursor, TIMES);
  if (!found) return 'once';
  const [words, least] = found;
  return words.startsWith('+') || Number(least ?? 0) > 0 ? 'many' : 'none';
}

/** The fewest alternatives of what a sequence needs: the rarer they are, the more is left out. */
const fewest = (all: readonly Needed[]): Needed =>
  all.reduce((a, b) => (a === undefined || (b !== undefined && b.size < a.size) ? b : a));

function sequence(cursor: Cursor): Needed {
  const all: Needed[] = [undefined];
  let run = '';
  const end = () => {
    if (run.length >= GRAM) all.push(new Set([run.slice(-GRAM)]));
    run = '';
  };
  while (cursor.at < cursor.source.length && !/[|)]/.test(cursor.source[cursor.at] ?? '')) {
    const group = taken(cursor, GROUP);
    if (group) {
      end();
      const inside = alternatives(cursor);
      cursor.at += 1;
      if (times(cursor) !== 'none' && !AROUND.test(group[0])) all.push(inside);
    } else if (taken(cursor, ESCAPE) ?? taken(cursor, CLASS)) {
      end();
      times(cursor);
    } else {
      const sign = cursor.source[cursor.at] ?? '';
      const plainly = plainWord(sign);
      cursor.at += 1;
      const often = times(cursor);
      const literal = /^[\p{L}\d ]$/u.test(plainly);
      if (literal && often !== 'none') run += plainly;
      if (!literal || often !== 'once') end();
    }
  }
  end();
  return fewest(all);
}

function alternatives(cursor: Cursor): Needed {
  const all = [sequence(cursor)];
  while (cursor.source[cursor.at] === '|') {
    cursor.at += 1;
    all.push(sequence(cursor));
  }
  return all.every((needed) => needed !== undefined)
    ? new Set(all.flatMap((needed) => [...needed]))
    : undefined;
}

/**
 * Runs of three signs, in small letters without accents, one of which stands in every text that the pattern matches; `undefined`
 * where it may match without. Lookarounds count for nothing, so that it holds for what stands before a place as well.
 */
export function neededGrams(pattern: RegExp): readonly string[] | undefined {
  const needed = alternatives({ source: pattern.source, at: 0 });
  return needed && [...needed];
}
