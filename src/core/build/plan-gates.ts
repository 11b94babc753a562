import {
  judge,
  METRIC_OF_MUST,
  metricDefinition,
  mustNeed,
  surenessOf,
  type Reckoning,
} from '../assessment';
import type { Brief } from '../brief';
import type { Estimate } from '../numeric';
import type { PlanGate, PlanLeg } from '../planning';
import { atMiddle, BORNE_LOADS, levelOf, UNTOLD } from './borne-loads';

/**
 * Musts that are on, each at the level that the sureness asks for, and a load that frame and alternator take by the middle of what is known. What the bare machine
 * falls short of already only must not grow worse, unless it is a must. A must that is doubtful because nobody has given the figure is
 * not planned for: to ask costs less than a part; but no part may break it as surely as is asked.
 */
export function gatesOf(
  brief: Brief,
  here: Reckoning,
  bare: Reckoning,
  legOf: (read: (a: Reckoning) => number) => PlanLeg,
): readonly PlanGate[] {
  const sureness = surenessOf(brief);
  /**
   * The level is read where the plan stands; with one part more or less it is taken to move with the middle: beside it, or in proportion
   * for what is a product. Planning again about a plan reads it there, and the full assessment has the last word.
   */
  const gateOf = (
    key: string,
    read: (a: Reckoning) => Estimate,
    sign: 1 | -1,
    least: (base: number) => number,
    asked = sureness,
  ): readonly PlanGate[] => {
    const now = read(here);
    if (now.kind === 'unknown') return [];
    const sure = levelOf(now, sign, asked);
    const isProduct = key === 'range' && now.mid > 0;
    const at = (a: Reckoning): number => {
      const estimate = read(a);
      // Other wheels, whose tyres nobody has told: no limit is no limit of nothing.
      if (estimate.kind === 'unknown') return sign * sure + UNTOLD;
      const { mid } = estimate;
      return sign * (isProduct ? (mid * sure) / now.mid : mid + sure - now.mid);
    };
    const leg = legOf(at);
    return [{ key, leg, least: least(leg.base) }];
  };
  /** The permitted mass, where it is no must: at the middle, as the full assessment refuses it; what the class carries, only where the bare machine is within it. */
  const loadGate = (): readonly PlanGate[] => {
    const { estimate, typical } = bare.metrics.payloadLeft;
    if (!typical && brief.musts.on.includes('payload')) return [];
    if (typical && (estimate.kind === 'unknown' || estimate.mid < 0)) return [];
    const left = (a: Reckoning) => atMiddle(a.metrics.payloadLeft.estimate);
    return gateOf('load', left, 1, (base) => Math.min(0, base));
  };
  const on = brief.musts.on.flatMap((key) =>
    key === 'licence' || key === 'money' ? [] : [{ key, metric: METRIC_OF_MUST[key] }],
  );
  return [
    ...on.flatMap(({ key, metric }) => {
      const { better } = metricDefinition(metric);
      const sign = better === 'less' ? -1 : 1;
      const need = sign * mustNeed(key, brief);
      const { estimate, typical } = bare.metrics[metric];
      const untold = typical && judge(estimate, mustNeed(key, brief), better, sureness);
      return gateOf(
        key,
        (a) => a.metrics[metric].estimate,
        sign,
        () => need,
        untold && untold.verdict !== 'fail' ? 1 - sureness : sureness,
      );
    }),
    ...loadGate(),
    ...BORNE_LOADS.flatMap(({ key, left }) =>
      gateOf(
        key,
        (a) => left(brief, a),
        1,
        (base) => Math.min(0, base),
      ),
    ),
  ];
}
