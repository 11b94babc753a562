/** Something carried: mass, how far behind the front axle and how high its centre lies, m. */
export interface PlacedMass {
  readonly mass_kg: number;
  readonly behind_m: number;
  readonly high_m: number;
}

export interface AxleSplit {
  readonly total_kg: number;
  readonly front_kg: number;
  readonly rear_kg: number;
  /** 0–1. */
  readonly frontShare: number;
  readonly behind_m: number;
  readonly high_m: number;
}

/** Loads on the axles and the common centre of mass, on the level: ΔR = m·x/p, ΔF = m(1 − x/p). Behind the rear axle the front is relieved. */
export function axleSplit(masses: readonly PlacedMass[], wheelbase_m: number): AxleSplit {
  const total_kg = masses.reduce((sum, m) => sum + m.mass_kg, 0);
  if (!(total_kg > 0) || !(wheelbase_m > 0))
    throw new RangeError('axleSplit: mass and wheelbase must be above zero');
  const behind_m = masses.reduce((sum, m) => sum + m.mass_kg * m.behind_m, 0) / total_kg;
  const high_m = masses.reduce((sum, m) => sum + m.mass_kg * m.high_m, 0) / total_kg;
  const rear_kg = (total_kg * behind_m) / wheelbase_m;
  return {
    total_kg,
    front_kg: total_kg - rear_kg,
    rear_kg,
    frontShare: 1 - rear_kg / total_kg,
    behind_m,
    high_m,
  };
}

/** Below this share of the load the front grows light. Own assumption (reference, from memory). */
export const LIGHT_FRONT = 0.4;
