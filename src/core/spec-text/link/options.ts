import { figureDefinition, limitsIn, type Basis, type FigureKey } from '../../readings';
import { isUnitId, preferredUnit, type Dimension, type UnitId } from '../../units';
import type { Quantity } from '../lattice/scan-quantities';
import { writtenUnit } from '../lattice/written-units';
import { targetOf, type Mention, type Meaning } from '../vocabulary/lexicon';
import { TAKERS } from '../vocabulary/vocabulary';
import { BY_UNIT, sensesOf, type TextUnits } from './dimensions';
import { plausibility } from './plausible';
import { isBareLink, nearness } from './relation';
import { WEIGHTS } from './weights';

/** A label word of a sentence, or one that stands on the line above it. */
export interface Word {
  readonly mention: Mention;
  readonly meaning: Extract<Meaning, { kind: 'label' }> | Extract<Meaning, { kind: 'taker' }>;
  /** Place in the order of the sentence; −1 for a label above. */
  readonly order: number;
}

/** One way to understand a quantity. Without `key`: it is none of ours. */
export interface Option {
  readonly key: FigureKey | undefined;
  readonly word: Word | undefined;
  readonly points: number;
  readonly amounts: readonly number[];
  readonly units: readonly UnitId[];
  readonly unitSaid: boolean;
  readonly open: 'gallon' | 'currency' | undefined;
  /** Only behind a figure with this key: `@ 8 250 rpm`. */
  readonly needs?: readonly FigureKey[];
  /** Only behind the other side under the same label. */
  readonly continues?: true;
  /** How it was recognised. */
  readonly by: 'label' | 'above' | 'unit' | 'basis' | 'sum' | 'follows' | 'taker';
  readonly basis?: Basis | undefined;
  readonly side?: 'front' | 'rear' | undefined;
}

/** What a sentence offers to its figures. */
export interface SentenceWords {
  readonly text: string;
  readonly words: readonly Word[];
  readonly mentions: readonly Mention[];
  readonly quantities: readonly Quantity[];
  readonly above: Word | undefined;
  readonly units: TextUnits;
  readonly sale: boolean;
  readonly ours: boolean;
  /** "millimetres that is": a unit said for bare numbers. */
  readonly spoken: UnitId | undefined;
  /** The figure that the line before gave last. */
  readonly lastKey: FigureKey | undefined;
  /** Quantities that are said of another machine or of nothing. */
  readonly blocked: ReadonlySet<number>;
}

/** Units a bare number may be in. */
export function bareUnits(
  key: FigureKey,
  spoken: UnitId | undefined,
  text: TextUnits,
): readonly UnitId[] {
  const { dimension, unit } = figureDefinition(key);
  if (dimension === 'money') return text.money === undefined ? [] : [text.money];
  if (dimension === 'distance') return [text.distance ?? 'km'];
  if (unit) return [unit];
  if (spoken && dimensionOfUnit(spoken) === dimension) return [spoken];
  const usual = text.usual[dimension];
  return [
    ...new Set([
      ...(usual ? [usual] : []),
      ...(['metric', 'us'] as const).map((s) => preferredUnit(dimension, s, 'EUR')),
    ]),
  ];
}
const dimensionOfUnit = (unit: UnitId): Dimension | undefined =>
  sensesOf(unit, { gallon: 'us', dollar: 'USD', money: 'USD', distance: 'km', usual: {} })[0]
    ?.dimension;

/** Dimensions whose bare number is as good as one with a unit: there is only one. */
const NEEDS_NO_UNIT: ReadonlySet<Dimension> = new Set([
  'ratio',
  'year',
  'count',
  'rotation',
  'angle',
  'displacement',
]);

const keysOf = (
  word: Word,
  side: () => 'front' | 'rear',
  behind: FigureKey | undefined,
): readonly FigureKey[] => {
  if (word.meaning.kind === 'taker') return [];
  if (word.meaning.name === 'topRatio') {
    const gear = Number(/^ratio(\d)$/.exec(behind ?? '')?.[1] ?? 0);
    const next = (['ratio4', 'ratio5', 'ratio6'] as const).find((k) => k === `ratio${gear + 1}`);
    return next ? [next] : [];
  }
  if (word.meaning.name === 'rpm') return [behind === 'torque' ? 'torqueRpm' : 'powerRpm'];
  const target = targetOf(word.meaning.name);
  if (target.kind === 'figures') return target.keys;
  return [side() === 'front' ? target.front : target.rear];
};

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
        amount: key === 'rake' && amount >= 58 && amount <= 72 ? 90 - amount : amount,
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

/** Every way to understand the quantity with this index, the none-of-ours ways among them. */
export function optionsOf(
  sentence: SentenceWords,
  index: number,
  sideOf: (index: number) => 'front' | 'rear',
): readonly Option[] {
  const q = sentence.quantities[index];
  if (!q || sentence.blocked.has(index)) return [];
  const made: Option[] = [];
  const side = () => sideOf(index);
  for (const word of sentence.words) made.push(...byWord(sentence, q, index, word, side));
  made.push(...aboveOptions(sentence, q, index, side), ...followOptions(sentence, q, index));
  if (q.product === undefined) made.push(...unitOptions(sentence, q, index));
  return made;
}

/** Figures between a label and a figure, nearest first; no more are counted than could matter. */
function standBetween(
  all: readonly Quantity[],
  index: number,
  a: number,
  b: number,
): readonly Quantity[] {
  const found: Quantity[] = [];
  const back = (all[index]?.from ?? 0) >= b;
  for (let i = index + (back ? -1 : 1); found.length < 4; i += back ? -1 : 1) {
    const q = all[i];
    if (!q || (back ? q.to <= a : q.from >= b)) break;
    if (q.from >= a && q.to <= b) found.push(q);
  }
  return found;
}

function byWord(
  s: SentenceWords,
  q: Quantity,
  index: number,
  word: Word,
  side: () => 'front' | 'rear',
): readonly Option[] {
  const { from, to } = word.mention;
  const labelFirst = to <= q.from;
  if (!labelFirst && from < q.to) return [];
  const mate = s.quantities[index + 1];
  const end = !labelFirst && q.listed && mate?.listed && mate.to <= from ? mate.to : q.to;
  const [a, b] = labelFirst ? [to, q.from] : [end, from];
  const between = standBetween(s.quantities, index, a, b);
  if (between.length > (labelFirst ? 2 : 1)) return [];
  const turned = labelFirst ? otherSide(s, q, word, between) : undefined;
  const gapText = s.text.slice(turned?.at ?? (labelFirst ? afterSide(s, a) : a), b);
  if (gapText.replace(/\s+/g, ' ').length > 90) return [];
  const figures = turned ? 0 : between.length;
  const labels = s.words.filter(
    (w) => w !== word && w.meaning.kind === 'label' && w.mention.from >= a && w.mention.to <= b,
  ).length;
  const weak = word.meaning.kind === 'label' && word.meaning.weak;
  const points = nearness(gapText, labelFirst, weak, figures, labels) - (turned ? 0.7 : 0);
  if (points < 0.5) return [];
  if (word.meaning.kind === 'taker') return takerOption(s, q, word, points, gapText);
  const basis = word.meaning.basis;
  const keys = turned?.key ? [turned.key] : keysOf(word, side, s.lastKey);
  const beside = !labelFirst && gapText.trim() === '' && isNoun(s.text.slice(from, to));
  const told = labelFirst ? (unitTold(gapText) ?? unitOfLabel(s.text.slice(from, to))) : undefined;
  const bare =
    (labelFirst && !turned && (unitTold(gapText) !== undefined || isBareLink(gapText))) || beside;
  return keys.flatMap((key) =>
    senses(
      told && q.unit === undefined ? { ...s, spoken: told } : s,
      q,
      key,
      bare,
      told ? -1 : index,
    )
      .filter(
        (sense) =>
          !beside ||
          q.unit !== undefined ||
          (q.listed && figureDefinition(key).unit !== undefined) ||
          sense.points >= 1 - WEIGHTS.bare ||
          unitAround(s, index, figureDefinition(key).dimension) !== undefined,
      )
      .map(
        (sense): Option => ({
          key,
          word,
          ...sense,
          points: points + sense.points - (contrary(s, q, key) ? WEIGHTS.contrary : 0),
          by: 'label',
          basis,
          ...(sense.continues ? { continues: true as const } : {}),
        }),
      ),
  );
}

/** The other end's word right behind the figure: "an 18-inch rear" is no front wheel. */
function contrary(s: SentenceWords, q: Quantity, key: FigureKey): boolean {
  const wrong = FRONT_KEY.test(key) ? 'rear' : 'front';
  return (
    OTHER_END[key] !== undefined &&
    s.mentions.some(
      (m) =>
        m.from >= q.to &&
        m.from - q.to <= 2 &&
        !s.quantities.some((o) => o.from >= m.to && o.from - m.to <= 4) &&
        m.meanings.some((x) => x.kind === 'side' && x.side === wrong),
    )
  );
}

/** Where the words of a label end when its side stands right behind: "Pressure, front: …". */
function afterSide(s: SentenceWords, to: number): number {
  const side = s.mentions.find(
    (m) =>
      m.from >= to &&
      m.meanings.some((x) => x.kind === 'side') &&
      /^[\s,(/-]{0,3}$/.test(s.text.slice(to, m.from)),
  );
  return side ? side.to : to;
}

/** `Seat height (mm): 880`, `wet weight kg: 158`: the unit stands with the label. */
function unitTold(gapText: string): UnitId | undefined {
  const inside =
    /^\s*[([]([^)\]]{1,14})[)\]]\s*[:=|\t\s-]*$/u.exec(gapText) ??
    /^[\s,/]+([^\s:=|]{1,10})\s*[:=|\t]\s*$/u.exec(gapText);
  const unit = inside && writtenUnit((inside[1] ?? '').split(/[,;]/)[0] ?? '');
  return unit !== null && unit !== undefined && isUnitId(unit) ? unit : undefined;
}

/** "Horsepower: 44": the label is the unit. */
function unitOfLabel(words: string): UnitId | undefined {
  const unit = writtenUnit(words);
  return unit !== undefined && isUnitId(unit) ? unit : undefined;
}

/** "880 seat" names its figure; "400 weighs" and "125 Trail" do not. */
const isNoun = (words: string): boolean =>
  /^\p{Ll}/u.test(words) && !/^(?:weigh|tyre|tire|make|get|cost)/iu.test(words);

/** The other end of a figure that has two. */
const OTHER_END: Partial<Record<FigureKey, FigureKey>> = {
  travelFront: 'travelRear',
  travelRear: 'travelFront',
  wheelFront: 'wheelRear',
  wheelRear: 'wheelFront',
  pressureFront: 'pressureRear',
  pressureRear: 'pressureFront',
  sprocketFront: 'sprocketRear',
  axleLimitFront: 'axleLimitRear',
};
const FRONT_KEY = /Front|forkRate/;

/**
 * "travel front 240 mm, rear 230 mm", "vorne/hinten 240/230": a second figure under one label, at the other end. `at`: where its own
 * words begin.
 */
function otherSide(
  s: SentenceWords,
  q: Quantity,
  word: Word,
  between: readonly Quantity[],
): { readonly at: number; readonly key: FigureKey | undefined } | undefined {
  if (word.meaning.kind !== 'label' || between.length !== 1) return undefined;
  const [first] = between;
  if (!first) return undefined;
  const target = targetOf(word.meaning.name);
  const sides = s.mentions.flatMap((m) =>
    m.meanings.flatMap((x) =>
      x.kind === 'side' && m.from >= word.mention.to ? [{ side: x.side, m }] : [],
    ),
  );
  const listed = q.listed && first.listed;
  if (target.kind === 'sides')
    return listed || sides.length > 0 ? { at: first.to, key: undefined } : undefined;
  const key = target.keys.length === 1 ? target.keys[0] : undefined;
  const other = key && OTHER_END[key];
  if (!key || !other) return undefined;
  const wanted = FRONT_KEY.test(key) ? 'rear' : 'front';
  return sides.some(
    ({ side, m }) => side === wanted && (listed || (m.from >= first.to && m.from < q.to + 12)),
  )
    ? { at: first.to, key: other }
    : undefined;
}

function takerOption(
  s: SentenceWords,
  q: Quantity,
  word: Word,
  points: number,
  gapText: string,
): readonly Option[] {
  if (word.meaning.kind !== 'taker') return [];
  const dims: readonly string[] = TAKERS[word.meaning.taker];
  const senseDims = sensesOf(q.unit, s.units).map((x) => x.dimension);
  const fits =
    q.unit === undefined
      ? dims.includes('bare') && gapText.length < 24
      : senseDims.some((d) => dims.includes(d));
  return fits
    ? [
        {
          key: undefined,
          word,
          points: points - (/^\s*:/.test(gapText) ? 1 : 0),
          amounts: q.amounts,
          units: [],
          unitSaid: true,
          open: undefined,
          by: 'taker',
        },
      ]
    : [];
}

interface Sense {
  readonly amounts: readonly number[];
  readonly units: readonly UnitId[];
  readonly unitSaid: boolean;
  readonly open: 'gallon' | 'currency' | undefined;
  readonly points: number;
  readonly continues?: true;
}

/** How a quantity may be this figure: its unit's senses, or for a bare number the figure's own units. */
function senses(
  s: SentenceWords,
  q: Quantity,
  key: FigureKey,
  bareLink: boolean,
  index: number,
): readonly Sense[] {
  const { dimension } = figureDefinition(key);
  if (
    q.product !== undefined &&
    !(q.product === 0 && (key === 'wheelFront' || key === 'wheelRear'))
  )
    return [];
  if (q.unit === undefined) {
    const inherited = unitAround(s, index, dimension);
    const scaled =
      q.thousands === undefined || dimension === 'distance' || dimension === 'rotation';
    const fits = (list: readonly UnitId[]) => (scaled ? possibleAmounts(key, q.amounts, list) : []);
    const handed = inherited !== undefined && fits(inherited).length > 0;
    const units = handed ? inherited : bareUnits(key, s.spoken, s.units);
    const [best] = fits(units);
    if (!best || units.length === 0) return [];
    const said =
      NEEDS_NO_UNIT.has(dimension) ||
      figureDefinition(key).unit !== undefined ||
      s.spoken !== undefined ||
      unitAround(s, index, dimension, true) !== undefined;
    return [
      {
        amounts: q.amounts,
        units,
        unitSaid: said,
        open: undefined,
        points: best.points - (said ? 0 : WEIGHTS.bare),
        ...(bareLink ? {} : { continues: true as const }),
      },
    ];
  }
  return sensesOf(q.unit, s.units)
    .filter((sense) => sense.dimension === dimension)
    .flatMap((sense) => {
      const amounts = q.amounts.map((n) => n * (sense.times ?? 1));
      const [best] = possibleAmounts(key, amounts, sense.units);
      return best
        ? [{ amounts, units: sense.units, unitSaid: true, open: sense.open, points: best.points }]
        : [];
    });
}

/** The unit of the nearest figure of the same kind, before or behind: "230 mm at the front and 200 at the rear". */
function unitAround(
  s: SentenceWords,
  index: number,
  dimension: Dimension,
  onlyBefore = false,
): readonly UnitId[] | undefined {
  for (let far = 1; far < s.quantities.length; far += 1)
    for (const i of onlyBefore ? [index - far] : [index - far, index + far]) {
      const sense = sensesOf(s.quantities[i]?.unit, s.units).find((x) => x.dimension === dimension);
      if (sense) return sense.units;
    }
  return undefined;
}

/** A label on the line above serves the first figure of a line that has none of its own. */
function aboveOptions(
  s: SentenceWords,
  q: Quantity,
  index: number,
  side: () => 'front' | 'rear',
): readonly Option[] {
  const { above } = s;
  if (!above) return [];
  const own = s.words.some((w) => w.meaning.kind === 'label' && !w.meaning.weak);
  if (own) return [];
  const first = s.quantities.findIndex((_, i) => !s.blocked.has(i));
  const bare = index === first && q.from < 30 && s.text.trim().length < 44;
  return keysOf(above, side, s.lastKey).flatMap((key) =>
    senses(s, q, key, bare, index).map(
      (sense): Option => ({
        key,
        word: above,
        ...sense,
        points: WEIGHTS.above - index * 0.6 + sense.points,
        by: 'above',
        basis: above.meaning.kind === 'label' ? above.meaning.basis : undefined,
      }),
    ),
  );
}

const FOLLOWS: readonly {
  readonly needs: readonly FigureKey[];
  readonly key: FigureKey;
  readonly gap: RegExp;
}[] = [
  {
    needs: ['power', 'unrestrictedPower'],
    key: 'powerRpm',
    gap: /^[^;|]{0,34}?(?:@|(?<!\p{L})(?:at|bei|à|a|przy|bij|ad|vid)(?!\p{L})|\/|-)\s*(?:about |approx\.? )?$/iu,
  },
  {
    needs: ['torque'],
    key: 'torqueRpm',
    gap: /^[^;|]{0,34}?(?:@|(?<!\p{L})(?:at|bei|à|a|przy|bij|ad|vid)(?!\p{L})|\/|-)\s*(?:about |approx\.? )?$/iu,
  },
  { needs: ['finalRatio'], key: 'sprocketFront', gap: /^\s*\(?\s*$/u },
  { needs: ['finalRatio'], key: 'sprocketRear', gap: /^\s*\(?\s*$/u },
  { needs: ['sprocketRear'], key: 'sprocketFront', gap: /^\s*[/:x-]\s*$/u },
  { needs: ['sprocketFront'], key: 'sprocketRear', gap: /^\s*[/:x-]\s*$/u },
  { needs: ['rake'], key: 'trail', gap: /^\s*(?:[/,&+]|and)\s*(?:trail:?\s*)?$/iu },
  ...(
    [
      ['serviceInterval', 'serviceHours', 'serviceMonths'],
      ['valveInterval', 'valveHours'],
      ['oilInterval', 'oilHours'],
    ] as const
  ).flatMap((family) =>
    family.map((key) => ({
      needs: family.filter((k) => k !== key),
      key,
      gap: /^\s*(?:[/,]|or|and|oder|ou|o|or every|or annually or)\s*$/iu,
    })),
  ),
];

/** `61 hp @ 8250`, `25.5° / 109 mm`, `12 000 km or 12 months`: figures that go with the one before them. */
function followOptions(s: SentenceWords, q: Quantity, index: number): readonly Option[] {
  const last = s.quantities[index - 1];
  if (!last) return [];
  const gap = s.text.slice(last.to, q.from);
  // Hours and months are never bare; revs and teeth may be.
  return FOLLOWS.filter(
    (f) => f.gap.test(gap) && (q.unit !== undefined || !/Hours|Months|Interval/.test(f.key)),
  ).flatMap(({ needs, key }) =>
    senses(s, q, key, true, index).map(
      (sense): Option => ({
        key,
        word: undefined,
        ...sense,
        points: WEIGHTS.follows + sense.points,
        needs,
        by: 'follows',
      }),
    ),
  );
}

/** An angle with a length behind a slash: rake and trail. */
const STEERING = /^\s*\/\s*\d{1,3}(?:[.,]\d)? ?(?:mm|in)/iu;
const EVERY = /(?:every|each|alle|tous les|cada|ogni|elke|co|a cada)\s*(?:about |approx\.? )?$/iu;

/** A figure that only its unit names, or a word of its basis, or that it is a sum in an advert. */
function unitOptions(s: SentenceWords, q: Quantity, index: number): readonly Option[] {
  const made: Option[] = [];
  const push = (key: FigureKey, points: number, by: Option['by']) => {
    for (const sense of senses(s, q, key, false, index))
      if (!sense.continues)
        made.push({ key, word: undefined, ...sense, points: points + sense.points, by });
  };
  if (q.unit === undefined) {
    const before = s.quantities[index - 1];
    const end =
      before?.unit === 'teeth' || before?.unit === 'in'
        ? wheelBeside(s, { ...q, unit: before.unit })
        : undefined;
    if (end)
      for (const sense of senses(s, q, end, true, index))
        made.push({
          key: end,
          word: undefined,
          ...sense,
          points: WEIGHTS.byUnit + 0.9,
          by: 'basis',
        });
    const near = basisBeside(s, q);
    if (near !== undefined && near < 1.6 && Number.isInteger(q.amounts[0]))
      for (const sense of senses(s, q, 'mass', true, index))
        made.push({
          key: 'mass',
          word: undefined,
          ...sense,
          points: WEIGHTS.byBasis - 0.5 - near + sense.points,
          by: 'basis',
        });
    return made;
  }
  const before = s.text.slice(Math.max(0, q.from - 24), q.from);
  for (const sense of sensesOf(q.unit, s.units)) {
    const key = BY_UNIT[sense.dimension];
    if (q.unit === 'gears') push('gears', WEIGHTS.byUnit + 1, 'label');
    else if (q.unit === 'qt-us') push('oilCapacity', WEIGHTS.byUnit + 0.3, 'unit');
    else if (q.unit === 'links') push('chainLinks', WEIGHTS.byUnit + 1, 'label');
    else if (key && q.unit !== 'L' && s.ours) push(key, WEIGHTS.byUnit, 'unit');
    if (sense.dimension === 'volume' && s.ours && isAlone(s, q))
      push('tank', WEIGHTS.byUnit - 0.3, 'unit');
    if (sense.dimension === 'mass') {
      const near = basisBeside(s, q);
      if (near !== undefined) push('mass', WEIGHTS.byBasis - near, 'basis');
      else if (s.ours) push('mass', WEIGHTS.take - 0.6, 'unit');
    }
    if (sense.dimension === 'money' && !s.sale && s.ours && s.text.trim().length < 20)
      push('price', WEIGHTS.bySum, 'sum');
    if (sense.dimension === 'money' && s.sale) {
      const asks = ASKS.test(s.text.slice(q.to, q.to + 22));
      push('price', WEIGHTS.bySum + (asks ? 2 : 0), asks ? 'basis' : 'sum');
    }
    const wheel = wheelBeside(s, q);
    if (wheel) push(wheel, WEIGHTS.byUnit + 0.9, 'basis');
    const last = s.quantities[index - 1];
    if (
      last?.changed === 'is-old' &&
      q.changed === 'is-new' &&
      sense.dimension === 'money' &&
      s.sale
    )
      push('price', WEIGHTS.follows, 'label');
    if (q.unit === 'deg' && STEERING.test(s.text.slice(q.to)) && s.ours)
      push('rake', WEIGHTS.byUnit, 'unit');
    if (EVERY.test(before))
      for (const key of ['serviceInterval', 'serviceHours', 'serviceMonths'] as const)
        if (figureDefinition(key).dimension === sense.dimension)
          push(key, WEIGHTS.byUnit - 0.6, 'unit');
  }
  return made;
}

/** Between commas or stops with nothing beside it: `…, 4.2 gal, …`. */
const isAlone = (s: SentenceWords, q: Quantity): boolean =>
  /(?:^|[,;(.]\s*)$/u.test(s.text.slice(Math.max(0, q.from - 3), q.from)) &&
  /^\.?(?:\s*[,;).]|\s*$)/u.test(s.text.slice(q.to, q.to + 3));

/** Words behind a sum that say that it is what is asked. */
const ASKS =
  /^[\s,.(-]{0,3}(?:ono|o\.n\.o|obo|o\.b\.o|or near offer|or best|neg\w*|firm|vb|vhb|fix\w*|festpreis|trattabil\w+|à débattre|negociable\w*|no offers|asking|cash)(?!\p{L})/iu;

/** "twenty-one inch front", "14 tooth front": a rim or a sprocket with its end beside it and no other label. */
function wheelBeside(s: SentenceWords, q: Quantity): FigureKey | undefined {
  const inches = q.amounts[0] ?? 0;
  if (q.unit === 'teeth') {
    const end = /^[\s-]{1,2}(?:(?:on the )?(front)|(?:on the )?(?:rear|back))(?!\p{L})/iu.exec(
      s.text.slice(q.to, q.to + 18),
    );
    return end ? (end[1] ? 'sprocketFront' : 'sprocketRear') : undefined;
  }
  if (q.unit !== 'in' || !Number.isInteger(inches) || inches < 14 || inches > 21) return undefined;
  const side =
    /^[\s-]{1,2}(?:(front|fronts)|(rear|back|rears))(?! (?:travel|suspension|disc))(?!\p{L})/iu.exec(
      s.text.slice(q.to, q.to + 20),
    );
  return side ? (side[1] ? 'wheelFront' : 'wheelRear') : undefined;
}

/** Points lost by a "wet" or "dry" that stands beside; undefined: none does. */
function basisBeside(s: SentenceWords, q: Quantity): number | undefined {
  let least: number | undefined;
  for (const m of s.mentions) {
    if (
      !m.meanings.some((x) => x.kind === 'basis' && ['dry', 'ready', 'ready-90'].includes(x.basis))
    )
      continue;
    const first = m.to <= q.from;
    const gapText = first ? s.text.slice(m.to, q.from) : s.text.slice(q.to, m.from);
    if (gapText.length > 40 || /\d/.test(gapText)) continue;
    const lost = WEIGHTS.before - nearness(gapText, first, false, 0, 0) - (first ? 0 : 0.6);
    if (lost < 2.2 && (least === undefined || lost < least)) least = Math.max(0, lost);
  }
  return least;
}
