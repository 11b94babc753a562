import { allHold, metricDefinition } from '@/core/assessment';
import type { DoubtAlternative, DoubtModel, DoubtQuantity, WeightDoubt } from '@/core/doubt';
import type { Estimate } from '@/core/numeric';
import { NEED_VALUE, WANT_KEYS } from '@/core/preference';
import type { Standing } from './standing';

/** How draws are made, in the app and at the command line: the same every time, since a verdict must not hang on luck; until the standard error of every first-place share is below `error`. */
export const DRAWING = { seed: 20_260, most: 20_000, every: 1000, error: 0.003 } as const;

const signOf = (metric: Parameters<typeof metricDefinition>[0]): 1 | -1 =>
  metricDefinition(metric).better === 'less' ? -1 : 1;

/** A quantity that rises as it gets better. */
function quantityOf(estimate: Estimate | undefined, sign: 1 | -1): DoubtQuantity {
  if (estimate?.kind !== 'known') return { kind: 'unknown' };
  const { low, mid, high } = estimate.interval;
  const { rows } = estimate;
  return sign === 1
    ? { kind: 'known', low, mid, high, rows }
    : { kind: 'known', low: -high, mid: -mid, high: -low, rows: rows?.map((x) => -x) };
}

/** The shortlist as a simulation is told of it, as it stands or with the parts chosen. Quantities are turned so that more is better; weights drawn within bounds stay within `reach` of where they are (0.5: half either way). */
export function doubtModel(
  { candidates, curves, weights }: Standing,
  view: 'stock' | 'built',
  weightDoubt: WeightDoubt,
  reach = 0.5,
): DoubtModel {
  return {
    weights: weightDoubt,
    criteria: WANT_KEYS.map((want) => {
      const sign = signOf(want);
      const { floor, need, ideal } = curves[want];
      return {
        key: want,
        weight: weights[want],
        bounds: {
          low: weights[want] * (1 - reach),
          high: Math.min(1, weights[want] * (1 + reach)),
        },
        knots: [
          { x: sign * floor, y: 0 },
          { x: sign * need, y: NEED_VALUE },
          { x: sign * ideal, y: 1 },
        ],
      };
    }),
    alternatives: candidates.map((c): DoubtAlternative => {
      const { metrics, musts } = view === 'stock' ? c.stock : c.built;
      const score = view === 'stock' ? c.stockScore : c.builtScore;
      const keeps = allHold(musts);
      return {
        id: c.candidate.id,
        quantities: WANT_KEYS.map((want) => quantityOf(metrics[want].estimate, signOf(want))),
        worths: score.contributions.map(({ worth }) => worth.rows ?? worth.mid),
        mids: score.contributions.map(({ worth }) => worth.mid),
        keeps: keeps.rows ?? keeps.mid,
        limits: musts.flatMap((m) =>
          m.metric === undefined || m.need === undefined
            ? []
            : [
                {
                  key: m.key,
                  quantity: quantityOf(m.have, signOf(m.metric)),
                  least: signOf(m.metric) * m.need,
                },
              ],
        ),
      };
    }),
  };
}
