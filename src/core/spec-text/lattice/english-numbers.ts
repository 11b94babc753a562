export const ONES: Readonly<Record<string, number>> = {
  zero: 0,
  oh: 0,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
};

export const TEENS: Readonly<Record<string, number>> = {
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};

export const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fourty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};

export const FRACTIONS: Readonly<Record<string, number>> = {
  half: 0.5,
  quarter: 0.25,
  quarters: 0.75,
};

/** What a run of number words says; `undefined` for what is none, such as "five nine" for a height. */

export function numberInWords(
  text: string,
): { readonly amount: number; readonly money: boolean } | undefined {
  const tail = / and (?:a |three )(half|quarters?)((?: (?:thousand|hundred|grand))?)$/iu.exec(text);
  const scale = tail?.[2]?.trim().toLowerCase() ?? '';
  const fraction = tail ? (FRACTIONS[tail[1]?.toLowerCase() ?? ''] ?? 0) : 0;
  const head = tail ? text.slice(0, tail.index) : text;
  const [whole = '', decimals] = head.toLowerCase().split(/ point /);
  const words = whole.split(/[\s,-]+/).filter((w) => w && w !== 'and');
  let amount = sumOf(words);
  if (amount === undefined) return undefined;
  if (decimals !== undefined) {
    const digits = decimals.split(/[\s-]+/).map((w) => ONES[w] ?? TEENS[w] ?? TENS[w]);
    if (digits.length === 0 || digits.some((d) => d === undefined)) return undefined;
    amount += Number(`0.${digits.join('')}`);
  }
  amount += fraction;
  const times = scale === 'hundred' ? 100 : scale ? 1000 : 1;
  return { amount: amount * times, money: /\bgrand\b/iu.test(text) };
}

export function sumOf(words: readonly string[]): number | undefined {
  let total = 0;
  let group: number | undefined;
  let kind: 'one' | 'teen' | 'ten' | 'tenOne' | 'scale' | undefined;
  for (const [i, word] of words.entries()) {
    const one = ONES[word];
    const teen = TEENS[word];
    const ten = TENS[word];
    if (word === 'a') continue;
    if (word === 'half') return undefined;
    if (one !== undefined) {
      const opens = words[i + 1] === 'hundred' || (TENS[words[i + 1] ?? ''] ?? 0) > 0;
      if (kind === 'ten') [group, kind] = [(group ?? 0) + one, 'tenOne'];
      else if (kind === 'scale' || kind === undefined) [group, kind] = [(group ?? 0) + one, 'one'];
      // "eight nine fifty": thousands and hundreds said digit by digit.
      else if (kind === 'one' && words.length > 2) [group, kind] = [(group ?? 0) * 10 + one, 'one'];
      // "eleven four ninety nine": thousands, then hundreds said digit by digit.
      else if ((kind === 'teen' || kind === 'tenOne') && opens && total === 0) {
        total = (group ?? 0) * 1000;
        [group, kind] = [one, 'one'];
      } else return undefined;
    } else if (teen !== undefined || ten !== undefined) {
      const value = teen ?? ten ?? 0;
      if (kind === 'one') group = (group ?? 0) * 100 + value;
      else if (kind === 'teen' || kind === 'ten' || kind === 'tenOne')
        group = (group ?? 0) * 100 + value;
      else group = (group ?? 0) + value;
      kind = teen === undefined ? 'ten' : 'teen';
    } else {
      const times = word === 'hundred' ? 100 : 1000;
      if (times === 100) group = (group ?? 1) * 100;
      else {
        total += (group ?? 1) * 1000;
        group = undefined;
      }
      kind = 'scale';
    }
  }
  return kind === undefined ? undefined : total + (group ?? 0);
}
