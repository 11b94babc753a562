import { spelt } from '../../vocabulary/letters';
import { endsName, isCommon, mayOpenName } from './no-names';

/** Words in a row that may be a machine's name. */
export interface Run {
  readonly words: readonly string[];
  /** Said apart before them, as whose they are: "Lindow's 450 X". */
  readonly maker: string | undefined;
  /** Places in the line. */
  readonly from: number;
  readonly to: number;
}

const TOKEN = spelt(/[\p{L}\d][\p{L}\d'’.\-/]*/gu);
const MOST_WORDS = 5;

/** A number by which a machine is known: "450", "690R"; no "845mm". */
const isNumber = (word: string): boolean =>
  /^\d{2,4}[A-Za-z]{0,2}$/.test(word) &&
  !/\d(?:mm|cm|kg|lb|hp|kw|nm|cc|km|mi|in|ps|ch|cv|kr|th|st|nd|rd|k)$/i.test(word);
/** "GT", "XC", "ML350", "TQ-5". */
const isCode = (word: string): boolean =>
  /^(?=.*\p{Lu})(?:[\p{Lu}\d-]{1,5}|\p{Lu}{1,4}-?\d{2,4}\p{Lu}{0,2})$/u.test(word);
/** Letters and a number in one: enough for a model by itself. */
export const isTelling = (word: string): boolean => /^\p{Lu}{1,4}-?\d{2,4}\p{Lu}{0,2}$/u.test(word);

export const isYear = (word: string): boolean => /^(?:19[5-9]|20[0-3])\d$/.test(word);
/** Whether a name has a number as machines have it: three or four digits, or fewer beside a letter. */
export const hasNumber = ({ words }: { readonly words: readonly string[] }): boolean =>
  words.some((w) => (/^\d{3,4}/.test(w) && !isYear(w)) || /\p{L}-?\d{2}|\d{2}\p{L}/u.test(w));

const UNIT = spelt(
  /^\s?(?:cc|ccm|cm³|cm3|km|kms|miles|mi|kg|kilos?|lbs?|mm|cm|hp|bhp|PS|ch|cv|pk|kW|€|£|\$|%|°|EUR|euros?|litres?|liters?|rpm|Nm|Wh|Ah|ml|mpg|mph|RON|giri|tr|tooth|teeth|hours?|Uhr|per|pro|par|times|seat)(?![\p{L}\d])|^[:.,]\d|^ \d{3}(?!\d)/iu,
);
/** "14 L", "15 T": no name of a machine has so few. */
const FEW_WITH = spelt(/^\s?[LT](?![\p{L}\d])/u);
const FEW = 80;
/** Of one letter: as they are written, and no "w/". */
const SHORT_UNIT = spelt(/^\s?[lVWAh](?![\p{L}\d/])/u);
const isAmount = (word: string, follows: string): boolean =>
  UNIT.test(follows) ||
  SHORT_UNIT.test(follows) ||
  (FEW_WITH.test(follows) && Number.parseInt(word, 10) <= FEW);

const OWNER = spelt(/^(\p{Lu}[\p{L}-]+)['’]s$/u);

/** A word without the stop behind it; "500's" is "500". */
const bare = (token: string): string => token.replace(/(?<=\d)['’]s$|[.'’\-/]+$/u, '');

/** What kinds of machine are called, and is a part of names too. */
const KIND = /^(?:enduro|rally|rallye|trail|adventure|travel|tour|sport|plus)$/iu;
const mayGoOn = (word: string): boolean =>
  /^\p{Lu}/u.test(word) && (KIND.test(word) || !isCommon(word));

/** Where the words of a name that begins at this token end, and which they are. */
function grown(line: string, tokens: readonly RegExpExecArray[], first: number): Run | undefined {
  const words: string[] = [];
  let to = 0;
  for (const token of tokens.slice(first)) {
    if (words.length > 0 && !/^\s{1,2}$/.test(line.slice(to, token.index))) break;
    const word = bare(token[0]);
    if (words.length > 0 && (isYear(word) || endsName(word))) break;
    if (words.length > 0 && isCode(word) && isCommon(word)) break;
    if (
      /^\d/.test(word) &&
      isAmount(word, line.slice(token.index + word.length, token.index + word.length + 8))
    )
      break;
    const goesOn =
      words.length === 0
        ? mayOpenName(word) && !OWNER.test(token[0])
        : (mayGoOn(word) || isNumber(word) || isCode(word)) && !OWNER.test(token[0]);
    if (!goesOn) break;
    words.push(word);
    to = token.index + word.length;
    if (words.length === MOST_WORDS || /[.,:;]$|\d['’]s$/u.test(token[0])) break;
  }
  return words.length > 0
    ? { words, maker: undefined, from: tokens[first]?.index ?? 0, to }
    : undefined;
}

/** A name behind whose it is: "Lindow's 450 X", "Lindow's new Ridge 450". */
function owned(line: string, tokens: readonly RegExpExecArray[], first: number): Run | undefined {
  const maker = OWNER.exec(tokens[first]?.[0] ?? '')?.[1];
  if (maker === undefined || !mayOpenName(maker)) return undefined;
  const next = tokens[first + 1];
  const isNew = next?.[0] === 'new';
  const at = first + (isNew ? 2 : 1);
  const word = tokens[at]?.[0] ?? '';
  const run = isNumber(word)
    ? numbered(line, tokens, at)
    : isNew || isTelling(word)
      ? grown(line, tokens, at)
      : undefined;
  return run && hasNumber(run)
    ? { ...run, maker, from: tokens[first]?.index ?? run.from }
    : undefined;
}

/** A name that begins with its number, behind whose it is. */
function numbered(line: string, tokens: readonly RegExpExecArray[], at: number): Run | undefined {
  const token = tokens[at];
  if (!token) return undefined;
  const word = bare(token[0]);
  const end = token.index + word.length;
  if (!isNumber(word) || isYear(word) || isAmount(word, line.slice(end, end + 8))) return undefined;
  const next = tokens[at + 1];
  const code = next && next.index === end + 1 && isCode(next[0]) ? next[0] : '';
  return code === '' || endsName(code)
    ? { words: [word], maker: undefined, from: token.index, to: end }
    : { words: [word, code], maker: undefined, from: token.index, to: end + 1 + code.length };
}

/**
 * All runs of a line that may be a name: capitalised words with the numbers and codes among them, at least two of them, or one that
 * is letters and a number. Longest first from each place; none within another.
 */
export function runsOf(line: string): readonly Run[] {
  const tokens = [...line.matchAll(TOKEN)];
  const runs: Run[] = [];
  let past = 0;
  tokens.forEach((token, i) => {
    if (token.index < past) return;
    const run = owned(line, tokens, i) ?? grown(line, tokens, i);
    if (!run) return;
    past = run.to;
    const { words, maker } = run;
    const [first = ''] = words;
    const enough =
      maker !== undefined || words.length > 1 || isTelling(first) || /^\p{Lu}\p{L}{2}/u.test(first);
    // "Mix 50", "Page 12": so small a number beside one word is none of a machine's.
    const small = words.length === 2 && /^\d{2}$/.test(words[1] ?? '');
    if (enough && !small && words.some((w) => /\p{L}{2}/u.test(w) || maker)) runs.push(run);
  });
  return runs;
}
