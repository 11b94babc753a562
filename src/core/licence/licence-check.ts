import type { Licence } from '../brief';
import { divide, scale, type Estimate, type Interval } from '../numeric';
import type { Kilograms, Kilowatts } from '../units';
import { A2_BASE_POWER_RATIO, LICENCE_LIMITS } from './licence-limits';

export type LicenceRule = 'power' | 'power-to-mass' | 'base-power';

export type LicenceResult =
  | { readonly kind: 'legal' }
  | { readonly kind: 'not-legal'; readonly rules: readonly LicenceRule[] }
  | {
      readonly kind: 'not-known';
      readonly missing: readonly string[];
      readonly near: readonly LicenceRule[];
    };

/**
 * Whether a machine may be ridden on a licence: P ≤ limit, P/m ≤ limit with m in running order and no rider, and for A2
 * base power ≤ 2P with P as restricted. A limit inside an interval is "too near to say", not a pass.
 *
 * @param base power before restriction; `undefined` when the machine is not a restricted version
 */
export function licenceCheck(
  licence: Licence,
  power: Estimate<Kilowatts>,
  runningOrder: Estimate<Kilograms>,
  base: Estimate<Kilowatts> | undefined,
): LicenceResult {
  if (licence === 'A') return { kind: 'legal' };
  const limits = LICENCE_LIMITS[licence];
  const missing: string[] = [];
  const broken: LicenceRule[] = [];
  const near: LicenceRule[] = [];
  const hold = (rule: LicenceRule, value: Interval, limit: number) => {
    if (value.low > limit * (1 + 1e-9)) broken.push(rule);
    else if (value.high > limit * (1 + 1e-9)) near.push(rule);
  };
  if (power.kind === 'unknown') missing.push(...power.missing);
  else {
    hold('power', power.interval, limits.power_kW);
    if (runningOrder.kind === 'unknown') missing.push(...runningOrder.missing);
    else hold('power-to-mass', divide(power.interval, runningOrder.interval), limits.perMass_kWkg);
    if (licence === 'A2' && base?.kind === 'known')
      hold('base-power', divide(base.interval, scale(power.interval, 1)), A2_BASE_POWER_RATIO);
    if (licence === 'A2' && base?.kind === 'unknown') missing.push(...base.missing);
  }
  if (broken.length > 0) return { kind: 'not-legal', rules: broken };
  if (missing.length > 0 || near.length > 0) return { kind: 'not-known', missing, near };
  return { kind: 'legal' };
}
