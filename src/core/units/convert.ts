import { unitEntry, type UnitId } from './unit-table';

/** Thrown when a conversion is asked for that has no meaning (two dimensions, or money without a rate). */
export class UnitError extends Error {
  override readonly name = 'UnitError';
}

/**
 * A quoted amount in the base unit of its dimension (kg, mm, km, L, L/100 km, km/h, kW, N·m, rpm, h).
 *
 * @throws UnitError for money (needs a dated rate) and for a reciprocal unit at or below zero.
 */
export function toBase(amount: number, unit: UnitId): number {
  const entry = unitEntry(unit);
  if (entry.factor !== undefined) return amount * entry.factor;
  if (entry.reciprocal === undefined) throw new UnitError(`${unit} has no fixed factor`);
  if (!(amount > 0)) throw new UnitError(`${unit} must be above zero`);
  return entry.reciprocal / amount;
}

/** The inverse of {@link toBase}: base amount → quoted amount in `unit`. Same errors. */
export function fromBase(base: number, unit: UnitId): number {
  const entry = unitEntry(unit);
  if (entry.factor !== undefined) return base / entry.factor;
  if (entry.reciprocal === undefined) throw new UnitError(`${unit} has no fixed factor`);
  if (!(base > 0)) throw new UnitError(`${unit} must be above zero`);
  return entry.reciprocal / base;
}

/**
 * Converts between two units of one dimension. A unit converts to itself without any arithmetic.
 *
 * @throws UnitError when the dimensions differ.
 */
export function convert(amount: number, from: UnitId, to: UnitId): number {
  if (from === to) return amount;
  if (unitEntry(from).dimension !== unitEntry(to).dimension)
    throw new UnitError(`${from} is not ${to}`);
  return fromBase(toBase(amount, from), to);
}
