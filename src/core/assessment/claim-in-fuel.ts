import type { Money } from '../brief';
import { yearsToEarn } from '../money';
import type { Metrics } from './metrics';

/** Whether the dearer of two machines earns its price in fuel: the arithmetic behind a claim that is often heard. */
export type FuelClaim =
  | { readonly kind: 'unknown'; readonly missing: readonly string[] }
  | { readonly kind: 'never'; readonly extra: number; readonly saved_Lper100km: number }
  | {
      readonly kind: 'years';
      readonly years: number;
      readonly extra: number;
      readonly saved_Lper100km: number;
      readonly saved_perYear: number;
    };

/** `dearer` against `cheaper` at the middle of all figures: extra outlay ÷ (distance a year × litres saved × price of fuel). */
export function claimInFuel(dearer: Metrics, cheaper: Metrics, money: Money): FuelClaim {
  const { yearly_km, fuel_perL } = money;
  const estimates = [dearer.outlay, cheaper.outlay, dearer.consumption, cheaper.consumption].map(
    (m) => m.estimate,
  );
  const missing = [
    ...estimates.flatMap((e) => (e.kind === 'unknown' ? e.missing : [])),
    ...(yearly_km === undefined ? ['money.yearly_km'] : []),
    ...(fuel_perL === undefined ? ['money.fuel_perL'] : []),
  ];
  const [a = 0, b = 0, c = 0, d = 0] = estimates.map((e) =>
    e.kind === 'known' ? e.interval.mid : 0,
  );
  if (missing.length > 0 || yearly_km === undefined || fuel_perL === undefined)
    return { kind: 'unknown', missing: [...new Set(missing)] };
  const [extra, saved] = [a - b, d - c];
  const years = yearsToEarn(extra, saved, fuel_perL, yearly_km);
  if (!Number.isFinite(years)) return { kind: 'never', extra, saved_Lper100km: saved };
  return {
    kind: 'years',
    years,
    extra,
    saved_Lper100km: saved,
    saved_perYear: (yearly_km / 100) * saved * fuel_perL,
  };
}
