import { spelt } from '../vocabulary/letters';
import type { Assigned } from './assign';
import type { BlockedBy } from './guards/guard';
import { sensesOf } from './dimensions';
import type { SentenceWords } from './option';

/** A distance or hours said of one machine: what is on the clock. */
export interface ClockReading {
  readonly amount: number;
  readonly unit: 'km' | 'mi' | 'h';
  readonly from: number;
  readonly to: number;
  readonly points: number;
}

/** A stretch of a sentence in the whole text. */
export type InText = (from: number, to: number) => { readonly from: number; readonly to: number };

/** "4.4 L/100 km (3.6": no clock's kilometres. */
const PER_HUNDRED = /100\s?km\s?\($/iu;

/** "KM: 18,400", "Kilometerstand 18.400": kilometres, whatever else the text is in. */
const KM_BEFORE = spelt(
  /(?<!\p{L})(?:kms?|km[- ]?stand|kilomet(?:er|re)s?(?:stand)?|kilométrage|kilometraje|kilómetros|quil[óo]metr(?:os|agem)|kilometerteller|chilometraggio|laufleistung|tachostand)(?:\s?:?\s|\s?\()$/iu,
);
const HAS_RUN = spelt(
  /(?<!\p{L})(?:ridden|(?:has|have) done|gelaufen|gefahren|gereden|kjørt|kørt|gått|ajettu|najeto|przejechan[eya]|nalot|percorsi|przebieg)(?: only| just| about)?\s$/iu,
);

/** "12.000 km per jaar": how far somebody rides. */
const PER_YEAR = spelt(
  /^ ?(?:km|kms|mi|miles|mil|kilomet(?:re|er)s?)? ?(?:per (?:year|annum|jaar)|(?:a|each|every) year|(?:im|pro|jedes) jahr|jährlich|par an|al año|(?:all|l)['’]anno|por ano|om året|i året|per år|pr\.? år|årligen|årlig|årligt|rocznie|na rok|ročně|vuodessa|p\.?a\.?(?= |[.,;)]|$))/iu,
);

/** "Huollettu 10 tkm kohdalla", "servad vid 10 000", "serviced at 10k": when it was last looked after. */
const CARED_FOR_AT = spelt(
  /(?<!\p{L})(?:huollettu|huolto|servad vid|servet ved|service (?:på|ved|vid|bij|par|při)|serviced at|gewartet bei|révisée? à|revisad[oa] a|tagliandat[oa] a|onderhouden bij|serwisowan[ya] przy|servisován[ao]? při) $/iu,
);
const CARED_FOR_THEN = spelt(/^ ?(?:km|tkm|mi)? ?(?:kohdalla|huolto|service)(?!\p{L})/iu);

/** What may be on the clock of a machine for sale. */
export function clockReadings(
  s: SentenceWords,
  assigned: readonly Assigned[],
  blocked: ReadonlyMap<number, BlockedBy>,
  at: InText,
  own: readonly string[],
): readonly ClockReading[] {
  if (!s.sale) return [];
  return s.quantities.flatMap((q, i): readonly ClockReading[] => {
    const option = assigned[i]?.option;
    if (option?.key !== undefined || blocked.has(i)) return [];
    // "2020 Dunelark 720 / 14,870 mi": a number of its name.
    if (own.includes(s.text.slice(q.from, q.to).toLowerCase())) return [];
    const meaning = option?.word?.meaning;
    const clocked = meaning?.kind === 'taker' && meaning.taker === 'odometer';
    const before = s.text.slice(Math.max(0, q.from - 26), q.from);
    if (meaning?.kind === 'taker' && !clocked && !HAS_RUN.test(before)) return [];
    if (/(?:every|alle|tous les|cada|ogni|at|à|bei|due|last service\w*)\s*$/iu.test(before))
      return [];
    if (CARED_FOR_AT.test(before) || CARED_FOR_THEN.test(s.text.slice(q.to, q.to + 18))) return [];
    if (PER_YEAR.test(s.text.slice(q.to, q.to + 24))) return [];
    const senses = sensesOf(q.unit, s.units);
    const distance = senses.find((x) => x.dimension === 'distance');
    const unit =
      distance?.units[0] ?? (senses.some((x) => x.dimension === 'duration') ? 'h' : undefined);
    const kmBefore = q.unit === undefined && KM_BEFORE.test(before) && !PER_HUNDRED.test(before);
    const mileage = q.unit === undefined && /(?<!\p{L})mileage\s?:?\s$/iu.test(before);
    const year = q.unit === undefined && /^(?:19|20)\d\d$/.test(s.text.slice(q.from, q.to));
    const bare = q.unit === undefined && clocked && !year;
    const word = kmBefore
      ? 'km'
      : bare
        ? (s.units.distance ?? 'km')
        : mileage && !year
          ? (s.units.distance ?? 'mi')
          : unit;
    if (word !== 'km' && word !== 'mi' && word !== 'h') return [];
    const amount = Math.max(...q.amounts) * (distance?.times ?? 1);
    return [
      {
        amount,
        unit: word,
        ...at(q.from, q.to),
        points:
          (clocked || mileage || kmBefore || HAS_RUN.test(before) ? 2 : 0) +
          (word === 'h' ? -1 : 0) +
          (amount >= 500 ? 1 : 0),
      },
    ];
  });
}
