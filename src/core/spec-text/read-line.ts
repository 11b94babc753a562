import { figureDefinition, findReadingFault, type FigureKey } from '../readings';
import { preferredUnit, unitEntry, type UnitId } from '../units';
import { basisIn } from './basis-words';
import { followOn, type Taken } from './follow-on';
import { AFTER_COSTS, COMMA_COSTS, commas, dimensionOf } from './gap-words';
import { conversionOf, withTwin } from './pairs';
import type { Doubt, FigureProposal } from './proposal';
import { scanLabels, scanSides, type Label, type SideWord } from './scan-labels';
import { scanQuantities, type Quantity } from './scan-quantities';
import { sideOf } from './side-of';

/** A label that stood alone on the line above, and the side a heading named. */
export interface LineContext {
  readonly above: Label | undefined;
  /** That line's text. */
  readonly aboveLine: string;
  readonly side: SideWord['side'] | undefined;
}

interface Choice {
  readonly key: FigureKey;
  readonly label: Label | undefined;
}

/** How far a label may stand from its figure, in characters. */
const FARTHEST = 70;

/** Figures that a unit alone gives away. */
const BY_UNIT: Partial<Record<string, FigureKey>> = {
  power: 'power',
  torque: 'torque',
  consumption: 'consumption',
  volume: 'tank',
  displacement: 'displacement',
  money: 'price',
  angle: 'rake',
};

const UNSAID_UNITS: readonly ('metric' | 'us')[] = ['metric', 'us'];

/** The figures one line of text states. `offset` is where the line begins in the whole text. */
export function readLine(
  line: string,
  offset: number,
  context: LineContext,
): readonly FigureProposal[] {
  const labels = scanLabels(line);
  const sides = scanSides(line);
  const quantities = scanQuantities(line);
  const twins = new Set<number>();
  const taken: Taken[] = [];
  let claimed = 0;
  return quantities.flatMap((quantity, i): FigureProposal[] => {
    if (twins.has(i)) return [];
    const before = quantities[i - 1];
    const choice = choose(line, quantity, i, quantities, labels, sides, context, taken);
    if (!choice) return [];
    const made = propose(line, offset, quantity, choice, before, claimed, context);
    if (!made) return [];
    claimed = made.to - offset;
    taken.push({ quantity, key: choice.key });
    const twin = quantities[i + 1];
    const conversion = twin && conversionOf(line, quantity, twin, made.unit);
    if (!conversion) return [made];
    twins.add(i + 1);
    return [withTwin(made, conversion, twin, line, offset)];
  });
}

function keysOf(label: Label, side: () => SideWord['side']): readonly FigureKey[] {
  switch (label.target.kind) {
    case 'none':
      return [];
    case 'figures':
      return label.target.keys;
    case 'sides':
      return [side() === 'front' ? label.target.front : label.target.rear];
  }
}

/** Whether a figure of this dimension may carry this unit (or, without one, this bare number right behind its label). */
const suits = (key: FigureKey, dimension: string | undefined): boolean =>
  dimension === undefined || figureDefinition(key).dimension === dimension;

function choose(
  line: string,
  quantity: Quantity,
  index: number,
  all: readonly Quantity[],
  labels: readonly Label[],
  sides: readonly SideWord[],
  context: LineContext,
  taken: readonly Taken[],
): Choice | undefined {
  const dimension = dimensionOf(quantity.unit);
  const side = () => sideOf(line, quantity, index, all, sides, context.side);
  const following = followOn(line, quantity, dimension, taken);
  if (following) return { key: following, label: undefined };
  let best: { choice: Choice | undefined; distance: number } | undefined;
  const consider = (label: Label, distance: number) => {
    if (distance > FARTHEST || (best && distance >= best.distance)) return;
    if (label.target.kind === 'none') {
      if (dimension === 'mass' || dimension === 'length' || dimension === undefined)
        best = { choice: undefined, distance };
      return;
    }
    const key = keysOf(label, side).find((k) => suits(k, dimension));
    if (key && !(taken.some((t) => t.key === key) && isSpent(line, label, quantity, taken, key)))
      best = { choice: { key, label }, distance };
  };
  for (const label of labels) {
    // Far labels are passed over before any words between are looked at: time stays linear in the line.
    if (quantity.from - label.to > FARTHEST || label.from - quantity.to > FARTHEST) continue;
    if (label.to <= quantity.from) {
      const mate =
        quantity.listed && all[index - 1]?.listed === true && dimension === undefined
          ? all[index - 1]
          : undefined;
      const gap = line.slice(label.to, mate?.from ?? quantity.from);
      if (
        dimension === undefined &&
        !/^[^\p{L}\d]{0,4}(?:\([^)]{0,14}\)[^\p{L}\d]{0,4})?(?:is |of |at |= ?)?(?:about |approx\.? |approximately )?$/iu.test(
          gap,
        )
      )
        continue;
      consider(label, gap.length + commas(gap) * COMMA_COSTS);
    } else if (label.from >= quantity.to && dimension !== undefined) {
      const gap = line.slice(quantity.to, label.from);
      if (!/[;.:\d]/.test(gap))
        consider(label, gap.length + AFTER_COSTS + commas(gap) * COMMA_COSTS);
    }
  }
  if (best) return best.choice;
  if (context.above && labels.length === 0) {
    const key = keysOf(context.above, side).find((k) => suits(k, dimension));
    if (key && !taken.some((t) => t.key === key)) return { key, label: context.above };
  }
  return dimension === undefined ? undefined : byUnit(line, quantity, dimension);
}

/** A label before several figures of one kind belongs to the first; a list or a range of sides goes on. */
function isSpent(
  line: string,
  label: Label,
  quantity: Quantity,
  taken: readonly Taken[],
  key: FigureKey,
): boolean {
  const last = taken.findLast((t) => t.key === key);
  return (
    last !== undefined &&
    label.from < last.quantity.from &&
    last.quantity.from < quantity.from &&
    !quantity.listed &&
    !/\bor\b|[,/;(]/.test(line.slice(last.quantity.to, quantity.from))
  );
}

/** A figure that only its unit names. Masses count when the words say dry or ready; distances when they say "every". */
function byUnit(line: string, quantity: Quantity, dimension: string): Choice | undefined {
  const near = line.slice(Math.max(0, quantity.from - 24), quantity.to + 18);
  if (dimension === 'mass')
    return basisIn('mass', near, 'ready').said ? { key: 'mass', label: undefined } : undefined;
  if (
    /\bevery\s*(?:about |approx\.? )?$/iu.test(
      line.slice(Math.max(0, quantity.from - 16), quantity.from),
    )
  ) {
    const key = (['serviceInterval', 'serviceHours', 'serviceMonths'] as const).find(
      (k) => figureDefinition(k).dimension === dimension,
    );
    if (key) return { key, label: undefined };
  }
  const key = quantity.unit === 'gears' ? 'gears' : BY_UNIT[dimension];
  return key && !(key === 'tank' && quantity.listed) ? { key, label: undefined } : undefined;
}

function propose(
  line: string,
  offset: number,
  quantity: Quantity,
  { key, label }: Choice,
  before: Quantity | undefined,
  claimed: number,
  context: LineContext,
): FigureProposal | undefined {
  const definition = figureDefinition(key);
  const doubts: Doubt[] = [];
  const units = unitsFor(line, quantity, key, label);
  if (units.unsaid) doubts.push({ code: 'unit-unsaid' });
  const above = label !== undefined && label === context.above;
  const from = startOfWords(line, quantity, above ? undefined : label, before, claimed);
  let to = label && !above && label.from >= quantity.to ? label.to : quantity.to;
  // Words that told how the figure before was taken say nothing of this one.
  const begin = Math.max(
    before && before.to <= from ? before.to : 0,
    claimed <= from ? claimed : 0,
    from - 40,
  );
  const around = line.slice(begin, Math.min(line.length, nextStop(line, to)));
  const { basis, said, end } = basisIn(
    key,
    above ? `${around} ${context.aboveLine}` : around,
    definition.bases[0],
  );
  if (end <= around.length) to = Math.max(to, begin + end);
  const possible = meant(
    key,
    units.list.flatMap((unit) =>
      quantity.amounts
        .filter(
          (amount) => !findReadingFault(key, { amount, unit, basis, origin: 'claimed', note: '' }),
        )
        .map((amount) => ({ amount, unit })),
    ),
  );
  const [first, second] = possible;
  if (!first) return undefined;
  if (quantity.unit === 'gallon' || quantity.unit === 'mpg')
    doubts.push({ code: 'gallon-unclear' });
  else if (second && second.unit === first.unit && definition.dimension !== 'money')
    doubts.push({ code: 'mark-unclear', other: second.amount });
  if (!said) doubts.push({ code: 'basis-unsaid', taken: basis });
  if (!label && key in BY_UNIT_KEYS) doubts.push({ code: 'label-unsaid' });
  return {
    kind: 'figure',
    key,
    ...first,
    basis,
    doubts,
    words: line.slice(from, to).trim(),
    from: offset + from,
    to: offset + to,
    ...(quantity.spread === undefined ? {} : { spread: quantity.spread }),
  };
}

/** Nobody asks 6.29 for a machine: of two possible prices the larger is meant. */
const meant = <T extends { readonly amount: number }>(
  key: FigureKey,
  possible: readonly T[],
): readonly T[] =>
  figureDefinition(key).dimension === 'money'
    ? possible.toSorted((a, b) => b.amount - a.amount)
    : possible;

/** Where the words that made a figure begin: at its label, unless another figure stands between. */
function startOfWords(
  line: string,
  quantity: Quantity,
  label: Label | undefined,
  before: Quantity | undefined,
  claimed: number,
): number {
  if (!label || label.to > quantity.from || quantity.from - label.to >= 40) return quantity.from;
  if (!before || before.from < label.from) return label.from;
  const start = Math.min(quantity.from, Math.max(before.to, claimed));
  const gap = line.slice(start, quantity.from);
  return start + (gap.length - gap.replace(/^[\s,;/|)(]+/, '').length);
}

const BY_UNIT_KEYS: Readonly<Record<string, true>> = {
  tank: true,
  price: true,
  serviceInterval: true,
};

/** Where the words about a figure end: at the next number, or the comma before it, a semicolon or a full stop, at most 60 characters on. */
function nextStop(line: string, from: number): number {
  const rest = line.slice(from, from + 60);
  const stop = /[;|\t]|\. (?=\p{Lu})|,? (?:and |but )?\d(?!0 ?%)/u.exec(rest);
  const end = stop?.index ?? rest.length;
  const comma = stop && /\d/.test(stop[0]) ? rest.slice(0, end).lastIndexOf(',') : -1;
  return from + (comma >= 0 ? comma : end);
}

/** The units a quantity may be in: the written one, the one in brackets behind the label, or those that give a possible figure. */
function unitsFor(
  line: string,
  quantity: Quantity,
  key: FigureKey,
  label: Label | undefined,
): { readonly list: readonly UnitId[]; readonly unsaid: boolean } {
  const { unit } = quantity;
  if (unit === 'gallon') return { list: ['gal-us', 'gal-imp'], unsaid: false };
  if (unit === 'mpg') return { list: ['mpg-us', 'mpg-imp'], unsaid: false };
  if (unit !== undefined) return { list: [unit], unsaid: false };
  const { dimension, unit: own } = figureDefinition(key);
  const bracket =
    label && /^[^\p{L}\d]{0,3}\(([^)]{1,14})\)/u.exec(line.slice(label.to, quantity.from))?.[1];
  const named =
    bracket === undefined
      ? undefined
      : scanQuantities(`1 ${bracket.split(/[,;]/)[0] ?? ''}`)[0]?.unit;
  if (
    named !== undefined &&
    named !== 'gallon' &&
    named !== 'mpg' &&
    unitEntry(named).dimension === dimension
  )
    return { list: [named], unsaid: false };
  if (dimension === 'money') return { list: [], unsaid: true };
  if (own) return { list: [own], unsaid: false };
  const bare =
    dimension === 'ratio' ||
    dimension === 'year' ||
    dimension === 'count' ||
    dimension === 'rotation' ||
    dimension === 'angle';
  return {
    list: [...new Set(UNSAID_UNITS.map((system) => preferredUnit(dimension, system, 'EUR')))],
    unsaid: !bare,
  };
}
