import { ROWS, type Rows } from '../numeric';
import { FIGURE_KEYS, type FigureKey, type NormalFigures } from '../readings';
import type { MustResult } from './musts';

/** A figure settles a must where it explains at least so much of the variance of what is judged. Own assumption. */
const EXPLAINS = 0.4;

/** Square of Pearson's correlation of two columns of the table of draws: the share of the one that the other explains. */
function explained(a: Rows, b: Rows): number {
  let [sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0];
  for (let i = 0; i < ROWS; i += 1) {
    const [x, y] = [a[i] as number, b[i] as number];
    sa += x;
    sb += y;
    saa += x * x;
    sbb += y * y;
    sab += x * y;
  }
  const [va, vb] = [saa - (sa * sa) / ROWS, sbb - (sb * sb) / ROWS];
  const both = sab - (sa * sb) / ROWS;
  return va > 0 && vb > 0 ? (both * both) / (va * vb) : 0;
}

/**
 * The one figure of the sheet that would settle a must which is not kept for certain: one that nobody has given, else the one whose doubt
 * explains most of what is judged. `undefined` where none does: then it hangs on the rider, the ground, or on several things.
 */
export function settledBy(
  { verdict, missing, typical, have, holds }: MustResult,
  figures: NormalFigures,
): FigureKey | undefined {
  if (verdict === 'pass') return undefined;
  const untold = [...(typical ?? []), ...missing].find((name): name is FigureKey =>
    Object.hasOwn(figures, name),
  );
  if (untold) return untold;
  const judged = have ?? holds;
  if (judged.kind === 'unknown' || !judged.rows) return undefined;
  const { rows } = judged;
  const shares = FIGURE_KEYS.flatMap((key) => {
    const { estimate } = figures[key];
    return estimate.kind === 'known' && estimate.rows
      ? [{ key, share: explained(estimate.rows, rows) }]
      : [];
  }).sort((a, b) => b.share - a.share);
  const [most] = shares;
  return most && most.share >= EXPLAINS ? most.key : undefined;
}
