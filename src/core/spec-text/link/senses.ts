import { figureDefinition, limitsIn, type FigureKey } from '../../readings';
import { preferredUnit, type Dimension, type UnitId } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { sensesOf, UNDECIDED, type TextUnits, type UnitSense } from './dimensions';
import type { SentenceWords } from './option';
import { plausibility } from './plausible';
import { WEIGHTS } from './weights';

const METRIC_FIRST = ['metric', 'us'] as const;
const US_FIRST = ['us', 'metric'] as const;
const isAmerican = ({ gallon, usual }: TextUnits): boolean =>
  gallon === 'us' &&
  usual.mass !== 'kg' &&
  (usual.length === undefined || usual.length === 'in') &&
  usual.power !== 'kW';

const IMPERIAL: Readonly<Partial<Record<UnitId, UnitId>>> = {
  'mpg-us': 'mpg-imp',
  'gal-us': 'gal-imp',
};
/** The gallon of the text, where it tells whose. */
const ofGallon = (unit: UnitId, { gallon }: TextUnits): UnitId =>
  (gallon === 'imp' ? IMPERIAL[unit] : undefined) ?? unit;

/** Units a bare number may be in. */
export function bareUnits(
  key: FigureKey,
  spoken: UnitId | undefined,
  text: TextUnits,
): readonly UnitId[] {
  const { dimension, unit } = figureDefinition(key);
  if (dimension === 'money') {
    if (spoken && dimensionOfUnit(spoken) === dimension) return [spoken];
    const money = text.money ?? text.likelyMoney;
    return money === undefined ? [] : [money];
  }
  if (dimension === 'distance' && spoken && dimensionOfUnit(spoken) === dimension) return [spoken];
  if (dimension === 'distance') return [text.distance ?? 'km'];
  if (unit) return [unit];
  if (spoken && dimensionOfUnit(spoken) === dimension) return [spoken];
  const usual = text.usual[dimension];
  // Said without a unit, power is horsepower.
  if (dimension === 'power') return usual ? [usual] : [text.continental ? 'PS' : 'hp', 'kW'];
  return [
    ...new Set([
      ...(usual ? [usual] : []),
      ...(isAmerican(text) && dimension === 'torque' ? US_FIRST : METRIC_FIRST).map((s) =>
        ofGallon(preferredUnit(dimension, s, 'EUR'), text),
      ),
    ]),
  ];
}

const dimensionOfUnit = (unit: UnitId): Dimension | undefined =>
  sensesOf(unit, UNDECIDED)[0]?.dimension;

/** Dimensions whose bare number is as good as one with a unit: there is only one. */
const NEEDS_NO_UNIT: ReadonlySet<Dimension> = new Set([
  'ratio',
  'year',
  'count',
  'rotation',
  'angle',
]);

/** The steering head told from the ground, as from the vertical; to the hundredth of a degree that sheets give. */
const fromVertical = (angle_deg: number): number => Math.round((90 - angle_deg) * 100) / 100;

/** Amounts of a quantity that a figure may have at all, with their unit; the likeliest first. */
export function possibleAmounts(
  key: FigureKey,
  amounts: readonly number[],
  units: readonly UnitId[],
): readonly { readonly amount: number; readonly unit: UnitId; readonly points: number }[] {
  const whole = figureDefinition(key).dimension === 'count';
  return units
    .flatMap((unit) =>
      amounts.map((amount) => ({
        amount: key === 'rake' && amount >= 58 && amount <= 72 ? fromVertical(amount) : amount,
        unit,
      })),
    )
    .filter(({ amount, unit }) => {
      const { min, max } = limitsIn(key, unit);
      return amount >= min && amount <= max && !(whole && !Number.isInteger(amount));
    })
    .map((a) => ({ ...a, points: plausibility(key, a.amount, a.unit) }))
    .sort((a, b) =>
      figureDefinition(key).dimension === 'money' ? b.amount - a.amount : b.points - a.points,
    );
}

export interface Sense {
  readonly amounts: readonly number[];
  readonly units: readonly UnitId[];
  readonly unitSaid: boolean;
  readonly open: 'gallon' | 'currency' | undefined;
  readonly points: number;
  readonly continues?: true;
}

/** The size of a rim: whole inches. */
export const isRim = ({ amounts: [size = 0] }: Quantity): boolean =>
  Number.isInteger(size) && size >= 14 && size <= 21;

/** "Four hundred and ten pounds on the road": for so few of them no machine is had, and many a one weighs as much. Own assumption. */
const LEAST_PRICE_IN_POUNDS = 700;
const isWeight = ({ unit, amounts }: Quantity, key: FigureKey): boolean =>
  unit === 'pounds' &&
  (key === 'price' || key === 'usedPrice') &&
  amounts.every((a) => a < LEAST_PRICE_IN_POUNDS);

/** How a quantity may be this figure: its unit's senses, or for a bare number the figure's own units. */
export function senses(
  s: SentenceWords,
  q: Quantity,
  key: FigureKey,
  bareLink: boolean,
  index: number,
): readonly Sense[] {
  const { dimension } = figureDefinition(key);
  if (
    q.product !== undefined &&
    !((q.product === 0 || isRim(q)) && (key === 'wheelFront' || key === 'wheelRear'))
  )
    return [];
  if (q.unit === undefined) {
    // Hours and months are never bare, except under a heading that says so.
    const behindHours = s.quantities[index - 1]?.unit === 'h' && /every/iu.test(s.text);
    // "Oil every fifteen hours, valves every thirty".
    if (behindHours && key.endsWith('Interval') && (q.amounts[0] ?? 0) < 100) return [];
    if (
      /Hours|Months/.test(key) &&
      !(behindHours && key.endsWith('Hours')) &&
      (s.spoken === undefined || dimensionOfUnit(s.spoken) !== dimension)
    )
      return [];
    // A bare year is no money and no length.
    const year = /^(?:19[5-9]\d|20[0-3]\d)$/.test(s.text.slice(q.from, q.to).trim());
    if (year && dimension !== 'year' && dimension !== 'rotation') return [];
    const around = senseAround(s, index, dimension);
    const inherited = around?.units;
    const scaled =
      q.thousands === undefined ||
      dimension === 'distance' ||
      dimension === 'rotation' ||
      dimension === 'money';
    // "redlines at ten and a half": thousands.
    const saidAmounts =
      dimension === 'rotation' || (key.endsWith('Interval') && s.units.distance !== undefined)
        ? q.amounts.map((n) => (n >= 3 && n < 40 ? n * 1000 : n))
        : q.amounts;
    const fits = (list: readonly UnitId[]) =>
      scaled ? possibleAmounts(key, saidAmounts, list) : [];
    const handed = inherited !== undefined && fits(inherited).length > 0;
    // Teeth and links are counted alike: a count has its own unit, whatever stands beside it.
    const own = dimension === 'count' ? figureDefinition(key).unit : undefined;
    const units = own ? [own] : handed ? inherited : bareUnits(key, s.spoken, s.units);
    const [best] = fits(units);
    if (!best || units.length === 0) return [];
    const said =
      NEEDS_NO_UNIT.has(dimension) ||
      figureDefinition(key).unit !== undefined ||
      (s.spoken !== undefined && dimensionOfUnit(s.spoken) === dimension) ||
      (handed && unitAround(s, index, dimension, true, true) !== undefined);
    return [
      {
        amounts: saidAmounts,
        units,
        unitSaid: said,
        // "58 grand … when the list was 56 900": whose money, the other one leaves open as well.
        open: handed && !own ? around?.open : undefined,
        points: best.points - (said ? 0 : WEIGHTS.bare),
        ...(bareLink ? {} : { continues: true as const }),
      },
    ];
  }
  return sensesOf(q.unit, s.units)
    .filter(
      (sense) => sense.dimension === dimension && !(dimension === 'money' && isWeight(q, key)),
    )
    .flatMap((sense) => {
      const amounts = q.amounts.map((n) =>
        sense.times === undefined ? n : Number((n * sense.times).toPrecision(12)),
      );
      const [best] = possibleAmounts(key, amounts, sense.units);
      return best
        ? [{ amounts, units: sense.units, unitSaid: true, open: sense.open, points: best.points }]
        : [];
    });
}

/** What the nearest figure of the same kind counts in, before or behind: "230 mm at the front and 200 at the rear". */
function senseAround(
  s: SentenceWords,
  index: number,
  dimension: Dimension,
  onlyBefore = false,
  onlyPlain = false,
): UnitSense | undefined {
  for (let far = 1; far < s.quantities.length; far += 1)
    for (const i of onlyBefore ? [index - far] : [index - far, index + far]) {
      const all = sensesOf(s.quantities[i]?.unit, s.units);
      const sense = (onlyPlain ? all.slice(0, 1) : all).find((x) => x.dimension === dimension);
      if (sense) return sense;
    }
  return undefined;
}

/**
 * The units of the nearest figure of the same kind.
 *
 * @param onlyPlain a unit that may mean this dimension besides another says nothing: litres of a tank are no consumption
 */
export const unitAround = (
  ...asked: readonly [SentenceWords, number, Dimension, boolean?, boolean?]
): readonly UnitId[] | undefined => senseAround(...asked)?.units;
