import { ORIGINS, type Figure, type Reading } from './reading';

/**
 * The reading a figure is computed from: the pinned one; else the firmest origin
 * (measured, then claimed, heard, estimated); else the narrower stated spread; else the later entry.
 */
export function readingInUse(figure: Figure | undefined): Reading | undefined {
  if (!figure) return undefined;
  const pinned = figure.readings.find((r) => r.id === figure.pinned);
  if (pinned) return pinned;
  const width = (r: Reading) =>
    r.spread === undefined ? Number.POSITIVE_INFINITY : r.spread / Math.abs(r.amount);
  return figure.readings.reduce<Reading | undefined>((best, r) => {
    if (!best) return r;
    const rank = ORIGINS.indexOf(r.origin) - ORIGINS.indexOf(best.origin);
    if (rank !== 0) return rank < 0 ? r : best;
    return width(r) <= width(best) ? r : best;
  }, undefined);
}
