import type { FactKey } from '../facts';
import type { Basis, FigureKey } from '../readings';
import type { UnitId } from '../units';

export const TEXT_COLUMNS = ['maker', 'model', 'version', 'donorClass', 'tags', 'note'] as const;
export type TextColumn = (typeof TEXT_COLUMNS)[number];

/** What a column of a donor table means. `unit` absent: each cell says its own, or the row is refused. */
export type ColumnTarget =
  | { readonly kind: 'ignore' }
  | { readonly kind: 'text'; readonly column: TextColumn }
  | {
      readonly kind: 'figure';
      readonly key: FigureKey;
      readonly unit?: UnitId | undefined;
      readonly basis: Basis;
    }
  | { readonly kind: 'fact'; readonly key: FactKey };

export const isSameTarget = (a: ColumnTarget, b: ColumnTarget): boolean => {
  if (a.kind !== b.kind) return false;
  if (a.kind === 'text' && b.kind === 'text') return a.column === b.column;
  if (a.kind === 'figure' && b.kind === 'figure')
    return a.key === b.key && a.basis === b.basis && a.unit === b.unit;
  return a.kind === 'fact' && b.kind === 'fact' && a.key === b.key;
};
