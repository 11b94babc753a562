/** Peaks as quoted, at the crank, and the engine speeds the curve runs between. rpm, kW, N·m. */
export interface EnginePeaks {
  readonly power_kW: number;
  readonly power_rpm: number;
  readonly torque_Nm: number;
  readonly torque_rpm: number;
  readonly idle_rpm: number;
  /** Where the limiter cuts in; at least the power peak. */
  readonly limiter_rpm: number;
}

export type CurveFlag = 'constant-torque' | 'clamped';

export type TorqueCurve =
  | {
      readonly kind: 'curve';
      readonly peaks: EnginePeaks;
      /** Full-throttle torque at the crank, N·m; 0 outside idle and limiter. */
      readonly torqueAt: (rpm: number) => number;
      /** Full-throttle power at the crank, kW. */
      readonly powerAt: (rpm: number) => number;
      readonly flags: readonly CurveFlag[];
    }
  | { readonly kind: 'contradiction'; readonly code: 'torque-too-low' | 'power-too-low' | 'order' };

/** Share of peak torque at idle. Own, low confidence. */
export const IDLE_TORQUE_SHARE = 0.7;
/** Share of peak power at the limiter. Own, low confidence. */
export const LIMITER_POWER_SHARE = 0.95;
const ROUNDING = 1.005;

const radPerS = (rpm: number): number => (rpm * Math.PI) / 30;

/**
 * A full-throttle torque curve through both quoted peaks (own construction).
 *
 * (a) idle → torque peak: T = Tp − (1 − f)·Tp·((ωT − ω)/(ωT − ωi))².
 * (b) torque peak → power peak: T = Tp − (Tp − TP)·sᴺ, s = (ω − ωT)/(ωP − ωT), N = (TP/ωP)(ωP − ωT)/(Tp − TP);
 *     slope 0 at the torque peak, dP/dω = 0 at the power peak. N < 1 is clamped to 1 and flagged.
 * (c) power peak → limiter: P = Pp·[1 − c·((ω − ωP)/ωP)²], so that P(limiter) = 0.95·Pp.
 *
 * With TP = P/ωP. Peaks that contradict each other (P = T·ω) give `contradiction`, not a curve.
 */
export function torqueCurve(peaks: EnginePeaks): TorqueCurve {
  const [wT, wP, wI, wL] = [
    peaks.torque_rpm,
    peaks.power_rpm,
    peaks.idle_rpm,
    peaks.limiter_rpm,
  ].map(radPerS) as [number, number, number, number];
  const powerW = peaks.power_kW * 1000;
  const top = peaks.torque_Nm;
  const atPower = powerW / wP;
  if (!(wI < wT && wT < wP && wP <= wL)) return { kind: 'contradiction', code: 'order' };
  if (atPower > top * ROUNDING) return { kind: 'contradiction', code: 'torque-too-low' };
  if (top * wT > powerW * ROUNDING) return { kind: 'contradiction', code: 'power-too-low' };
  const flat = top - atPower <= top * 1e-6;
  const exponent = flat ? 1 : (atPower / wP) * ((wP - wT) / (top - atPower));
  const n = Math.max(1, exponent);
  const fall = wL > wP ? (1 - LIMITER_POWER_SHARE) / ((wL - wP) / wP) ** 2 : 0;
  const torqueAt = (rpm: number): number => {
    const w = radPerS(rpm);
    if (!(w >= wI * (1 - 1e-12) && w <= wL * (1 + 1e-12))) return 0;
    if (w <= wT) return top - (1 - IDLE_TORQUE_SHARE) * top * ((wT - w) / (wT - wI)) ** 2;
    if (w <= wP) return flat ? atPower : top - (top - atPower) * ((w - wT) / (wP - wT)) ** n;
    return (powerW * (1 - fall * ((w - wP) / wP) ** 2)) / w;
  };
  return {
    kind: 'curve',
    peaks,
    torqueAt,
    powerAt: (rpm) => (torqueAt(rpm) * radPerS(rpm)) / 1000,
    flags: [
      ...(flat ? ['constant-torque' as const] : []),
      ...(exponent < 1 ? ['clamped' as const] : []),
    ],
  };
}
