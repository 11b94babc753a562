import {
  beforeChange,
  CHANGE,
  CHANGED_BY,
  CHANGED_SO_MUCH,
  NEVER_RANGED,
} from '../lattice/scan-quantities';
import { type Quantity } from '../lattice/quantity';
import type { Mention } from '../vocabulary/lexicon';
import {
  BEST_OF_ALL,
  besideStock,
  FOR_TWO,
  FOR_WORK,
  isBeforeThenEvery,
  isFill,
  isFirstCheck,
  IS_ADDED,
  PRICE_OF_WORK,
  isOfPart,
  isStock,
  TWO_UP,
  isOwnSprocket,
} from './changed';
import {
  AT_A_SPEED,
  AVOIDED,
  IS_DONE,
  MODIFIED,
  NEXT_ONE,
  isOfLetters,
  isNobodys,
  BEFORE_ARROW,
  OF_WHICH,
  PACKED,
  PROMISED,
  RIDER_WEIGHS,
  RUN_IN_OF,
  SERVICE_AT,
  SERVICE_OF,
  SPARE,
  TAXED,
  TAXED_BY,
  VALUED_AT,
  UNREAL,
  WANTED,
  WHICH_SERVICE,
  WOULD_BE,
} from './nobodys';
import { isWeighedWith } from './fuel-aboard';
import { isSumWhenNew } from './price/when-new';
import { scopesOfOthers } from './scopes-of-others';
import { standingIn } from './standing';

/** Numbers that are no figures: days, times, telephones, shares, oil grades, addresses. */
const NOISE =
  /(?<=(?:consumption|economy|verbrauch|conso(?:mmation)?|consumo|verbruik)(?: \p{L}+)? (?:at|@|bei|à|a|bij) )\d{2,3}(?= ?: ?\d)|(?<=[([] ?(?:l|lit(?:re|er)s?|litros|litri) ?\/ ?)100 ?km|(?<!\d)\d{1,2}(?<mark>[./-])\d{1,2}\k<mark>(?:\d{2}|\d{4})(?!\d|[.,]\d)|(?<![\d.,/])0[1-9][./](?:[0-3]\d)(?![\d/]|[.,]\d)|(?<=(?:EZ|Inspektion|Service|TÜV|HU|Baujahr|révision|CT|revisión|tagliando|revisione|MOT|inspection)(?: neu)?(?: bis)?:? )1[0-2][./][0-3]\d(?![\d/]|[.,]\d)|(?<!\d)(?:0?[1-9]|1[0-2])[./-](?:19|20)\d{2}(?!\d)|(?<!\d)\d{1,2}:\d{2}(?::\d{2})?(?!\d)|\d+(?:[.,]\d+)? ?(?:%|(?:m?g|grams?|gramm) ?(?:\/|per|pro) ?(?:km|mi(?:les?)?)(?!\p{L}))|(?<!\d)\d{1,2}W[- ]?\d{2}\b|(?<![\d.,])\d{1,2}(?:st|nd|rd|th)\b|(?<![\d.,])[1-9] (?:seats|tanks|helmets|keys|doors|owners|positions|settings|heights|options|versions|panniers|boxes|wheels|riders|people|friends|bikes|others)\b|(?<!\d)\d{1,2}[ -]ax[ei]s(?!\p{L})|(?<!\d)\+?\d{2,5}(?:[ /-]\d{2,4}){2,}(?![\d ]*(?:km|mm|kg|rpm|€|eur|miles|g\/min|min))|https?:\S+|\b[\w.]+@[\w-]+\.\w+\b|\d{2,4} ?(?:cc|ml|cm3) (?:per|each|in each|of (?:fork |shock )?oil)(?!\p{L})|(?<=(?:tank|fill|fill-up|tankful|Tankfüllung|plein) #?)\d{1,2}(?=:)|\d{3}-\d{4}|(?<!\d)\d{6,}(?!\d)|(?<![\d.,])\d{1,2} ?(?:V|volts?)(?![\p{L}\d])/giu;

/** "My Corran Range 900": a name, and no range. */
const NAMED_RANGE =
  /(?<!\p{L})(?!(?:Fuel|Tank|Riding|Cruising|Max\w*|Estimated|Theoretical|Highway|City|Total|Claimed|Real|Practical|Typical|Driving|Touring|The|My|Its|Our|Stated|Average|Safe|Usable|Long|Full|And|Overall|Operating|Mean|Travel|Road|Working|A|With|Good|Decent|Great|Price|Rev) )\p{Lu}\p{Ll}{3,} Range $/u;

const GEARED =
  /(?<!\p{L})(?:chain|sprockets?|gearing|final drive|kette|chaîne|catena|cadena|primary)(?!\p{L})/iu;

export const noiseIn = (text: string): readonly (readonly [number, number])[] =>
  [...text.matchAll(NOISE)].map((m) => [m.index, m.index + m[0].length] as const);

/** The number of the machine's own name: "the Heide 580 weighs …"; "seat 850" is none, whatever it was taken for. */
const isOfName = (
  text: string,
  q: Quantity,
  own: readonly string[],
  mentions: readonly Mention[],
): boolean =>
  own.includes(text.slice(q.from, q.to).toLowerCase()) &&
  own.some((w) => /\p{L}{3}$/u.test(w) && text.slice(0, q.from).toLowerCase().endsWith(`${w} `)) &&
  !mentions.some((m) => m.to === q.from - 1);

export type BlockedBy = 'noise' | 'other-machine' | 'changed' | 'currency-unknown';

const isPower = ({ unit }: Quantity): boolean => unit === 'kW' || unit === 'hp' || unit === 'PS';

/** "The A2 kit drops it from 70 kW to 35 kW": both are the machine's, before and after. */
export const RESTRICTS =
  /(?<!\p{L})(?:a2|restrict\w*|throttled|gedrosselt|drossel\w*|bridé\w*)(?!\p{L})/iu;
const isUse = ({ unit }: Quantity): boolean => /mpg|100km|km\/L/.test(unit ?? '');

/** "Power is up from 55 to 59 kW": the model before had the first; "lowered from 895 to 865" is what a part did. */
const GREW =
  /(?<!\p{L})(?:(?<!(?:sprung|I['’]?ve|I|we|we['’]?ve|me|it) (?:gone )?)(?:up|down)|(?<!(?:I|we)(?:['’]ve| have)? )gone|grow(?:n|s)|grew|swells?|swollen|ris(?:en|es)|rose|increase[sd]|jump(?:s|ed)|climb(?:s|ed)|(?<=(?:power|torque|weight|capacity|tank|price|displacement|output) )goes(?: up| down)?) from (?:the |an? )?$/iu;

/** "Has dropped from 880 mm to 865 mm for 2025": by its maker. */
const LOWERED =
  /(?<!\p{L})(?:dropp?(?:s|ed)|falls|fell|lowered|reduced|cut|come down|came down|fallen|changed|changes|raised|goes) from (?:the |an? )?$/iu;
const OF_A_YEAR =
  /^[^.;]{0,40}(?<!\p{L})(?:(?:for|in|from) (?:the )?(?:20[12]\d|this (?:year|generation|model year)|(?:new|latest|current) (?:model|version|one|generation))|on the (?:new|latest|current) (?:model|version|one|bike))(?!\p{L})/iu;

/** "Up from 300 to 340 km with the big tank". */
const A_PART_DID =
  /(?<!\p{L})(?:with|after|since|thanks to|by) (?:the |a |an |my )?(?:\p{L}+ ){0,2}(?:tank|seat|kit|links?|can|exhaust|map|remap|pipe|filter|shock|springs?|sprockets?|tyres?|tires?|bars?|rack|cams?|pistons?|silencer|muffler|header|intake|tune|flash|gearing|big bore)(?!\p{L})/iu;

/** Run in after so many kilometres or miles. Common practice, no source. */
const RUN_IN = 1000;

const LESS =
  /^ ?(?:less|more|cheaper|dearer|extra|weniger|mehr|teurer|billiger|günstiger|(?:de |en )?(?:moins|plus)(?= (?:que|cher)|[.,;]|$)|menos(?= que|[.,;]|$)|más(?= que|[.,;]|$)|(?:in )?(?:meno|più)(?= (?:de|d|cara)|[.,;]|$)|minder|goedkoper|duurder|billigare|dyrare|billigere|dyrere)(?!\p{L})/iu;

const isLengthOrBare = ({ unit }: Quantity): boolean =>
  unit === undefined || /^(?:mm|cm|m|in|ft)$/.test(unit);

/** Quantities said of nothing, of another machine, or of what a part or a lower price made of it; and why. */
export function blockedIn(
  text: string,
  quantities: readonly Quantity[],
  mentions: readonly Mention[],
  list: boolean,
  owned = false,
  own: readonly string[] = [],
  ofAnother: (index: number) => boolean = () => false,
): ReadonlyMap<number, BlockedBy> {
  const found = new Map<number, BlockedBy>();
  if (quantities.length === 0) return found;
  // Most sentences have none of these words: looked for once and not at each number.
  const [hoped, spare, would] = [
    /promis|should have|hop(?:ed|ing) for|expected|versprochen/iu,
    /extra|spare|second|addition|ersatz|zusätz|rechange|ricambio|repuesto/iu,
    /would|could|might|['’]d/iu,
  ].map((words) => words.test(text));
  // "Chain 520, 15:45" are teeth, and no time of the day.
  const noise = noiseIn(text).filter(
    ([a, b]) => !(GEARED.test(text) && /^\d{1,2}:\d{2}$/.test(text.slice(a, b))),
  );
  const scopes = scopesOfOthers(text, mentions, list, own);
  const asks =
    /\?\s*$/.test(text) &&
    !/(?<!\p{L}|can )you(?:['’]re)? get(?:ting)?(?!\p{L})[^?]* for(?!\p{L})/iu.test(text) &&
    /(?<!\p{L})(?:which|what|any|anyone|looking for|welche|quelle|qual)(?!\p{L})/iu.test(text);
  const wanted =
    WANTED.test(text) ||
    UNREAL.test(text) ||
    PACKED.test(text) ||
    AVOIDED.test(text) ||
    (owned && NEXT_ONE.test(text));
  const isMoney = (q: Quantity) =>
    /^[A-Z]{3}$|dollar|money/.test(q.unit ?? '') || /[$€£]/.test(text.slice(q.from, q.to));
  const grew = (i: number): boolean => {
    const old = quantities[i];
    return (
      old !== undefined &&
      !isMoney(old) &&
      !RESTRICTS.test(text) &&
      (GREW.test(beforeChange(text, old.from)) ||
        (OF_A_YEAR.test(text.slice(old.to)) && LOWERED.test(beforeChange(text, old.from)))) &&
      !A_PART_DID.test(text.slice(old.to, old.to + 80))
    );
  };
  // "No six speed gearbox" is told as a fact is.
  const standing = standingIn(
    text,
    own,
    quantities.some((q) => q.unit === 'gears'),
  );
  for (const i of besideStock(text, quantities)) found.set(i, 'changed');
  const modified = MODIFIED.test(text);
  quantities.forEach((q, i) => {
    if ((modified && !isStock(text, q)) || isOwnSprocket(text, q)) found.set(i, 'changed');
    const next = quantities[i + 1];
    if (
      next &&
      q.changed === undefined &&
      !(isPower(q) && RESTRICTS.test(text)) &&
      /^\s*(?:down |up )?to (?:an? |the )?$/iu.test(text.slice(q.to, next.from)) &&
      (CHANGE.test(beforeChange(text, q.from)) || grew(i))
    )
      found.set(isMoney(next) || grew(i) ? i : i + 1, grew(i) ? 'other-machine' : 'changed');
    if (
      next &&
      /^\s*to (?:a |the )?$/iu.test(text.slice(q.to, next.from)) &&
      (CHANGED_BY.test(text.slice(Math.max(0, q.from - 30), q.from)) ||
        (q.unit !== undefined &&
          q.unit === next.unit &&
          CHANGED_SO_MUCH.test(text.slice(Math.max(0, q.from - 30), q.from))))
    )
      found.set(i, 'changed');
    // "Went from 15/45 to 14/47 gearing": a pair for a pair.
    const third = quantities[i + 2];
    if (
      next &&
      third &&
      q.listed &&
      next.listed &&
      third.listed &&
      /^ to (?:an? |the )?$/iu.test(text.slice(next.to, third.from)) &&
      CHANGE.test(beforeChange(text, q.from)) &&
      !grew(i)
    )
      for (const other of [i + 2, i + 3]) found.set(other, 'changed');
    // "Power from 73 to 79 hp": which of the two it has, no word says.
    if (
      next &&
      (NEVER_RANGED.test(next.unit ?? '') || NEVER_RANGED.test(q.unit ?? '')) &&
      (q.unit === undefined || q.unit === next.unit) &&
      /(?<!\p{L})from $/iu.test(text.slice(Math.max(0, q.from - 6), q.from)) &&
      /^ ?to $/iu.test(text.slice(q.to, next.from)) &&
      q.changed === undefined &&
      !CHANGE.test(beforeChange(text, q.from)) &&
      !grew(i)
    )
      for (const other of [i, i + 1]) found.set(other, 'changed');
    // "£4,600 £4,200": the first was crossed out.
    if (
      next &&
      isMoney(q) &&
      q.unit === next.unit &&
      /^\s+$/u.test(text.slice(q.to, next.from)) &&
      (next.amounts[0] ?? 0) < (q.amounts[0] ?? 0) &&
      (next.amounts[0] ?? 0) > (q.amounts[0] ?? 0) / 2
    )
      found.set(i, 'changed');
    if (q.unit === 'other-money') found.set(i, 'currency-unknown');
    // "Eight to nine thousand": thousands, both of them.
    if (q.unit === undefined && /^\s*to\s+\d{1,3}000(?!\d)/u.test(text.slice(q.to, q.to + 24)))
      found.set(i, 'noise');
    if (
      isOfPart(text, q) ||
      (q.unit !== undefined &&
        IS_ADDED.test(text.slice(Math.max(0, q.from - 24), q.from)) &&
        /^ (?:of )?(?:fuel|petrol|gas|oil|coolant)(?!\p{L})/iu.test(text.slice(q.to, q.to + 14)))
    )
      found.set(i, 'changed');
    // "It costs £2,600 less", than another.
    if (isMoney(q) && LESS.test(text.slice(q.to, q.to + 24))) found.set(i, 'changed');
    if ((isMoney(q) || q.unit === undefined) && isSumWhenNew(text, q, quantities))
      found.set(i, 'changed');
    if (isMoney(q) && VALUED_AT.test(text.slice(Math.max(0, q.from - 32), q.from)))
      found.set(i, 'noise');
    if (
      isMoney(q) &&
      (FOR_WORK.test(text.slice(q.to, q.to + 40)) ||
        PRICE_OF_WORK.test(text.slice(Math.max(0, q.from - 60), q.from)))
    )
      found.set(i, 'noise');
    if (q.unit === undefined && isOfName(text, q, own, mentions)) found.set(i, 'noise');
    if (q.unit === undefined && NAMED_RANGE.test(text.slice(Math.max(0, q.from - 30), q.from)))
      found.set(i, 'noise');
    // "Front sprocket 15T 24.50": on a bill.
    if (q.unit === 'teeth' && /^ +[£$€]? ?\d+[.,]\d{2}(?!\d)/u.test(text.slice(q.to, q.to + 12)))
      found.set(i, 'noise');
    if (
      (q.amounts[0] ?? 0) <= RUN_IN &&
      RUN_IN_OF.test(text.slice(Math.max(0, q.from - 24), q.from))
    )
      found.set(i, 'noise');
    if (
      isPower(q) &&
      (TAXED_BY.test(text.slice(Math.max(0, q.from - 32), q.from)) ||
        TAXED.test(text.slice(q.to, q.to + 12)))
    )
      found.set(i, 'noise');
    if (
      (q.unit === 'kg' || q.unit === 'lb') &&
      RIDER_WEIGHS.test(text.slice(Math.max(0, q.from - 80), q.from))
    )
      found.set(i, 'noise');
    if (
      isWeighedWith(text, q, quantities) ||
      /^er schrittlänge/iu.test(text.slice(q.to, q.to + 16))
    )
      found.set(i, 'noise');
    if (
      SERVICE_OF.test(text.slice(Math.max(0, q.from - 24), q.from)) ||
      (IS_DONE.test(text.slice(q.to, q.to + 40)) &&
        SERVICE_AT.test(text.slice(Math.max(0, q.from - 30), q.from)))
    )
      found.set(i, 'noise');
    if (
      WHICH_SERVICE.test(text.slice(Math.max(0, q.from - 24), q.from)) &&
      /^ ?(?:k |km |mi(?:les?)? )?(?:service|inspection|check)(?!\p{L})/iu.test(
        text.slice(q.to, q.to + 16),
      )
    )
      found.set(i, 'noise');
    if (
      (isUse(q) || q.unit === 'L') &&
      (AT_A_SPEED.test(text.slice(Math.max(0, q.from - 48), q.from)) ||
        FOR_TWO.test(text.slice(Math.max(0, q.from - 48), q.from)))
    )
      found.set(i, 'changed');
    if (
      isFill(text, q) ||
      (isUse(q) &&
        (TWO_UP.test(text.slice(q.to, q.to + 36)) ||
          BEST_OF_ALL.test(text.slice(Math.max(0, q.from - 48), q.from))))
    )
      found.set(i, 'changed');
    if (found.has(i)) return;
    if (noise.some(([a, b]) => q.from < b && q.to > a)) found.set(i, 'noise');
    else if (q.changed !== undefined && grew(q.changed === 'is-old' ? i : i - 1)) {
      if (q.changed === 'is-old') found.set(i, 'other-machine');
    } else if (q.changed !== undefined) {
      if ((q.changed === 'is-new') !== isMoney(q) && !(isPower(q) && RESTRICTS.test(text)))
        found.set(i, 'changed');
    } else if (
      isFirstCheck(text, q) ||
      isBeforeThenEvery(text, q) ||
      OF_WHICH.test(text.slice(q.to, q.to + 60))
    )
      found.set(i, 'changed');
    else if (
      (isNobodys(text, q) && !isStock(text, q)) ||
      (hoped && PROMISED.test(text.slice(Math.max(0, q.from - 34), q.from))) ||
      (spare && SPARE.test(text.slice(Math.max(0, q.from - 48), q.from))) ||
      (would && WOULD_BE.test(text.slice(Math.max(0, q.from - 34), q.from))) ||
      (isLengthOrBare(q) &&
        /^\s*["”]?\s*(?:wide|across|in width)(?!\p{L})/iu.test(text.slice(q.to, q.to + 12))) ||
      (isMoney(q) && BEFORE_ARROW.test(text.slice(q.to, q.to + 16))) ||
      isOfLetters(text.slice(Math.max(0, q.from - 70), q.from), own)
    )
      found.set(i, 'other-machine');
    else if (ofAnother(i) || asks || wanted || scopes.some(([a, b]) => q.from >= a && q.from < b))
      found.set(i, 'other-machine');
    else {
      const told = standing.find(
        (x) =>
          q.from >= x.from &&
          q.from < x.to &&
          !(x.factsOnly && q.unit !== 'gears') &&
          !(x.sparesMoney && isMoney(q)),
      )?.standing;
      if (told === 'changed' && !(isPower(q) && RESTRICTS.test(text))) found.set(i, 'changed');
      else if (told !== undefined && told !== 'changed') found.set(i, 'other-machine');
    }
  });
  return found;
}
