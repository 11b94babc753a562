import type { Licence } from '../brief';
import { certain, combine, missingOf, type Estimate } from '../numeric';
import type { Kilograms, Kilowatts } from '../units';
import { A2_BASE_POWER_RATIO, LICENCE_LIMITS } from './licence-limits';

export type LicenceRule = 'power' | 'power-to-mass' | 'base-power';

export type LicenceResult = {
  /** 1 in each row of the table of draws in which every rule holds, else 0; not known as its figures. */
  readonly holds: Estimate;
} & (
  | { readonly kind: 'legal' }
  | { readonly kind: 'not-legal'; readonly rules: readonly LicenceRule[] }
  | {
      readonly kind: 'not-known';
      readonly missing: readonly string[];
      readonly near: readonly LicenceRule[];
    }
);

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
  if (licence === 'A') return { kind: 'legal', holds: certain(1) };
  const limits = LICENCE_LIMITS[licence];
  const rules: readonly { rule: LicenceRule; value: Estimate; limit: number }[] = [
    { rule: 'power', value: power, limit: limits.power_kW },
    { rule: 'power-to-mass', value: ratio(power, runningOrder), limit: limits.perMass_kWkg },
    ...(licence === 'A2' && base
      ? [{ rule: 'base-power' as const, value: ratio(base, power), limit: A2_BASE_POWER_RATIO }]
      : []),
  ];
  const over = ({ limit }: { limit: number }) => limit * (1 + ROUNDING);
  const end = ({ value }: { value: Estimate }, at: 'low' | 'high'): number =>
    value.kind === 'known' ? value.interval[at] : Number.NaN;
  const broken = rules.filter((r) => end(r, 'low') > over(r)).map((r) => r.rule);
  const near = rules
    .filter((r) => end(r, 'low') <= over(r) && end(r, 'high') > over(r))
    .map((r) => r.rule);
  const missing = missingOf(rules.map((r) => r.value));
  // A rule that is broken for certain decides, whatever else is not known.
  const holds =
    broken.length > 0 && missing.length > 0
      ? certain(0)
      : combine(
          rules.map((r) => r.value),
          (...values: number[]) => Number(rules.every((r, i) => (values[i] ?? NaN) <= over(r))),
        );
  if (broken.length > 0) return { kind: 'not-legal', rules: broken, holds };
  if (missing.length > 0 || near.length > 0)
    return { kind: 'not-known', missing: [...new Set(missing)], near, holds };
  return { kind: 'legal', holds };
}

/** Rounding that a quotient is allowed. */
const ROUNDING = 1e-9;

const ratio = (above: Estimate, below: Estimate): Estimate =>
  combine([above, below] as const, (a, b) => a / b);
