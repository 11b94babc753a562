import {
  wattsLeft,
  surenessOf,
  mustNeed,
  metricDefinition,
  METRIC_OF_MUST,
  judge,
  behind,
  axleLoads,
  Reckoning,
} from '../assessment';
import type { Brief } from '../brief';
import { factInUse } from '../facts';
import { type Estimate, unknown, certain, percentiles, combine } from '../numeric';
import type { PlanLeg, PlanGate } from '../planning';
import { looseFuel } from '../part';
import { parseTyre } from '../tyre';

const tyreLimit = ({ donor }: Reckoning, key: 'tyreFront' | 'tyreRear'): Estimate => {
  const load = parseTyre(factInUse(donor.facts?.[key])?.value ?? '')?.load_kg;
  return load === undefined ? unknown(key) : certain(load);
};

/** What axles and tyres may carry: a plan never goes over it, or further over. */
const LIMITED: readonly {
  readonly key: string;
  readonly end: 'front' | 'rear';
  readonly limit: (a: Reckoning) => Estimate;
}[] = [
  { key: 'axle-front', end: 'front', limit: (a) => a.figures.axleLimitFront.estimate },
  { key: 'axle-rear', end: 'rear', limit: (a) => a.figures.axleLimitRear.estimate },
  { key: 'tyre-front', end: 'front', limit: (a) => tyreLimit(a, 'tyreFront') },
  { key: 'tyre-rear', end: 'rear', limit: (a) => tyreLimit(a, 'tyreRear') },
];
/** What nobody has told holds no plan back: so much is left beside it, in the gate's own unit (kg of rack and carriers). */
const UNTOLD = 500;
const borneBy = ({ figures }: Reckoning, key: 'rackLimit' | 'carrierLimit'): Estimate => {
  const { estimate } = figures[key];
  return estimate.kind === 'known' ? estimate : certain(UNTOLD);
};

/** What rack and side carriers bear. */
const BORNE: readonly {
  readonly key: string;
  readonly place: 'tail' | 'panniers';
  readonly limit: (a: Reckoning) => Estimate;
}[] = [
  { key: 'rack', place: 'tail', limit: (a) => borneBy(a, 'rackLimit') },
  { key: 'carriers', place: 'panniers', limit: (a) => borneBy(a, 'carrierLimit') },
];
const atMiddle = (estimate: Estimate): Estimate =>
  estimate.kind === 'known' ? certain(estimate.mid) : estimate;

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
  /** Where a figure stands at a level of sureness: the worse end of its rows for a high one, the better end for a low one. */
  const level = (estimate: Estimate, sign: 1 | -1, sure: number): number => {
    if (estimate.kind === 'unknown') return 0;
    if (!estimate.rows) return estimate.mid;
    const [at = estimate.mid] = percentiles(estimate.rows, sign === 1 ? 1 - sure : sure);
    return at;
  };
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
    const sure = level(now, sign, asked);
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
    ...LIMITED.flatMap(({ key, end, limit }) =>
      gateOf(
        key,
        (a) => {
          const most = limit(a);
          return combine(
            [most, axleLoads(brief, a.figures, looseFuel(a.fitted))[end]] as const,
            (kg, load) => kg - load,
          );
        },
        1,
        (base) => Math.min(0, base),
      ),
    ),
    ...BORNE.flatMap(({ key, place, limit }) =>
      gateOf(
        key,
        (a) => {
          const load = behind(brief, a.fitted)[place];
          return combine([limit(a)] as const, (kg) => kg - load);
        },
        1,
        (base) => Math.min(0, base),
      ),
    ),
    ...gateOf(
      'watts',
      (a) => atMiddle(wattsLeft(a.figures)),
      1,
      (base) => Math.min(0, base),
    ),
  ];
}
