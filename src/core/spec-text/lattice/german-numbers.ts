import { spelt } from '../vocabulary/letters';
const GERMAN_ONES: Readonly<Record<string, number>> = {
  ein: 1,
  eins: 1,
  zwei: 2,
  drei: 3,
  vier: 4,
  fünf: 5,
  sechs: 6,
  sieben: 7,
  acht: 8,
  neun: 9,
};

const GERMAN_TEENS: Readonly<Record<string, number>> = {
  zehn: 10,
  elf: 11,
  zwölf: 12,
  dreizehn: 13,
  vierzehn: 14,
  fünfzehn: 15,
  sechzehn: 16,
  siebzehn: 17,
  achtzehn: 18,
  neunzehn: 19,
};

const GERMAN_TENS: Readonly<Record<string, number>> = {
  zwanzig: 20,
  dreißig: 30,
  dreissig: 30,
  vierzig: 40,
  fünfzig: 50,
  sechzig: 60,
  siebzig: 70,
  achtzig: 80,
  neunzig: 90,
};

const alternatives = (table: Readonly<Record<string, number>>): string =>
  Object.keys(table)
    .sort((a, b) => b.length - a.length)
    .join('|');
const GERMAN = spelt(
  new RegExp(
    `(?<!\\p{L})(?:(?:(${alternatives(GERMAN_TEENS)}|(?:(?:${alternatives(GERMAN_ONES)})und)?(?:${alternatives(GERMAN_TENS)})|${alternatives(GERMAN_ONES)})?tausend)?(?:(${alternatives(GERMAN_ONES)})?hundert)?(?:und)?(?:(${alternatives(GERMAN_TEENS)})|(?:(${alternatives(GERMAN_ONES)})und)?(${alternatives(GERMAN_TENS)})|(${alternatives(GERMAN_ONES)}))?)(?:\\s?komma\\s?(${alternatives(GERMAN_ONES)}))?(?!\\p{L})`,
    'giu',
  ),
);

const { ein: _ein, ...SMALL } = GERMAN_ONES;

/** A short German number word before its unit. */
const GERMAN_SHORT = spelt(
  new RegExp(
    `(?<!\\p{L}|komma )(${[GERMAN_TEENS, GERMAN_TENS, SMALL].map(alternatives).join('|')})(\\s(?:litern?|kilos?|ps|zoll|zentimetern?|millimetern?|kilometern?|newtonmetern?|euro|stunden|monaten?|gänge)(?!\\p{L}))`,
    'giu',
  ),
);

/** "Sechsganggetriebe". Place for place. */
const withGears = (text: string): string =>
  text.replace(/(?<!\p{L})(?:fünf|sechs)(?=gang)/giu, (word) =>
    (/^f/iu.test(word) ? '5-' : '6-').padStart(word.length),
  );

/** "Achtsiebzig", and behind the word for a seat "acht siebzig": hundreds, then tens. */
const HUNDREDS_SHORT = spelt(
  new RegExp(
    `(?<!\\p{L})(${alternatives(SMALL)})(${alternatives(GERMAN_TENS)})(?!\\p{L})|(?<=sitz\\p{L}*(?: ist| liegt| von| bei| auf|:|\\?)* )(sieben|acht|neun) (${alternatives(GERMAN_TENS)})(?!\\p{L})`,
    'giu',
  ),
);

/** Place for place. */
const withHundreds = (text: string): string =>
  !/zig(?!\p{L})|drei(?:ß|ss)ig/iu.test(text)
    ? text
    : text.replace(
        HUNDREDS_SHORT,
        (words: string, a?: string, b?: string, c?: string, d?: string) => {
          const [one, ten] = [a ?? c, b ?? d].map((w) => (w ?? '').toLowerCase());
          return String((SMALL[one ?? ''] ?? 0) * 100 + (GERMAN_TENS[ten ?? ''] ?? 0)).padStart(
            words.length,
          );
        },
      );

const AND_A_HALF = spelt(
  new RegExp(`(?<!\\p{L})(${alternatives({ ...GERMAN_TEENS, ...SMALL })})einhalb(?!\\p{L})`, 'giu'),
);

/** "Viereinhalb". Place for place. */
/** "Hinten achtzehn", "im Tank sind fünfzehn": a number at the end of a clause. */
const AT_THE_END = spelt(
  new RegExp(
    `(?<=(?<!\\p{L})(?:hinten|vorne?|hat|sind|fasst|gehen|passen) )(${[GERMAN_TEENS, GERMAN_TENS].map(alternatives).join('|')})(?=\\s*(?:[,.;!?]|$)| und)`,
    'giu',
  ),
);

/** Place for place. */
const withLast = (text: string): string =>
  text.replace(AT_THE_END, (word: string) =>
    String(GERMAN_TEENS[word.toLowerCase()] ?? GERMAN_TENS[word.toLowerCase()]).padStart(
      word.length,
    ),
  );

const withHalves = (text: string): string =>
  !/einhalb/iu.test(text)
    ? text
    : text.replace(AND_A_HALF, (words: string, one: string) =>
        `${String(GERMAN_TEENS[one.toLowerCase()] ?? SMALL[one.toLowerCase()])}.5`.padStart(
          words.length,
        ),
      );

/** Parts of a German number: without one there is nothing to do. */
const GERMAN_STEMS =
  /ein|zwei|drei|vier|fünf|sechs|sieb|acht|neun|zehn|elf|zwölf|zwan|hundert|tausend|komma/iu;

/** "Funf", "zwolf", "dreissig": typed without their marks. Place for place. */
const marked = (text: string): string =>
  /funf|zwolf/iu.test(text)
    ? text
        .replace(/(?<!\p{L})(\p{L}*?)funf(?=\p{L}|(?!\p{L}))/giu, '$1fünf')
        .replace(/(?<!\p{L})(\p{L}*?)zwolf(?!\p{L}*t)/giu, '$1zwölf')
    : text;

/** German numbers in one word ("hundertzweiundsechzig", "dreikommasieben") as digits; short ones stay words. Place for place. */
export function germanNumbers(typed: string): string {
  const text = marked(typed);
  if (!GERMAN_STEMS.test(text)) return text;
  const line = withHundreds(withHalves(withLast(withGears(text)))).replace(
    GERMAN_SHORT,
    (whole: string, word: string, rest: string) => {
      const value =
        GERMAN_TEENS[word.toLowerCase()] ??
        GERMAN_TENS[word.toLowerCase()] ??
        SMALL[word.toLowerCase()];
      return value === undefined ? whole : `${String(value).padStart(word.length)}${rest}`;
    },
  );
  if (!/hundert|tausend|komma|und(?:zwan|drei|vier|fünf|sech|sieb|acht|neun)/iu.test(line))
    return line;
  return line.replace(GERMAN, (words: string, ...rest: readonly unknown[]) => {
    if (!/hundert|tausend|komma|und/iu.test(words)) return words;
    const [thousands, hundreds, teen, one, ten, last, decimal] = rest
      .slice(0, 7)
      .map((g) => (typeof g === 'string' ? g.toLowerCase() : undefined));
    const of = (w: string | undefined, none: number): number => {
      if (w === undefined) return none;
      const [small, tens] = w.split(/und(?=zwan|drei|vier|fünf|sech|sieb|acht|neun)/u);
      return tens === undefined
        ? (GERMAN_TEENS[w] ?? GERMAN_TENS[w] ?? GERMAN_ONES[w] ?? none)
        : of(tens, 0) + of(small, 0);
    };
    const amount =
      (/tausend/iu.test(words) ? of(thousands, 1) * 1000 : 0) +
      (/hundert/iu.test(words) ? of(hundreds, 1) * 100 : 0) +
      of(teen, 0) +
      of(one, 0) +
      of(ten, 0) +
      of(last, 0);
    const digits =
      decimal === undefined ? String(amount) : `${String(amount)}.${String(of(decimal, 0))}`;
    return amount > 0 && digits.length <= words.length ? digits.padStart(words.length) : words;
  });
}
