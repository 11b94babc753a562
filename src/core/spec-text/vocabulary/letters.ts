/** Letters of the languages read here and their neighbours (Latin, Greek, Cyrillic), as the inside of a class. */
export const LETTER = 'A-Za-zªµºÀ-ÖØ-öø-ʯͰ-ԯḀ-ỿ';

/** Those of one case among the Latin letters, which take turns in the alphabet's later part, as the inside of a class. */
const ofCase = (one: RegExp): string =>
  Array.from({ length: 0x250 }, (_, code) => String.fromCharCode(code))
    .filter((sign) => one.test(sign))
    .join('');

/** What a class stands for. */
const SPELT: Readonly<Record<string, string>> = {
  L: LETTER,
  Lu: ofCase(/\p{Lu}/u),
  Ll: ofCase(/\p{Ll}/u),
};

/**
 * The same pattern with `\p{L}`, `\p{Lu}` and `\p{Ll}` spelt out. All letters that Unicode knows take ten times as long to set up, and
 * stay in memory at every place of a pattern where they may stand.
 */
export function spelt(pattern: RegExp): RegExp {
  let inClass = false;
  const source = pattern.source.replace(/\\p\{(L[ul]?)\}|\\.|[[\]]/gsu, (sign, name?: string) => {
    if (sign === '[') inClass = true;
    if (sign === ']') inClass = false;
    const letters = name === undefined ? undefined : SPELT[name];
    if (letters === undefined) return sign;
    return inClass ? letters : `[${letters}]`;
  });
  return new RegExp(source, pattern.flags);
}
