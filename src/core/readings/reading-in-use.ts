import type { Basis } from './figure-definitions';
import { ORIGINS, type Figure, type Reading } from './reading';

/**
 * Bases that give way to others: to the seat that a machine comes with, to the basis that everything is compared on where no rule has to
 * turn it, and of sums to what is to be paid. Own rule.
 */
const GIVES_WAY: Partial<Record<Basis, readonly Basis[]>> = {
  'low-seat': ['standard-seat'],
  wheel: ['crank'],
  dry: ['ready', 'ready-90'],
  'ready-90': ['ready'],
  'claimed-travel': ['taped-travel'],
  cycle: ['mixed', 'own-fills'],
  gentle: ['mixed', 'own-fills'],
  motorway: ['mixed', 'own-fills'],
  list: ['asked', 'on-the-road'],
};

const rank = (r: Reading): number => ORIGINS.indexOf(r.origin);
const width = (r: Reading): number =>
  r.spread === undefined ? Number.POSITIVE_INFINITY : r.spread / Math.abs(r.amount);

/** Whether one as firm, and no less exactly told, is on a basis that this one gives way to. */
const givesWay = (r: Reading, readings: readonly Reading[]): boolean =>
  GIVES_WAY[r.basis]?.some((basis) =>
    readings.some((o) => o.basis === basis && rank(o) <= rank(r) && width(o) <= width(r)),
  ) ?? false;

/**
 * The reading a figure is computed from: the pinned one; else the firmest origin (measured, then claimed, heard, estimated); else the
 * standard seat before the low one, the basis that everything is compared on before others, and what is asked before the list price; else
 * the narrower stated spread; else the later entry.
 */
export function readingInUse(figure: Figure | undefined): Reading | undefined {
  if (!figure) return undefined;
  const { readings, pinned } = figure;
  if (pinned !== undefined) {
    const insisted = readings.find((r) => r.id === pinned);
    if (insisted) return insisted;
  }
  if (readings.length < 2) return readings[0];
  return readings.reduce<Reading | undefined>((best, r) => {
    if (givesWay(r, readings)) return best;
    if (!best) return r;
    const firmer = rank(r) - rank(best);
    if (firmer !== 0) return firmer < 0 ? r : best;
    return width(r) <= width(best) ? r : best;
  }, undefined);
}
