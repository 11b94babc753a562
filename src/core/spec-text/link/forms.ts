import type { Dimension } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { gramsOf, mayMatch, neededGrams } from '../vocabulary/grams';
import { spelt } from '../vocabulary/letters';
import { BARE_FORMS } from './bare-forms';
import { BESIDE_FORMS } from './beside-forms';
import { CARE_FORMS } from './care-forms';
import { isAlone, LISTED_FIGURES, PLAINLY, type Form } from './form';
import { FRAMES } from './frames';
import { placesBefore } from './hedges';
import type { SentenceWords } from './option';
import { MASS_FORMS } from './mass-forms';
import { PRICE_FORMS } from './price';
import { SEAT_FORMS } from './seat-forms';
import { USE_FORMS } from './use-forms';
import { RANGE_FORMS } from './range-forms';
import { SPRING_FORMS } from './spring-forms';
import { TANK_FORMS } from './tank-forms';
import { WEIGHTS } from './weights';

/** A length that alone in a list of figures nearly always is the seat's. */
const isSeat = (_: SentenceWords, { amounts: [a = 0], unit }: Quantity): boolean =>
  (unit === 'mm' && a >= 780 && a <= 960) || (unit === 'in' && a >= 30.5 && a <= 38);

/** Millimetres: a fork's tubes are thinner. Own assumption. */
const LEAST_TRAVEL = 100;

const FORMS: readonly Form[] = [
  ...BARE_FORMS,
  ...FRAMES,
  ...SEAT_FORMS,
  ...MASS_FORMS,
  ...USE_FORMS,
  ...RANGE_FORMS,
  ...BESIDE_FORMS,
  ...CARE_FORMS,
  ...PRICE_FORMS,
  ...SPRING_FORMS,
  ...TANK_FORMS,
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byUnit - 1,
    by: 'unit',
    when: (s, q) => isAlone(s, q) && isSeat(s, q),
  },
  // "38hp, 148 dry, 14l, 880, 21/18": in such a list the seat needs no unit either.
  {
    key: 'seatHeight',
    points: WEIGHTS.byUnit,
    by: 'unit',
    when: (s, q) =>
      isAlone(s, q) && isSeat(s, { ...q, unit: 'mm' }) && s.quantities.length >= LISTED_FIGURES,
  },
  // "Stock puts out 320 W @ 5k".
  {
    key: 'alternator',
    dimension: 'electric',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before:
      /(?<!\p{L})(?:puts? out|pumps out|charges at|generates)(?: about| around| a claimed)? $/iu,
  },
  // "Soft luggage rack (max 8 kg)".
  {
    key: 'rackLimit',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})rack \((?:max\.?|rated|limit|up to|good for) ?(?:at |to |for )?$/iu,
  },
  // "A rack that takes seven kilos".
  {
    key: 'rackLimit',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})rack (?:that |which )?(?:takes|holds|carries|is (?:only )?good for)(?: up to| only| about)? $/iu,
  },
  // "It may weigh 340 kg all up".
  {
    key: 'maxMass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:may|is allowed to|are allowed to|can legally|must not|may not) weigh(?: up to| at most| more than)? $/iu,
  },
  // "Plate on mine says 390 kg".
  {
    key: 'maxMass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L}|payload |load )plate(?: \p{L}+){0,5} (?:says?|reads?|shows?|states?|gives)(?: max)? $/iu,
  },
  // "The fork gives you eight point three inches".
  {
    key: 'travelFront',
    dimension: 'length',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:forks? (?:gives?|gets?|moves?|does|do|offers|has|have|with)(?: you| us)?(?: about| around)?|\p{L}*gabel (?:bietet|arbeitet mit|federt|hat|mit|schafft)(?: rund| etwa)?|fourche (?:offre|a|avec|de|travaille sur)|forcella (?:offre|ha|con|lavora su|da)|horquilla (?:ofrece|tiene|con|de)|\p{L}*vork (?:biedt|heeft|met)) $/iu,
    when: (_, { amounts: [a = 0], unit }) =>
      (unit === 'mm' && a >= LEAST_TRAVEL) || (unit === 'in' && a >= 4),
  },
  // "Deux cent dix de débattement", "210 di escursione", "two ten of travel".
  {
    key: 'travelFront',
    points: PLAINLY,
    by: 'basis',
    behind:
      /^ (?:de débattement|de recorrido|di escursione|federweg|of (?:wheel |suspension )?travel)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0], unit }) => unit === undefined && a >= LEAST_TRAVEL && a <= 320,
  },
  // "My wife's weighs 137 kg. Mine: 201 kg".
  {
    key: 'mass',
    dimension: 'mass',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:mine(?:['’]s| is|:)|(?:la mia|la mienne|la mía)(?:,| pesa| fait| pèse|:)?|meine(?: wiegt| hat|:)) (?:about |around )?$/iu,
  },
  // "Meine gewogen mit vollem Tank, Sturzbügel und Hauptständer: 217,5 kg".
  {
    key: 'mass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:gewogen|weighed|pesée|pesata|pesada|ważona)(?!\p{L})[^.:;\d]{0,60}: ?$/iu,
    behind:
      /^(?!,? (?:with|tank) (?:about |only |just )?(?:an? |half|\d|one|two|three|some|nearly|the tank (?:half|nearly)))/iu,
  },
  // "From 34.8 in to 33.2 with the low seat".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byUnit,
    by: 'unit',
    before: /(?<!\p{L})from (?:the (?:stock|standard) )?$/iu,
    when: (s, q) =>
      isSeat(s, q) && /(?<!\p{L})(?:seat|saddle|sitz\p{L}*|selle)(?!\p{L})/iu.test(s.text),
  },
  // "It's thirty one inches, I can flat foot it".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^,? (?:and |so )?(?:I|you|she|he)(?: can|['’]m)?(?: just| easily)? (?:flat[- ]foot|on (?:my )?(?:toes|tip))/iu,
    when: isSeat,
  },
  // "Stock was 34.5 in".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'standard-seat',
    before: /(?<!\p{L})(?:stock|standard|originally|original|oem) (?:it )?(?:was|is) $/iu,
    when: isSeat,
  },
  // "326 pounds." by itself, where money is in dollars.
  {
    key: 'mass',
    dimension: 'mass',
    points: WEIGHTS.byUnit,
    by: 'unit',
    when: (s, q) =>
      q.unit === 'pounds' &&
      s.units.money !== 'GBP' &&
      isAlone(s, q) &&
      q.amounts.every((a) => a >= 200 && a <= 700),
  },
  // An angle with a length behind a slash: rake and trail.
  {
    key: 'rake',
    dimension: 'angle',
    points: WEIGHTS.byUnit,
    by: 'unit',
    behind: /^\s*\/\s*\d{1,3}(?:[.,]\d)? ?(?:mm|in)/iu,
  },
];

/** A form with what stands before its number looked at backwards from there: words that do not fit are left at the last of them. */
interface Looked {
  readonly form: Form;
  /** Runs of letters without which it cannot stand in a sentence. */
  readonly needed: readonly string[] | undefined;
  readonly behind: RegExp | undefined;
  readonly stands: (text: string, places: readonly number[]) => boolean;
}

/** How far a form that begins at the start of a line looks back, in characters. */
const BEFORE = 90;
/** How far a form looks behind its number, in characters. */
const BEHIND = 48;

function looked(form: Form): Looked {
  const needed =
    (form.before && neededGrams(form.before)) ?? (form.behind && neededGrams(form.behind));
  const before = form.before && spelt(form.before);
  const behind = form.behind && spelt(form.behind);
  const known = { form, needed, behind };
  if (!before) return { ...known, stands: () => true };
  if (before.source.startsWith('^'))
    return {
      ...known,
      stands: (text, [at = 0]) => before.test(text.slice(Math.max(0, at - BEFORE), at)),
    };
  const back = new RegExp(`(?<=${before.source.slice(0, -1)})`, `${before.flags}y`);
  return {
    ...known,
    stands: (text, places) =>
      places.some((place) => {
        back.lastIndex = place;
        return back.test(text);
      }),
  };
}

/** The forms of each unit's dimension, so that most need not be looked at. */
const BY_DIMENSION = new Map<Dimension | undefined, readonly Looked[]>();
for (const form of FORMS)
  BY_DIMENSION.set(form.dimension, [...(BY_DIMENSION.get(form.dimension) ?? []), looked(form)]);

/** The last sentence's forms that may stand in it at all, by dimension. */
let lastText: string | undefined;
const mayStand = new Map<Dimension | undefined, readonly Looked[]>();

function possible(text: string, dimension: Dimension | undefined): readonly Looked[] {
  if (text !== lastText) mayStand.clear();
  lastText = text;
  const known = mayStand.get(dimension);
  if (known) return known;
  const grams = gramsOf(text);
  const found = (BY_DIMENSION.get(dimension) ?? []).filter(({ needed }) => mayMatch(needed, grams));
  mayStand.set(dimension, found);
  return found;
}

/** The forms that a number stands in. */
export function formsOf(
  s: SentenceWords,
  q: Quantity,
  dimension: Dimension | undefined,
): readonly Form[] {
  const after = s.text.slice(q.to, q.to + BEHIND);
  let places: readonly number[] | undefined;
  return possible(s.text, dimension).flatMap(({ form, behind, stands }) =>
    (s.ours || form.anywhere) &&
    (behind?.test(after) ?? true) &&
    (form.when?.(s, q) ?? true) &&
    stands(s.text, (places ??= placesBefore(s.text, q.from)))
      ? [form]
      : [],
  );
}
