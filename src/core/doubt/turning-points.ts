import type { DoubtAlternative, DoubtCriterion, DoubtModel, DoubtQuantity } from './doubt-model';

/** The smallest single change that puts a rival level with the leader, all else at its middle. */
export type TurningPoint =
  | {
      readonly kind: 'quantity';
      readonly of: 'leader' | 'rival';
      readonly id: string;
      readonly criterion: string;
      readonly from: number;
      readonly to: number;
      readonly chance: number;
    }
  /** A limit that the rival, who is worth more, would have to keep, or that the leader may yet break. */
  | {
      readonly kind: 'limit';
      readonly of: 'leader' | 'rival';
      readonly id: string;
      readonly limit: string;
      readonly from: number;
      readonly to: number;
      readonly chance: number;
    }
  | {
      readonly kind: 'weight';
      readonly criterion: string;
      readonly from: number;
      readonly to: number;
    };

/**
 * Turning points of one pair, at the middle of everything: how far one quantity of the leader would have to fall or of the rival to rise,
 * and the break-even weight of each criterion with the others kept in proportion, w* = −ΔR ÷ (Δv − ΔR). What no quantity or weight can
 * reach is left out. A rival who is worth more already only has to keep its limits. `chance`: the share of the table's rows in which it lies beyond the point; 0 where it is known for certain.
 */
export function turningPoints(
  { criteria, alternatives }: DoubtModel,
  leaderId: string,
  rivalId: string,
): readonly TurningPoint[] {
  const [leader, rival] = [leaderId, rivalId].map((id) => alternatives.find((a) => a.id === id));
  if (!leader || !rival) return [];
  const values = criteria.map((_, k) => [leader.mids[k] ?? 0, rival.mids[k] ?? 0] as const);
  const margin = criteria.reduce(
    (sum, c, k) => sum + c.weight * ((values[k]?.[0] ?? 0) - (values[k]?.[1] ?? 0)),
    0,
  );
  const limits = ofLimits(leader, rival, margin);
  if (margin <= 0) return limits;
  return [
    ...limits,
    ...criteria.flatMap((criterion, k): TurningPoint[] => {
      const [mine, other] = values[k] ?? [0, 0];
      const found: TurningPoint[] = [];
      const step = criterion.weight > 0 ? margin / criterion.weight : Number.POSITIVE_INFINITY;
      const sides = [
        { of: 'leader', who: leader, to: mine - step },
        { of: 'rival', who: rival, to: other + step },
      ] as const;
      for (const { of, who, to } of sides) {
        const quantity = who.quantities[k];
        if (quantity?.kind !== 'known') continue;
        const x = inverse(criterion.knots, to, of === 'leader' ? 'down' : 'up');
        if (x !== undefined)
          found.push({
            kind: 'quantity',
            of,
            id: who.id,
            criterion: criterion.key,
            from: quantity.mid,
            to: x,
            chance: beyond(quantity, x, of === 'leader' ? 'down' : 'up'),
          });
      }
      const rest =
        1 - criterion.weight > 1e-9
          ? (margin - criterion.weight * (mine - other)) / (1 - criterion.weight)
          : 0;
      const weight = -rest / (mine - other - rest);
      if (weight >= 0 && weight <= 1 && Math.abs(weight - criterion.weight) > 1e-9)
        found.push({
          kind: 'weight',
          criterion: criterion.key,
          from: criterion.weight,
          to: weight,
        });
      return found;
    }),
  ];
}

function ofLimits(
  leader: DoubtAlternative,
  rival: DoubtAlternative,
  margin: number,
): readonly TurningPoint[] {
  const open = (
    of: 'leader' | 'rival',
    { id, limits }: DoubtAlternative,
    way: 'up' | 'down',
  ): readonly TurningPoint[] =>
    limits.flatMap(({ key, quantity, least }) =>
      quantity.kind === 'known' && (way === 'up' ? quantity.mid < least : quantity.low < least)
        ? [
            {
              kind: 'limit' as const,
              of,
              id,
              limit: key,
              from: quantity.mid,
              to: least,
              chance: beyond(quantity, least, way),
            },
          ]
        : [],
    );
  return [...open('leader', leader, 'down'), ...(margin <= 0 ? open('rival', rival, 'up') : [])];
}

/** The quantity that is worth so much, the first met on the way; `undefined` where none is. */
function inverse(
  knots: DoubtCriterion['knots'],
  value: number,
  way: 'up' | 'down',
): number | undefined {
  const [first, last] = [knots[0], knots.at(-1)];
  if (!first || !last || value < first.y - 1e-9 || value > last.y + 1e-9) return undefined;
  const pairs = knots.slice(1).map((b, i) => [knots[i] ?? b, b] as const);
  const hit = (way === 'up' ? pairs : pairs.toReversed()).find(
    ([a, b]) => b.y > a.y && value >= a.y - 1e-9 && value <= b.y + 1e-9,
  );
  return hit
    ? hit[0].x + ((value - hit[0].y) * (hit[1].x - hit[0].x)) / (hit[1].y - hit[0].y)
    : undefined;
}

/** Share of the rows in which a quantity lies below (`down`) or above (`up`) a point. */
function beyond(
  { rows }: Extract<DoubtQuantity, { kind: 'known' }>,
  x: number,
  way: 'up' | 'down',
): number {
  if (!rows) return 0;
  let count = 0;
  for (const value of rows) if (way === 'down' ? value < x : value >= x) count += 1;
  return count / rows.length;
}
