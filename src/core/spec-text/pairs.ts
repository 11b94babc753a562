import { convert, type UnitId } from '../units';
import { dimensionOf } from './gap-words';
import type { FigureProposal } from './proposal';
import type { Quantity } from './scan-quantities';

/** The same figure in another unit. */
export interface Twin {
  readonly amount: number;
  readonly unit: UnitId;
}

/** The quantity behind this one, when it is the same figure in another unit: `34.6 in (879 mm)`. */
export function conversionOf(
  line: string,
  one: Quantity,
  two: Quantity,
  unit: UnitId,
): Twin | undefined {
  if (
    two.unit === undefined ||
    two.unit === one.unit ||
    one.listed ||
    dimensionOf(two.unit) !== dimensionOf(unit)
  )
    return undefined;
  const gap = line.slice(one.to, two.from);
  if (!/^\s*[([/=,|]\s*(?:or )?$/u.test(gap) && !/^\s*(?:or|=)\s*$/iu.test(gap)) return undefined;
  const amount = two.amounts[0] ?? 0;
  if (two.unit !== 'gallon' && two.unit !== 'mpg') return { amount, unit: two.unit };
  return { amount, unit: two.unit === 'gallon' ? 'gal-us' : 'mpg-us' };
}

/** Two units of one figure agree when they differ by no more than rounding. Own assumption: 1.5 %. */
const PAIR_TOLERANCE = 0.015;

/** A proposal with its twin: settles a bare gallon, or says that the two do not agree. */
export function withTwin(
  made: FigureProposal,
  other: Twin,
  twin: Quantity,
  line: string,
  offset: number,
): FigureProposal {
  const agrees = (unit: UnitId, otherUnit: UnitId) =>
    other.amount > 0 &&
    Math.abs(convert(other.amount, otherUnit, unit) / made.amount - 1) <= PAIR_TOLERANCE;
  const closed = line.slice(twin.to, twin.to + 1) === ')' ? 1 : 0;
  const grown = {
    ...made,
    to: offset + twin.to + closed,
    words: line.slice(made.from - offset, twin.to + closed).trim(),
  };
  const families: Readonly<Record<string, readonly UnitId[]>> = {
    'gal-us': ['gal-us', 'gal-imp'],
    'mpg-us': ['mpg-us', 'mpg-imp'],
  };
  const unclear = made.doubts.some((d) => d.code === 'gallon-unclear');
  const mine = unclear ? (families[made.unit] ?? [made.unit]) : [made.unit];
  const theirs =
    twin.unit === 'gallon' || twin.unit === 'mpg'
      ? (families[other.unit] ?? [other.unit])
      : [other.unit];
  for (const unit of mine) {
    if (!theirs.some((t) => agrees(unit, t))) continue;
    return { ...grown, unit, doubts: made.doubts.filter((d) => d.code !== 'gallon-unclear') };
  }
  return { ...grown, doubts: [...made.doubts, { code: 'pair-disagrees', other }] };
}
