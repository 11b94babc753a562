const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Half the height of a front tyre's section over its rim, where only the rim is known, mm. Own assumption. */
export const FRONT_SECTION = 85;

/**
 * Trail on the ground, mm: (R·sin ε − d)/cos ε, R the front wheel's radius, d the fork's offset square to the steering axis, ε the rake
 * from the vertical (Cossalter, from memory).
 */
export const trailOf = (radius_mm: number, offset_mm: number, rake_deg: number): number =>
  (radius_mm * Math.sin(radians(rake_deg)) - offset_mm) / Math.cos(radians(rake_deg));

/** The offset that a quoted trail means: the same, solved for d. */
export const offsetOf = (radius_mm: number, trail_mm: number, rake_deg: number): number =>
  radius_mm * Math.sin(radians(rake_deg)) - trail_mm * Math.cos(radians(rake_deg));

/** How far each end has come down, mm; below zero it stands higher. */
export interface EndDrops {
  readonly front_mm: number;
  readonly rear_mm: number;
}

/** Rake after the ends have moved, degrees: the whole machine pitches about its wheelbase; the shift of the contacts is left out. */
export const rakeAfter = (
  rake_deg: number,
  { front_mm, rear_mm }: EndDrops,
  wheelbase_mm: number,
): number => rake_deg + (Math.atan((rear_mm - front_mm) / wheelbase_mm) * 180) / Math.PI;

/** Trail after the same, mm. */
export const trailAfter = (
  {
    radius_mm,
    trail_mm,
    rake_deg,
  }: {
    readonly radius_mm: number;
    readonly trail_mm: number;
    readonly rake_deg: number;
  },
  drops: EndDrops,
  wheelbase_mm: number,
): number =>
  trailOf(
    radius_mm,
    offsetOf(radius_mm, trail_mm, rake_deg),
    rakeAfter(rake_deg, drops, wheelbase_mm),
  );

/** Lean on the side stand, and of the stand itself, degrees from the vertical. Own assumption; measure. */
export const STAND_LEAN = { machine_deg: 11, stand_deg: 25 } as const;

/** How much shorter the side stand has to be where the machine stands lower by so much, mm: Δh·cos θ/cos β. */
export const standShortening = (
  lower_mm: number,
  {
    machine_deg,
    stand_deg,
  }: { readonly machine_deg: number; readonly stand_deg: number } = STAND_LEAN,
): number => (lower_mm * Math.cos(radians(machine_deg))) / Math.cos(radians(stand_deg));
