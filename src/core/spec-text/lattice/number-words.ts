import { germanNumbers } from './german-numbers';
import { romanceNumbers } from './romance-numbers';

const ONES: Readonly<Record<string, number>> = {
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

const TEENS: Readonly<Record<string, number>> = {
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

const TENS: Readonly<Record<string, number>> = {
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

const NUMBER = [...Object.keys(ONES), ...Object.keys(TEENS), ...Object.keys(TENS)].join('|');
/** "Ten thousand k" are kilometres. */
const SCALE = '(?:hundred|thousand|grand|(?<!(?:hundred|thousand|grand) )k)';
/** A run of number words, perhaps opened by "a" before a scale, closed by "and a half". */
const RUN = new RegExp(
  `(?<![\\p{L}\\d.,])(?:(?:${NUMBER})|(?:a|half a) (?=(?:${SCALE})(?!\\p{L}))|(?<=^|(?:the|same|this|its|of|at|is|and|about|like|so) |[,.!?;:] )(?:hundred|thousand)(?= and ))(?:(?:[ -]|(?<=hundred|thousand|grand),? and | point )?(?:${NUMBER}|${SCALE})(?!\\p{L}))*(?: and a (?:half|quarter)| and three quarters)?(?: (?:thousand|hundred|grand))?(?![\\p{L}\\d])`,
  'giu',
);

const FRACTIONS: Readonly<Record<string, number>> = { half: 0.5, quarter: 0.25, quarters: 0.75 };

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

function sumOf(words: readonly string[]): number | undefined {
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

/** Lines where two numbers said one after the other are a pair of sprockets, or of rims. */
const SPROCKETS =
  /(?<!\p{L})(?:gear(?:ing|ed)|gear it|chain|sprockets?|tooth|teeth|gone (?:up|down) to|geared|speed (?:gear)?box)(?!\p{L})/iu;
const RIMS = /(?<!\p{L})(?:wheels?|rims?|spoke[sd]?|tyres?|tires?)(?!\p{L})/iu;
const TEETH =
  /^((?:eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen)) ((?:thirty|forty|fourty|fifty)(?:[ -](?:one|two|three|four|five|six|seven|eight|nine))?)$/iu;
/** "Redline's nine five". */
const REVS = /(?<!\p{L})(?:redlines?|limiter|revs?|rpm)(?!\p{L})/iu;
/** "Forty seven horsepower, er, at eight six": what engine speed stands behind. */
const PEAK_AT =
  /(?<!\p{L})(?:horsepower|horses|hp|bhp|ps|kilowatts|kw|nm|newton[ -]?met(?:re|er)s?|pound[ -]f(?:ee|oo)t|foot[ -]pounds?),?(?: (?:er|uh|um|erm),?)? at (?:around |about )?$/iu;
const DIGITS =
  /^(three|four|five|six|seven|eight|nine) (one|two|three|four|five|six|seven|eight|nine)$/iu;
/** "I paid five two for it": thousands and hundreds. */
const SUM =
  /(?<!\p{L})(?:paid|sticker(?: is| was)?|asking|list(?:ed)?(?: at| is| was)?|price(?: is| was)?|(?:put|gone) (?:it )?up to|costs?|it was)\s$/iu;
/** "It's five nine nine five on the road": a price said digit by digit. */
const FOUR_DIGITS =
  /^(?:one|two|three|four|five|six|seven|eight|nine)(?: (?:oh|zero|one|two|three|four|five|six|seven|eight|nine)){3}$/iu;
const SOLD_AT = /^\s*(?:on the road|otr|list|new|brand new|quid|pounds|dollars|euros?)(?!\p{L})/iu;
/** What "one" stands behind where it is no number. */
const A_ONE =
  /(?<!\p{L})(?:low|lower|high|higher|tall|taller|standard|stock|new|newer|old|older|big|bigger|small|smaller|little|other|this|that|blue|white|red|black) $/iu;
const INCHES = /^(twenty[ -]one|nineteen|eighteen|seventeen) (eighteen|seventeen|nineteen)$/iu;

/**
 * The line with its English number words written as digits, right-aligned in the place of the words, so that every place
 * stays true. A lone "one" stays a word.
 */
export function withNumbers(line: string): string {
  const pairs = [...(SPROCKETS.test(line) ? [TEETH] : []), ...(RIMS.test(line) ? [INCHES] : [])];
  const converted = (run: string, at: number): string => {
    // "With the low one seven ninety five": that "one" is a machine or a seat.
    if (/^one /iu.test(run) && A_ONE.test(line.slice(Math.max(0, at - 12), at)))
      return `${run.slice(0, 4)}${converted(run.slice(4), at + 4)}`;
    if (/(?<!\p{L})point $/iu.test(line.slice(Math.max(0, at - 7), at))) return run;
    const trimmed = run.trimEnd();
    const way = / k$/iu.test(trimmed) ? numberInWords(trimmed.slice(0, -2)) : undefined;
    if (way && way.amount >= 100) return `${String(way.amount)} km`.padStart(run.length);
    const pair = pairs.map((p) => p.exec(trimmed)).find((m) => m);
    if (FOUR_DIGITS.test(trimmed) && SOLD_AT.test(line.slice(at + run.length)))
      return `${trimmed
        .split(' ')
        .map((w) => ONES[w.toLowerCase()])
        .join('')} ¤`.padStart(run.length);
    const revs =
      REVS.test(line) || PEAK_AT.test(line.slice(Math.max(0, at - 50), at))
        ? DIGITS.exec(trimmed)
        : undefined;
    if (revs) {
      const [one, two] = [ONES[revs[1]?.toLowerCase() ?? ''], ONES[revs[2]?.toLowerCase() ?? '']];
      return String((one ?? 0) * 1000 + (two ?? 0) * 100).padStart(run.length);
    }
    if (!revs && SUM.test(line.slice(Math.max(0, at - 30), at))) {
      const sum = DIGITS.exec(trimmed);
      const [one, two] = [ONES[sum?.[1]?.toLowerCase() ?? ''], ONES[sum?.[2]?.toLowerCase() ?? '']];
      if (one && two) return `${String(one * 1000 + two * 100)} ¤`.padStart(run.length);
    }
    if (pair) {
      const [one, two] = [pair[1], pair[2]].map((w) =>
        sumOf((w ?? '').toLowerCase().split(/[\s-]+/)),
      );
      return `${String(one)}/${String(two)}`.padStart(run.length);
    }
    if (/^(?:one|oh|zero|a)$/iu.test(trimmed)) return run;
    const words = numberInWords(trimmed);
    if (!words || !Number.isFinite(words.amount)) return run;
    const digits = `${String(Number(words.amount.toFixed(3)))}${words.money ? ' ¤' : ''}`;
    return digits.length <= trimmed.length
      ? `${digits.padStart(trimmed.length)}${run.slice(trimmed.length)}`
      : run;
  };
  const said = certificate(
    mixed(kilometresEach(yearly(germanNumbers(romanceNumbers(line))))),
  ).replace(RUN, converted);
  return paired(pointed(takenBack(said))).replace(
    /(?<=(?<!\d)\d{3}) k(?:['’]s)?(?=\s*[,.;)]|\s*$| (?:on|from|off|out|if|before|between|to a|every|easy|easily|with)(?!\p{L}))|(?<=\d{4}) k(?=\s*[,.;)]|\s*$| (?:or|and|then|on|now|so)(?!\p{L}))/giu,
    (word) => 'km'.padEnd(word.length),
  );
}

const TAKEN_BACK =
  /\d[\d.,]*(\s?(?:"|”|inch(?:es)?|in|mm|cm|kg|lbs?|kilos?|pounds|lit(?:re|er)s?|l|hp|bhp|ps|kw)?(?:\s\p{L}+)?)(?:\?\s?(?:no|sorry|wait),?|,? no sorry,?)(?=\s[^.?!]{0,12}\d)/giu;
/** "14.2 inches travel? no, 6.7": what is taken back at once is none; place for place. */
const takenBack = (line: string): string =>
  line.replace(TAKEN_BACK, (whole: string, behind: string) => {
    const words = behind.replace(
      /^\s?(?:"|”|inch(?:es)?|in|mm|cm|kg|lbs?|kilos?|pounds|lit(?:re|er)s?|l|hp|bhp|ps|kw)(?!\p{L})/iu,
      '',
    );
    return words.trim().padStart(whole.length);
  });

const DIGIT = Object.keys(ONES).join('|');
const POINTED = new RegExp(
  `(?<![\\p{L}\\d])(?<!\\d )(?:point|nought point) ((?:${DIGIT})(?: (?:${DIGIT}))*)(?!\\p{L})`,
  'giu',
);

/** "Sixth is point nine one". Place for place. */
const pointed = (line: string): string =>
  line.replace(POINTED, (words: string, digits: string) =>
    `0.${digits
      .toLowerCase()
      .split(' ')
      .map((w) => ONES[w])
      .join('')}`.padStart(words.length),
  );

/** "Once a year" in a line on service is twelve months. */
const yearly = (line: string): string =>
  /servic|valve|oil|inspect|want it in|check/iu.test(line)
    ? line.replace(
        /(?<!\p{L})(?:once a year|every year|(?<=or )a year|annually|yearly|jährlich|einmal im jahr|une fois par an|una vez al año|una volta all'anno)(?!\p{L})/giu,
        (words) => (words.length > 8 ? '12 months' : '12 mo').padStart(words.length),
      )
    : line;

/** "Net power (kW) at engine speed (min-1): 35 at 9000", as papers have it: the revs are said by the figure itself. */
const certificate = (line: string): string =>
  line.replace(
    /(?<=\(?kW\)?)[ /]*(?:at|bei|à|a)? ?(?:(?:rated |engine )?speed|rpm|(?:nenn)?drehzahl|régime|régimen|regime)? ?\((?:min-?¹?1?|min⁻¹|rpm|1\/min|tr\/min|giri\/min)\)(?=\s*:)/giu,
    (words) => ' '.repeat(words.length),
  );

/** "5 thousand 9 hundred and 99", as captions write it. */
const THOUSANDS =
  /(?<![\d.,])(\d{1,2}) thousand(?:,? (?:and )?([1-9]) hundred)?(?:,? (?:and )?([1-9]\d?))?(?![\d.,]*\d| (?:hundred|thousand|and a half))(?!\p{L})/giu;
const AND_PART = /(?<![\d.,/])(\d{1,3}) and (?:a (half|quarter)|three (quarters))(?!\p{L})/giu;
/** Digits and words in one number: "5 thousand 9 hundred and 99", "4 and a half". Place for place. */
const mixed = (line: string): string =>
  line
    .replace(THOUSANDS, (words: string, thousands: string, hundreds = '0', rest = '0') =>
      String(Number(thousands) * 1000 + Number(hundreds) * 100 + Number(rest)).padStart(
        words.length,
      ),
    )
    .replace(AND_PART, (words: string, whole: string, part?: string, quarters?: string) =>
      String(Number(whole) + (FRACTIONS[(part ?? quarters ?? '').toLowerCase()] ?? 0)).padStart(
        words.length,
      ),
    );

/** Dutch "1 op 22": kilometres on a litre. Place for place. */
const kilometresEach = (line: string): string =>
  line.replace(
    /(?<![\d.,])1 op (\d{2}(?:[.,]\d)?)(?![\d.,]?\d)/giu,
    (_, amount: string) => `${amount} km/L`,
  );

const PAIR =
  /(?<=(?:sprockets?|gearing|geared|runs?|stock|is|are|it['’]s|:) *)(1[1-7]) +and +([345]\d)(?![\d.,]*\d| ?(?:km|mi|k|hp|kw|nm|l|litres?|kilos?|kg|mm)(?!\p{L}))/giu;
/** "Sprockets fourteen and forty six". Place for place. */
const paired = (line: string): string =>
  SPROCKETS.test(line)
    ? line.replace(PAIR, (whole: string, one: string, two: string) =>
        `${one}/${two}`.padStart(whole.length),
      )
    : line;
