import { spelt } from '../vocabulary/letters';
import { amountsOf } from './amounts';
import { betweenTwo, type Quantity } from './quantity';
import { asLists, asRanges } from './spoken-ranges';
import { UNIT_SOURCE, writtenUnit, type TextUnit } from './written-units';

const PLAIN = String.raw`\d{1,3}(?:[ \u00a0\u202f'’.,]\d{3}){1,3}(?:[.,]\d{1,2})?(?!\d)|\d{1,7}(?:[.,]\d{1,4})?`;
const FRACTION = String.raw`\d{1,4}(?:[ -]\d{1,2}\/\d{1,2}(?!\d)| ?[½¼¾⅛⅜⅝⅞])|[½¼¾⅛⅜⅝⅞]`;
const NUMBER = `(?:${FRACTION}|${PLAIN})`;
// "USD 43 mm" is an upside-down fork.
const CURRENCY = String.raw`(?:US\$|AU?\$|CA?\$|NZ\$|[€$£₹]|R(?=\d| \d{2,3}[ ,]\d{3}(?!\d))|kr(?= \d)|(?:EUR|USD(?! ?[345]\d(?:[.,]\d)?[ -]?mm)|GBP|CHF|SEK|NOK|DKK|PLN|CZK|AUD|CAD|NZD|ZAR)(?=[ \d]))`;
const JOINT = String.raw`(?<=(?:between|entre|zwischen|tra|fra) \S{1,8} )(?:and|et|und|e|y)|-|–|—|to|bis|à|or|\/|±|\+\/- ?|x|×|by`;
/** Thousands, behind a number: "9k", "46 tys.", "12mila". */
const KILO = String.raw`k(?!\p{L})| ?(?:t[yi]s\.?|tisíc|tusen|mila|duizend|tausend|tuhatta)(?!\p{L})`;
// currency? number (thousands? range or list number)? unit?
const QUANTITY = spelt(
  new RegExp(
    `(?<![\\p{L}\\d.,])(?<!\\d\\/)(?:(${CURRENCY}) ?)?(${NUMBER})(${KILO})?(?: ?(${JOINT}) ?(?:([€$£]) ?)?(${NUMBER})(${KILO})?)?(?:,-|\\.-|-?ish|\\+(?= ?(?:km|mi)))?(?:(?:[ \\u00a0\\u202f-]{0,2}| {3})(${UNIT_SOURCE}))?([*¹²³⁴⁵⁶⁷⁸⁹†‡]+(?![\\p{L}\\d]))?`,
    'giu',
  ),
);

/** Words of a change right before its first figure. */
export const CHANGE =
  /(?:we?nt|go(?:es|ne)?|drop(?:s|ped)?|r(?:ise|ose)s?|risen|increas\w+|chang\w+|reduc\w+|gr[eo]w[ns]?|swell\w*|f[ae]lls?|jump\w*|climb\w*|sprung|up|down|lower\w*|upgrad\w+|upp?ed|cut|swap\w*) (?:it |up |down |the \w+ )?from (?:the |an? )?$/iu;
/** The same of a figure that grew or fell, in other languages: "le réservoir passe de", "stieg die Leistung von". */
export const GREW_ABROAD = spelt(
  /(?<!\p{L})(?:(?:passe(?:nt)?|(?:est|sont) passée?s?|augmente(?:nt)?|grimpe(?:nt)?|monte(?:nt)?|baisse(?:nt)?|tombe(?:nt)?|recule(?:nt)?|(?:ha|han) (?:pasado|subido|bajado|aumentado)|pasan?|suben?|bajan?|crecen?|aumentan?|caen?) de (?:los |las )?|(?:passano?|sale|salgono|cresce|crescono|scende|scendono|cala|calano|aumentano?|(?:è|sono) (?:passat|salit|sces|cresciut)[oaie]) d(?:a|ai|alla|al|agli) |(?:st(?:eigt|ieg)|wächst|wuchs|s(?:inkt|ank)|klettert(?:e)?|fällt|fiel|erhöht(?:e)? sich)(?: \p{L}+){0,3} von |(?:öka[rt]|minska[rt]|sänk(?:er|t)|har (?:ökat|minskat)) från |(?:stijgt|steeg|groeit|daalt|daalde|gaat) van |(?:wzr(?:osła|osło|ósł|asta)|spad(?:ła|ło|a)|spadł) z )$/iu,
);
const ONE_MORE_ABROAD = spelt(
  /(?<=(?<!\p{L})(?:de|da|von|från|van) )[^.;,]{1,24} (?:à|a|auf|till|naar|tot) [^.;,]{1,24}(?:,| et| e| y| und| och| en) (?:(?:la|le|les|il|el|lo|das|die|der|de|het) )?\p{L}+ (?:de|da|von|från|van) $/iu,
);
/** How far words of a change are looked for before its first figure, in characters. */
const CHANGE_REACH = 200;
const ONE_MORE = spelt(
  /(?<=(?<!\p{L})from )[^.;,]{1,32} to [^.;,]{1,32},? (?:and )?(?:the )?\p{L}+(?: \p{L}+)? from (?:the |an? )?$/iu,
);
/**
 * What stands before a figure; of a change told of several things in turn ("power goes from 70 to 79, torque from") the words before
 * the first, as if they stood here.
 */
export function beforeChange(text: string, from: number): string {
  let before = text.slice(Math.max(0, from - CHANGE_REACH), from);
  for (let shorter = ''; ; before = shorter) {
    shorter = before.replace(ONE_MORE, '').replace(ONE_MORE_ABROAD, '');
    if (shorter === before) return before;
  }
}
/** "Power from 73 to 79 hp": what it was and what it is, where no word says which; hardly a range. */
export const NEVER_RANGED = /^(?:kW|hp|PS|Nm|lbf-ft|cc)$/;

/** Words before a difference that is followed by what came out: "up by three to seventy three". */
export const CHANGED_BY = spelt(
  /(?:(?<!\p{L})(?:up|down|r(?:ise|ose)s?|rais\w+|drop(?:s|ped)?|increas\w+|reduc\w+|grew|gain\w*|lost|shed)) by (?:about |around )?$/iu,
);

/** "Up 4 kg to 178 kg": as {@link CHANGED_BY}, without a "by". */
export const CHANGED_SO_MUCH = spelt(
  /(?<!\p{L})(?:up|down|gains?|gained|loses|lost|drops?|dropped|falls?|fell|ris(?:es|en)|rose|climbs?|climbed|grow(?:s|n)|grew|jumps?|jumped) (?:by )?(?:about |around )?$/iu,
);

/** What stands before two numbers that "to" makes no range of: a difference and what came out, what was and what is. */
const NO_RANGE = spelt(
  new RegExp(`${CHANGED_BY.source}|${CHANGED_SO_MUCH.source}|(?<!\\p{L})gone from $`, 'iu'),
);

/** A bare range is one of litres on a hundred kilometres. */
const MOST_BARE_RANGE = 15;

/** No range with blanks around its dash ends at more than so many times what it begins at. Own assumption. */
const WIDEST = 4;
/** Numbers so far apart are not of one unit: "ten thousand or twelve months". */
const UNLIKE = 20;
const isTime = (unit: TextUnit | undefined): boolean => unit === 'months' || unit === 'h';
const FEET = spelt(
  /(?<![\p{L}\d.,/])(\d{1,2}) ?(?:ft|feet|foot|'|′) ?(\d{1,2}(?:[.,]\d{1,2}|[ -]\d{1,2}\/\d{1,2}(?!\d)| ?[½¼¾⅛⅜⅝⅞])?) ?(?:inches|inch|in|"|″)?(?![\p{L}\d])/giu,
);

/** Every quantity of one line, in order. Numbers without a unit are given with `unit: undefined`. Time is linear in the line. */
export function scanQuantities(line: string): readonly Quantity[] {
  const found: Quantity[] = [];
  const covered: (readonly [number, number])[] = [];
  for (const match of line.matchAll(FEET)) {
    const inches = Number(match[1]) * 12 + (amountsOf(match[2] ?? '0')[0] ?? 0);
    found.push({
      amounts: [inches],
      unit: 'in',
      from: match.index,
      to: match.index + match[0].length,
      listed: false,
    });
    covered.push([match.index, match.index + match[0].length]);
  }
  for (const match of line.matchAll(QUANTITY)) {
    const from = match.index;
    if (covered.some(([a, b]) => from < b && from + match[0].length > a)) continue;
    found.push(...quantitiesOf(line, match));
  }
  return asRanges(
    line,
    asLists(
      line,
      unitsOfChanges(
        line,
        unitsBefore(
          line,
          found.sort((x, y) => x.from - y.from),
        ),
      ),
    ),
  );
}

/** "Altezza sella mm 890", "Serbatoio lt 13,5", "Prezzo euro 7.990": a unit before its number, and behind none. */
const UNIT_BEFORE = spelt(
  /(?<!\d[\s\u00a0]?)(?<![\p{L}\d])(mm|cm|kg|lbs|lt|litri|litros|litres|nm|kgm|mkg|kw|cv|ch|ps|hp|bhp|cc|euro|eur)\.?[ \u00a0]$/iu,
);
/** "Recorrido (mm): 250/240", "Weight wet (kg)  168": the unit of what stands behind, in the cell before. */
const UNIT_OF_CELL = spelt(/\((?:\p{L}+, ?)?(mm|cm|kg|lbs|l|lt)\)[ \t\u00a0:=|]{0,80}$/iu);
const CELL_REACH = 90;
/** Long enough for the longest of them. */
const UNIT_LENGTH = 10;

function unitsBefore(line: string, found: readonly Quantity[]): readonly Quantity[] {
  let last: Quantity | undefined;
  return found.map((q) => {
    const before = line.slice(Math.max(0, q.from - UNIT_LENGTH), q.from);
    const cell = line.slice(Math.max(0, q.from - CELL_REACH), q.from);
    // Two numbers in a row are of two columns.
    const isOfTwo =
      /^[ \t]+\d/u.test(line.slice(q.to, q.to + 8)) || /\s/u.test(line.slice(q.from, q.to));
    const ofCell = isOfTwo ? null : UNIT_OF_CELL.exec(cell);
    const word = q.unit === undefined ? (UNIT_BEFORE.exec(before) ?? ofCell)?.[1] : undefined;
    const unit =
      word !== undefined
        ? writtenUnit(word)
        : q.listed && last?.listed && last.to + 1 >= q.from - 1 && q.unit === undefined
          ? last.unit
          : undefined;
    last = unit === undefined ? q : { ...q, unit };
    return last;
  });
}

/** "Up 6 hp to 94": what came out is of the unit of the difference. */
const unitsOfChanges = (line: string, found: readonly Quantity[]): readonly Quantity[] =>
  found.map((q, i) => {
    const by = found[i - 1];
    return by?.unit !== undefined &&
      q.unit === undefined &&
      /^ to (?:an? )?$/iu.test(line.slice(by.to, q.from)) &&
      CHANGED_SO_MUCH.test(line.slice(Math.max(0, by.from - 30), by.from))
      ? { ...q, unit: by.unit }
      : q;
  });

/** "310 in grey": a word of the sentence, not inches. */
const unitOf = (currency: string | undefined, unit: string | undefined, digits: string) =>
  currency
    ? /^r$/i.test(currency)
      ? 'ZAR'
      : writtenUnit(currency, unit)
    : unit && !(unit === 'in' && Number(digits) >= 100)
      ? writtenUnit(unit)
      : undefined;

/** "With 3/4 tank": a share of what it holds. */
const isShareOfTank = (match: RegExpExecArray, line: string): boolean =>
  /^(?:1\/[234]|[23]\/[34])$/.test(match[0].trim()) &&
  (/^(?: of)?(?: a| the)? tank(?!\p{L})/iu.test(line.slice(match.index + match[0].length)) ||
    /(?<!\p{L})tank (?:was |is )?(?:about )?$/iu.test(line.slice(0, match.index)));

/** "A 449 twin" tells its size; "a 650 single" only what such machines are called by. */
const isSize = (match: RegExpExecArray, line: string): boolean =>
  /^\s*[1-9]\d{1,2}[1-9]\s?$/.test(match[0]) &&
  /^ ?(?:parallel[- ]|v[- ])?(?:twin|triple|single|thumper)(?![- ]?(?:\p{L}*dis[ck]|sided|seat|spar|track|pots?|piston|up|exhaust|silencer|muffler|head|clocks?|shock|sport|rear|front|caliper))(?!\p{L})/iu.test(
    line.slice(match.index + match[0].length),
  );

/** "205-200 travel": both ends. Millimetres; own assumption. */
const isPairOfTravel = (a: number, b: number, joint: string, behind: string): boolean =>
  /^[-–]$/u.test(joint) &&
  Math.min(a, b) >= 120 &&
  Math.max(a, b) <= 330 &&
  /^ ?(?:mm )?(?:of )?(?:(?:suspension|wheel) )?(?:travel|federweg|débattement|recorrido|escursione|veerweg)(?!\p{L})/iu.test(
    behind,
  );

function quantitiesOf(line: string, match: RegExpExecArray): readonly Quantity[] {
  const [whole, currency, first = '', kiloOne, joint, sign, second, kiloTwo, unitText, mark] =
    match;
  const from = match.index;
  // "2016 km 19.800": the unit stands before its number.
  const goesOn =
    /^(?:19[5-9]\d|20[0-3]\d)$/.test(first) && /^\s?\d/.test(line.slice(from + whole.length));
  const unit = goesOn
    ? undefined
    : (unitOf(currency, unitText, first) ?? (isSize(match, line) ? 'cc' : undefined));
  // "850 in the low position": the word that is no unit stays outside.
  const outside = unit === undefined && unitText !== undefined && !goesOn ? /\s*\S+$/u : undefined;
  const to =
    from + (outside ? whole.replace(outside, '').length : whole.length - (mark?.length ?? 0));
  const scaled = (amounts: readonly number[], kilo: string | undefined) =>
    kilo === undefined ? amounts : amounts.map((n) => n * 1000);
  const [one, two] = [
    scaled(amountsOf(first), kiloOne),
    second === undefined ? [] : scaled(amountsOf(second), kiloTwo),
  ];
  const [a, b] = [one[0], two[0]];
  const more = {
    ...(kiloOne === undefined && kiloTwo === undefined ? {} : { thousands: true as const }),
    ...(mark === undefined ? {} : { mark }),
  };
  if (a === undefined || isShareOfTank(match, line)) return [];
  if (b === undefined || joint === undefined)
    return [{ amounts: one, unit, from, to, listed: false, ...more }];
  const firstTo = from + (currency ? line.indexOf(first, from) - from : 0) + first.length;
  const secondAt = line.indexOf(second ?? '', firstTo);
  const part = { listed: false, ...more };
  // "2022 - 6 800 kms": a year and a distance, no range.
  if (/^[-–—/]$/.test(joint) && /^(?:19[5-9]\d|20[0-3]\d)$/.test(first) && !currency)
    return [
      { amounts: one, unit: undefined, from, to: firstTo, listed: false },
      { amounts: two, unit, from: secondAt, to, ...part },
    ];
  // "km 0 - 42 CV": nothing begins at none.
  if (a === 0 && /^[-–—]$/.test(joint))
    return [
      { amounts: one, unit: undefined, from, to: firstTo, listed: false },
      { amounts: two, unit, from: secondAt, to, ...part },
    ];
  if (sign !== undefined && !currency)
    return [
      { amounts: one, unit: undefined, from, to: firstTo, listed: false },
      { amounts: two, unit: writtenUnit(sign, unitText), from: secondAt, to, ...part },
    ];
  if (joint.startsWith('±') || joint.startsWith('+'))
    return [{ amounts: one, spread: b, unit, from, to, ...part }];
  if (/^(?:x|×|by)$/iu.test(joint))
    return [
      { amounts: one, unit: undefined, from, to: firstTo, ...part, product: 0 },
      { amounts: two, unit, from: secondAt, to, ...part, product: 1 },
    ];
  const changes = /^(?:to|à|a|till|naar|tot)$/iu.test(joint) ? beforeChange(line, from) : '';
  if ((joint === 'to' && CHANGE.test(changes)) || GREW_ABROAD.test(changes))
    return [
      { amounts: one, unit, from, to: firstTo, ...part, changed: 'is-old' },
      { amounts: two, unit, from: secondAt, to, ...part, changed: 'is-new' },
    ];
  const unranged = /(?<!\p{L})from $/iu.test(changes) && NEVER_RANGED.test(unit ?? '');
  if (
    joint === 'or' ||
    unranged ||
    (joint === 'to' && NO_RANGE.test(line.slice(Math.max(0, from - 34), from)))
  )
    return [
      // "Every 10k or 12 months": thousands of something else.
      {
        amounts: one,
        unit: (kiloOne && !kiloTwo) || (a > b * UNLIKE && isTime(unit)) ? undefined : unit,
        from,
        to: firstTo,
        ...part,
      },
      { amounts: two, unit, from: secondAt, to, ...part },
    ];
  // "Ostrik 700 – 5,900 mi": what ends one part of a title, and the next.
  if (b > a * WIDEST && /^ [-–—] $/u.test(line.slice(firstTo, secondAt)))
    return [
      { amounts: one, unit: undefined, from, to: firstTo, ...part },
      { amounts: two, unit, from: secondAt, to, ...part },
    ];
  const sums = unit === undefined && a >= 1000 && b < a * 2 && joint !== '-';
  // "Between 4.3 and 4.9"; two heights of a seat are no range.
  const between = /^(?:and|et|und|e|y)$/iu.test(joint) && b < MOST_BARE_RANGE;
  if (joint !== '/' && (unit !== undefined || sums || between) && b > a)
    return [{ ...betweenTwo(a, b), unit, from, to, ...part }];
  const listed = joint === '/' || isPairOfTravel(a, b, joint, line.slice(to));
  return [
    {
      amounts: one,
      unit: listed || currency ? unit : undefined,
      from,
      to: firstTo,
      ...part,
      listed,
    },
    { amounts: two, unit, from: secondAt, to, ...part, listed },
  ];
}
