import { isCurrency, toBase } from '../units';
import type { NormalFigure } from './normal-figures';
import { ORIGINS, type Origin } from './reading';

/** How a figure is known as it is shown: as its reading says where it still is that reading; else computed from it, or only typical. */
export const KNOWN_AS = [...ORIGINS, 'computed', 'typical'] as const;
export type KnownAs = Origin | 'computed' | 'typical';

/** A figure counts as read only while it still is what was read: another basis, another currency, or parts fitted, make it a computed one. */
function isAsRead({ reading, estimate }: Pick<NormalFigure, 'reading' | 'estimate'>): boolean {
  if (!reading || estimate.kind === 'unknown') return false;
  const read = isCurrency(reading.unit) ? reading.amount : toBase(reading.amount, reading.unit);
  return Math.abs(estimate.mid - read) <= Math.abs(read) * 1e-9;
}

/** How a figure is known; `undefined` where it is not known. */
export function knownAs(
  figure: Pick<NormalFigure, 'reading' | 'estimate' | 'typical'>,
): KnownAs | undefined {
  if (figure.estimate.kind === 'unknown') return undefined;
  if (figure.typical) return 'typical';
  return figure.reading && isAsRead(figure) ? figure.reading.origin : 'computed';
}
