import type { Rider, StanceBand } from '../brief';
import type { Sit } from '../evidence';
import { millimetres } from '../units';
import { heelGap, riderInseam } from './heel-gap';
import { SEAT_SHAPES } from './seat-shape';
import { STANCE_LIMITS, STANCE_SIGMA } from './stance-band';

/** One sit on a known machine: the heel gap the model gives, and what the feet did. */
export interface JudgedSit {
  readonly modelGap_mm: number;
  readonly band: StanceBand;
}

export interface FitCalibration {
  /** Add to the model's gap for this rider, mm. */
  readonly offset_mm: number;
  /** Standard deviation of the offset, mm. */
  readonly sigma_mm: number;
  readonly sits: number;
}

/** How far riders differ from the model before they have sat on anything, mm. Own assumption. */
export const OFFSET_SIGMA = 16;
/** Scatter of one rider's sits about that rider's own offset, mm: with the above it makes up STANCE_SIGMA. */
export const SIT_SIGMA = Math.sqrt(STANCE_SIGMA ** 2 - OFFSET_SIGMA ** 2);

/** Bounds of a band, mm; the open ends are closed where nobody sits. */
const BOUNDS: Readonly<Record<StanceBand, readonly [number, number]>> = {
  flat: [-80, STANCE_LIMITS.flat],
  balls: [STANCE_LIMITS.flat, STANCE_LIMITS.balls],
  tiptoes: [STANCE_LIMITS.balls, STANCE_LIMITS.tiptoes],
  none: [STANCE_LIMITS.tiptoes, 220],
};

/**
 * The rider's own offset from the model, from sits: a normal prior about 0; each sit says that gap + offset, scattered by what
 * STANCE_SIGMA leaves, fell into its band. Posterior mean and deviation on a grid of 1 mm.
 *
 * @param prior_mm standard deviation before any sit: how far riders differ, and how far the inseam may be wrong
 */
export function calibrateFit(
  sits: readonly JudgedSit[],
  prior_mm: number = OFFSET_SIGMA,
): FitCalibration {
  const grid = Array.from({ length: 301 }, (_, i) => i - 150);
  const logWeights = grid.map((offset) =>
    sits.reduce(
      (sum, sit) => sum + Math.log(likelihood(sit, offset)),
      -(offset ** 2) / (2 * prior_mm ** 2),
    ),
  );
  const most = Math.max(...logWeights);
  const weights = logWeights.map((w) => Math.exp(w - most));
  const total = weights.reduce((a, b) => a + b, 0);
  const mean = grid.reduce((sum, offset, i) => sum + offset * (weights[i] ?? 0), 0) / total;
  const variance =
    grid.reduce((sum, offset, i) => sum + (offset - mean) ** 2 * (weights[i] ?? 0), 0) / total;
  return { offset_mm: mean, sigma_mm: Math.sqrt(variance), sits: sits.length };
}

function likelihood({ modelGap_mm, band }: JudgedSit, offset: number): number {
  const [low, high] = BOUNDS[band];
  const gap = modelGap_mm + offset;
  const step = 5;
  let sum = 0;
  for (let x = low + step / 2; x < high; x += step)
    sum += Math.exp(-((x - gap) ** 2) / (2 * SIT_SIGMA ** 2));
  return Math.max(sum, 1e-300);
}

/** How far the model may be off for a rider before any sit: riders differ, and the inseam may be wrong. */
const priorOf = (rider: Rider): number => Math.hypot(OFFSET_SIGMA, riderInseam(rider).sd_mm);
const calibrated = new WeakMap<readonly Sit[], WeakMap<Rider, FitCalibration>>();

/** A rider's own offset from the sits that are known; computed once for each state of rider and sits. */
export function personalFit(rider: Rider, sits: readonly Sit[]): FitCalibration {
  if (sits.length === 0) return { offset_mm: 0, sigma_mm: priorOf(rider), sits: 0 };
  let known = calibrated.get(sits);
  if (!known) {
    known = new WeakMap();
    calibrated.set(sits, known);
  }
  let fit = known.get(rider);
  if (!fit) {
    fit = calibrateFit(
      sits.map((sit) => judgedSit(rider, sit)),
      priorOf(rider),
    );
    known.set(rider, fit);
  }
  return fit;
}

const judgedSit = (
  rider: Rider,
  { seatHeight_mm, seatWidth, feet, settle_mm = SEAT_SHAPES[seatWidth].settle_mm }: Sit,
): JudgedSit => ({
  band: feet,
  modelGap_mm: heelGap(
    millimetres(seatHeight_mm),
    { ...SEAT_SHAPES[seatWidth], settle_mm },
    riderInseam(rider).mm,
    rider.sole_mm,
  ),
});
