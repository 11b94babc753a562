import { spelt } from '../vocabulary/letters';
import { spokenTyres } from './spoken-tyres';
import { numberInWords, ONES, sumOf, TEENS, TENS } from './english-numbers';
import { dutchNumbers } from './dutch-numbers';
import { germanNumbers } from './german-numbers';
import { SPROCKETS } from './pairs-said';
import { romanceNumbers } from './romance-numbers';
import {
  brakeHorse,
  certificate,
  kilometresEach,
  mixed,
  newtonMetres,
  odd,
  onOne,
  paired,
  takenBack,
  yearly,
} from './written-out';

const NUMBER = [...Object.keys(ONES), ...Object.keys(TEENS), ...Object.keys(TENS)].join('|');

/** "Ten thousand k" are kilometres. */
const SCALE =
  "(?:hundred|thousand|grand|(?<!(?:hundred|thousand|grand) )k(?!['’]?s? (?:to|per|a) ))";

/** A run of number words, perhaps opened by "a" before a scale, closed by "and a half". */
const RUN = spelt(
  new RegExp(
    `(?<![\\p{L}\\d.,])(?:(?:${NUMBER})|(?:a|half a) (?=(?:${SCALE})(?!\\p{L}))|(?<=^|(?:the|same|this|its|of|at|is|and|about|like|so) |[,.!?;:] )(?:hundred|thousand)(?= and )|(?<=(?:clearance|travel|front|rear|weighs|payload|about|around) )hundred(?= (?:and )?(?:${NUMBER})(?!\\p{L})))(?:(?:[ -]|(?<=hundred|thousand|grand),? and | point )?(?:${NUMBER}|${SCALE})(?!\\p{L}))*(?: and a (?:half|quarter)| and three quarters)?(?: (?:thousand|hundred|grand))?(?![\\p{L}\\d])`,
    'giu',
  ),
);

const RIMS = spelt(/(?<!\p{L})(?:wheels?|rims?|spoke[sd]?|tyres?|tires?)(?!\p{L})/iu);
const TEETH =
  /^((?:eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen)) ((?:thirty|forty|fourty|fifty)(?:[ -](?:one|two|three|four|five|six|seven|eight|nine))?)$/iu;

/** How far from two numbers a word for sprockets may stand, in characters. */
const SPROCKETS_REACH = 150;

/** "Redline's nine five". */
const REVS = spelt(/(?<!\p{L})(?:redlines?|limiter|revs?|rpm)(?!\p{L})/iu);

/** "Forty seven horsepower, er, at eight six": what engine speed stands behind. */
const PEAK_AT = spelt(
  /(?<!\p{L})(?:horsepower|horses|hp|bhp|ps|kilowatts|kw|nm|newton[ -]?met(?:re|er)s?|pound[ -]f(?:ee|oo)t|foot[ -]pounds?),?(?: (?:er|uh|um|erm),?)? at (?:around |about )?$/iu,
);
const TWO_PEAKS = /^(.+ (?:thousand|hundred))(,? and )(.+)$/iu;
const TORQUE_BEHIND = spelt(
  /^ (?:newton[ -]?met(?:re|er)s?|nm|pound[ -]f(?:ee|oo)t|foot[ -]pounds?)(?!\p{L})/iu,
);
/** "Four nine per hundred": litres and tenths. */
const PER_HUNDRED = spelt(/^ (?:lit(?:re|er)s? )?(?:per|to the|a|every) hundred(?!\p{L})/iu);
const DIGITS =
  /^(three|four|five|six|seven|eight|nine) (one|two|three|four|five|six|seven|eight|nine)$/iu;

const THOUSANDS_AND =
  /^(ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen) (one|two|three|four|five|six|seven|eight|nine)$/iu;

/** "I paid five two for it": thousands and hundreds. */
const SUM = spelt(
  /(?<!\p{L})(?:paid|sticker(?: is| was)?|asking|list(?:ed)?(?: at| is| was)?|price(?: is| was)?|(?:put|gone) (?:it )?up to|costs?|cost me|cost us|it was|how much\?)\s$/iu,
);

/** "It's five nine nine five on the road": a price said digit by digit. */
const FOUR_DIGITS =
  /^(?:one|two|three|four|five|six|seven|eight|nine)(?: (?:oh|zero|one|two|three|four|five|six|seven|eight|nine)){3}$/iu;
const SOLD_AT = spelt(
  /^,?\s*(?:on the road|otr|list|new|brand new|quid|pounds|dollars|euros?|(?:I|we) (?:paid|gave)|plus (?:on|tax|fees|freight))(?!\p{L})/iu,
);

/** What "one" stands behind where it is no number. */
const A_ONE = spelt(
  /(?<!\p{L})(?:low|lower|high|higher|tall|taller|standard|stock|new|newer|old|older|big|bigger|small|smaller|little|other|this|that|blue|white|red|black) $/iu,
);
const INCHES = /^(twenty[ -]one|nineteen|eighteen|seventeen) (eighteen|seventeen|nineteen)$/iu;

/** "Seat height thirty two seven": inches and tenths. */
const TENTHS =
  /^((?:twenty|thirty)[ -](?:one|two|three|four|five|six|seven|eight|nine)) (one|two|three|four|five|six|seven|eight|nine)$/iu;
const SEAT_BEFORE = spelt(
  /(?<!\p{L})(?:seat|saddle)(?: height)?(?:['’]s| is| at| of|,|:){0,2} ?(?:about |around |a )?$/iu,
);

/**
 * The line with its English number words written as digits, right-aligned in the place of the words, so that every place
 * stays true. A lone "one" stays a word.
 */
export function withNumbers(line: string, romance?: boolean): string {
  const rims = RIMS.test(line) ? [INCHES] : [];
  const teeth = SPROCKETS.test(line);
  const converted = (run: string, at: number): string => {
    // "With the low one seven ninety five": that "one" is a machine or a seat.
    if (/^one /iu.test(run) && A_ONE.test(line.slice(Math.max(0, at - 12), at)))
      return `${run.slice(0, 4)}${converted(run.slice(4), at + 4)}`;
    if (/(?<!\p{L})point $/iu.test(line.slice(Math.max(0, at - 7), at))) return run;
    // "Fifty one horses at eight thousand and forty six newton metres": two figures.
    const two = TWO_PEAKS.exec(run);
    if (two && TORQUE_BEHIND.test(line.slice(at + run.length)) && PEAK_AT.test(line.slice(0, at)))
      return `${converted(two[1] ?? '', at)}${two[2] ?? ''}${converted(two[3] ?? '', at + (two[1] ?? '').length + (two[2] ?? '').length)}`;
    // "Rear (two-up)".
    if (/^two$/iu.test(run.trim()) && /^ ?-?up(?!\p{L})/iu.test(line.slice(at + run.length)))
      return run;
    const trimmed = run.trimEnd();
    const way = / k$/iu.test(trimmed) ? numberInWords(trimmed.slice(0, -2)) : undefined;
    if (way && way.amount >= 100) return `${String(way.amount)} km`.padStart(run.length);
    const near = line.slice(Math.max(0, at - SPROCKETS_REACH), at + run.length + SPROCKETS_REACH);
    const pairs = teeth && SPROCKETS.test(near) ? [TEETH, ...rims] : rims;
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
    const used = PER_HUNDRED.test(line.slice(at + run.length)) ? DIGITS.exec(trimmed) : null;
    if (used)
      return `${String(ONES[used[1]?.toLowerCase() ?? ''])}.${String(ONES[used[2]?.toLowerCase() ?? ''])}`.padStart(
        run.length,
      );
    const sold =
      /^,? plus /iu.test(line.slice(at + run.length)) && SOLD_AT.test(line.slice(at + run.length));
    if (!revs && (sold || SUM.test(line.slice(Math.max(0, at - 30), at)))) {
      const sum = DIGITS.exec(trimmed);
      const [one, two] = [ONES[sum?.[1]?.toLowerCase() ?? ''], ONES[sum?.[2]?.toLowerCase() ?? '']];
      if (one && two) return `${String(one * 1000 + two * 100)} ¤`.padStart(run.length);
      // "I paid eleven five".
      const large = THOUSANDS_AND.exec(trimmed);
      const [thousands, hundreds] = [
        TEENS[large?.[1]?.toLowerCase() ?? ''],
        ONES[large?.[2]?.toLowerCase() ?? ''],
      ];
      if (thousands && hundreds)
        return `${String(thousands * 1000 + hundreds * 100)} ¤`.padStart(run.length);
    }
    // "It cost me thirteen and a half".
    const halves = / and a half$/iu.test(trimmed) ? numberInWords(trimmed)?.amount : undefined;
    if (
      halves !== undefined &&
      halves > 2 &&
      halves < 40 &&
      SUM.test(line.slice(Math.max(0, at - 30), at))
    )
      return `${String(halves * 1000)} ¤`.padStart(run.length);
    if (pair) {
      const [one, two] = [pair[1], pair[2]].map((w) =>
        sumOf((w ?? '').toLowerCase().split(/[\s-]+/)),
      );
      return `${String(one)}/${String(two)}`.padStart(run.length);
    }
    const tenths = SEAT_BEFORE.test(line.slice(Math.max(0, at - 30), at))
      ? TENTHS.exec(trimmed)
      : undefined;
    if (tenths) {
      const whole = sumOf((tenths[1] ?? '').toLowerCase().split(/[\s-]+/));
      if (whole !== undefined && whole >= 28)
        return `${String(whole)}.${String(ONES[tenths[2]?.toLowerCase() ?? ''])}`.padStart(
          run.length,
        );
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
    mixed(
      kilometresEach(
        yearly(
          germanNumbers(dutchNumbers(romanceNumbers(spokenTyres(line), romance || undefined))),
        ),
      ),
    ),
  ).replace(RUN, converted);
  return brakeHorse(newtonMetres(onOne(paired(pointed(takenBack(odd(said))))))).replace(
    /(?<=(?<!\d)\d{3}) k(?:['’]s)?(?=\s*[,.;)]|\s*$| (?:on|from|off|out|if|before|between|to a|every|easy|easily|with|range)(?!\p{L}))|(?<=\d{4}) k['’]s(?=[\s,.;)]|$)|(?<=\d{4}) k(?=\s*[,.;)]|\s*$| (?:or|and|then|on|now|so|services?|intervals?)(?!\p{L}))/giu,
    (word) => 'km'.padEnd(word.length),
  );
}

const DIGIT = Object.keys(ONES).join('|');
const POINTED = spelt(
  new RegExp(
    `(?<![\\p{L}\\d])(?<!\\d )(?:point|nought point) ((?:${DIGIT})(?: (?:${DIGIT}))*)(?!\\p{L})`,
    'giu',
  ),
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
