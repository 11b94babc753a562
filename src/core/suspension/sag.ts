import { STANDARD_GRAVITY } from '../units';
/** One end of a machine: spring, linkage and load. MR = shock travel ÷ wheel travel, constant here; real linkages are progressive. */
export interface SpringEnd {
  /** N/mm of the spring itself; for a fork the sum of both legs. */
  readonly rate_Npmm: number;
  readonly motionRatio: number;
  /** Preload on the spring, mm. */
  readonly preload_mm: number;
}

/** Rate at the wheel, N/mm: k·MR². */
export const wheelRate = ({
  rate_Npmm,
  motionRatio,
}: Pick<SpringEnd, 'rate_Npmm' | 'motionRatio'>): number => rate_Npmm * motionRatio ** 2;

/** Sag at the wheel under a sprung load, mm: W/k_w − preload/MR. Below 0: topped out, the spring is not moved at all. */
export const wheelSag = (end: SpringEnd, load_kg: number): number =>
  (load_kg * STANDARD_GRAVITY) / wheelRate(end) - end.preload_mm / end.motionRatio;

/** Sag of a fork along its legs, mm: N·cos ε/(2k) − preload, k of one leg. */
export const forkSag = (
  legRate_Npmm: number,
  rake_deg: number,
  preload_mm: number,
  load_kg: number,
): number =>
  (load_kg * STANDARD_GRAVITY * Math.cos((rake_deg * Math.PI) / 180)) / (2 * legRate_Npmm) -
  preload_mm;
