import { fromBase, toBase, unitEntry, type UnitId } from '../units';
import { figureDefinition, type FigureKey } from './figure-definitions';
import type { Reading } from './reading';

export type ReadingFault =
  | { readonly code: 'unit-of-other-dimension'; readonly unit: UnitId; readonly figure: FigureKey }
  | { readonly code: 'basis-of-other-figure'; readonly basis: string; readonly figure: FigureKey }
  | {
      readonly code: 'out-of-limits';
      readonly figure: FigureKey;
      readonly unit: UnitId;
      readonly min: number;
      readonly max: number;
    }
  | { readonly code: 'not-whole'; readonly figure: FigureKey }
  | { readonly code: 'spread-not-positive'; readonly figure: FigureKey };

/** Limits of a figure in the unit it is quoted in; a reciprocal unit swaps the ends. */
export function limitsIn(
  key: FigureKey,
  unit: UnitId,
): { readonly min: number; readonly max: number } {
  const { limits, dimension } = figureDefinition(key);
  if (dimension === 'money') return limits;
  const [a, b] = [fromBase(limits.min, unit), fromBase(limits.max, unit)];
  return { min: Math.min(a, b), max: Math.max(a, b) };
}

/** What is wrong with a reading for this figure, or `undefined` when nothing is. */
export function findReadingFault(
  key: FigureKey,
  reading: Omit<Reading, 'id'>,
): ReadingFault | undefined {
  const definition = figureDefinition(key);
  if (unitEntry(reading.unit).dimension !== definition.dimension)
    return { code: 'unit-of-other-dimension', unit: reading.unit, figure: key };
  if (!definition.bases.includes(reading.basis))
    return { code: 'basis-of-other-figure', basis: reading.basis, figure: key };
  if (!isInside(key, reading.amount, reading.unit))
    return {
      code: 'out-of-limits',
      figure: key,
      unit: reading.unit,
      ...limitsIn(key, reading.unit),
    };
  if (
    (definition.dimension === 'count' || definition.dimension === 'year') &&
    !Number.isInteger(reading.amount)
  )
    return { code: 'not-whole', figure: key };
  if (reading.spread !== undefined && !(reading.spread >= 0))
    return { code: 'spread-not-positive', figure: key };
  return undefined;
}

function isInside(key: FigureKey, amount: number, unit: UnitId): boolean {
  const { limits, dimension } = figureDefinition(key);
  if (!(amount > 0) || !Number.isFinite(amount)) return false;
  const base = dimension === 'money' ? amount : toBase(amount, unit);
  return base >= limits.min && base <= limits.max;
}
