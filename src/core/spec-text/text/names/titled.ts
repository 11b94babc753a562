/** `VALBRET` is written `Valbret`; codes of up to three letters stay. */
export const titled = (word: string): string =>
  /^\p{Lu}{4,}$/u.test(word) ? word[0] + word.slice(1).toLowerCase() : word;

export const namedSo = (words: string): string => words.trim().split(/\s+/).map(titled).join(' ');
