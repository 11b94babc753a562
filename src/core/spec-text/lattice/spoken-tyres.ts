import { spelt } from '../vocabulary/letters';
const TENS = 'ten|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety'.split('|');
const ten = (word: string): number => (TENS.indexOf(word) + 1) * 10;
const RIMS: Readonly<Record<string, number>> = {
  ...{ fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19 },
  ...{ 'twenty one': 21, 'twenty-one': 21 },
};

/** "Ninety ninety twenty one", "a one thirty eighty eighteen", "one hundred and fifty seventy seventeen". */
const SIZE = spelt(
  new RegExp(
    `(?<![\\p{L}\\d])(?:(?:(one(?: hundred(?: and)?)?|a hundred(?: and)?) )?(${TENS.join('|')})|((?:one|a) hundred)) (${TENS.join('|')})(?:[ -](five))? (${Object.keys(RIMS).join('|')})(?![\\p{L}\\d])`,
    'giu',
  ),
);
const SPEAKS_OF_TYRES = spelt(/(?<!\p{L})(?:tyres?|tires?|rubber)(?!\p{L})/iu);

/** Sizes of tyres said in English words as they are written, `90/90-21`. Place for place. */
export const spokenTyres = (line: string): string =>
  SPEAKS_OF_TYRES.test(line)
    ? line.replace(
        SIZE,
        (
          words: string,
          over: string | undefined,
          tens: string | undefined,
          hundred: string | undefined,
          ratio: string,
          five: string | undefined,
          rim: string,
        ) => {
          const width = ((over ?? hundred) ? 100 : 0) + (tens ? ten(tens.toLowerCase()) : 0);
          const height = ten(ratio.toLowerCase()) + (five ? 5 : 0);
          return `${String(width)}/${String(height)}-${String(RIMS[rim.toLowerCase()])}`.padStart(
            words.length,
          );
        },
      )
    : line;
