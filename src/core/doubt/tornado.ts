import { piecewiseLinear } from '../numeric';
import type { DoubtModel } from './doubt-model';

/** What the doubt about one quantity does to the lead of one alternative over another, all else at its middle. */
export interface TornadoBar {
  readonly id: string;
  readonly criterion: string;
  /** Lead of the first over the second at the two ends of the quantity, the lower first. */
  readonly low: number;
  readonly high: number;
}

/** The lead at the middle, and a bar for every quantity of the two that is not known for certain, the widest first. */
export function tornado(
  { criteria, alternatives }: DoubtModel,
  firstId: string,
  secondId: string,
): { readonly lead: number; readonly bars: readonly TornadoBar[] } {
  const pair = [firstId, secondId].flatMap((id, i) => {
    const found = alternatives.find((a) => a.id === id);
    return found ? [{ found, sign: i === 0 ? 1 : -1 }] : [];
  });
  if (pair.length < 2) return { lead: 0, bars: [] };
  const worths = pair.map(({ found }) => found.mids);
  const lead = criteria.reduce(
    (sum, c, k) => sum + c.weight * ((worths[0]?.[k] ?? 0) - (worths[1]?.[k] ?? 0)),
    0,
  );
  const bars = pair.flatMap(({ found, sign }, side) =>
    criteria.flatMap((criterion, k): TornadoBar[] => {
      const quantity = found.quantities[k];
      const ends =
        quantity?.kind === 'known'
          ? [
              piecewiseLinear(criterion.knots, quantity.low),
              piecewiseLinear(criterion.knots, quantity.high),
            ]
          : [0, 1];
      const [a, b] = ends.map(
        (y) => lead + sign * criterion.weight * (y - (worths[side]?.[k] ?? 0)),
      ) as [number, number];
      return Math.abs(a - b) < 1e-9
        ? []
        : [{ id: found.id, criterion: criterion.key, low: Math.min(a, b), high: Math.max(a, b) }];
    }),
  );
  return { lead, bars: bars.sort((a, b) => b.high - b.low - (a.high - a.low)) };
}
