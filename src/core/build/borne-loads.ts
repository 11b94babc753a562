import { axleLoads, behind, wattsLeft, type Reckoning } from '../assessment';
import type { Brief } from '../brief';
import type { CautionCode } from '../cautions';
import { factInUse } from '../facts';
import { certain, combine, percentiles, unknown, type Estimate } from '../numeric';
import { looseFuel } from '../part';
import { parseTyre } from '../tyre';

/** Something that bears a load, and what it has left, kg or W; below 0 it is over. */
export interface BorneLoad {
  readonly key: string;
  /** What the assessment says where it is over. */
  readonly caution: CautionCode;
  readonly left: (brief: Brief, a: Reckoning) => Estimate;
}

const tyreLimit = ({ donor }: Reckoning, key: 'tyreFront' | 'tyreRear'): Estimate => {
  const load = parseTyre(factInUse(donor.facts?.[key])?.value ?? '')?.load_kg;
  return load === undefined ? unknown(key) : certain(load);
};

const onWheels: readonly {
  readonly key: string;
  readonly caution: CautionCode;
  readonly end: 'front' | 'rear';
  readonly limit: (a: Reckoning) => Estimate;
}[] = [
  {
    key: 'axle-front',
    caution: 'over-axle-limit',
    end: 'front',
    limit: (a) => a.figures.axleLimitFront.estimate,
  },
  {
    key: 'axle-rear',
    caution: 'over-axle-limit',
    end: 'rear',
    limit: (a) => a.figures.axleLimitRear.estimate,
  },
  {
    key: 'tyre-front',
    caution: 'over-tyre-load',
    end: 'front',
    limit: (a) => tyreLimit(a, 'tyreFront'),
  },
  {
    key: 'tyre-rear',
    caution: 'over-tyre-load',
    end: 'rear',
    limit: (a) => tyreLimit(a, 'tyreRear'),
  },
];

/** What nobody has told holds no plan back: so much is left beside it, kg. */
export const UNTOLD = 500;
const borneBy = ({ figures }: Reckoning, key: 'rackLimit' | 'carrierLimit'): Estimate => {
  const { estimate } = figures[key];
  return estimate.kind === 'known' ? estimate : certain(UNTOLD);
};
const behindSeat = (
  key: string,
  caution: CautionCode,
  place: 'tail' | 'panniers',
  limit: 'rackLimit' | 'carrierLimit',
): BorneLoad => ({
  key,
  caution,
  left: (brief, a) => {
    const load = behind(brief, a.fitted)[place];
    return combine([borneBy(a, limit)] as const, (kg) => kg - load);
  },
});

export const atMiddle = (estimate: Estimate): Estimate =>
  estimate.kind === 'known' ? certain(estimate.mid) : estimate;

/** What axles, tyres, rack, side carriers and alternator bear: no plan goes over it, or further over than the bare machine is. */
export const BORNE_LOADS: readonly BorneLoad[] = [
  ...onWheels.map(
    ({ key, caution, end, limit }): BorneLoad => ({
      key,
      caution,
      left: (brief, a) =>
        combine(
          [limit(a), axleLoads(brief, a.figures, looseFuel(a.fitted))[end]] as const,
          (kg, load) => kg - load,
        ),
    }),
  ),
  behindSeat('rack', 'over-rack-limit', 'tail', 'rackLimit'),
  behindSeat('carriers', 'over-carrier-limit', 'panniers', 'carrierLimit'),
  { key: 'watts', caution: 'watts-short', left: (_, a) => atMiddle(wattsLeft(a.figures)) },
];

/** Where a figure stands at a level of sureness: the worse end of its rows for a high one, the better end for a low one; 0 where nobody knows. */
export function levelOf(estimate: Estimate, sign: 1 | -1, sure: number): number {
  if (estimate.kind === 'unknown') return 0;
  if (!estimate.rows) return estimate.mid;
  const [at = estimate.mid] = percentiles(estimate.rows, sign === 1 ? 1 - sure : sure);
  return at;
}
