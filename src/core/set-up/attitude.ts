import { rakeAfter, trailAfter, type EndDrops } from '../geometry';

/** What a machine's steering is now, as far as it is known. */
export interface SteeringNow {
  readonly wheelbase_mm: number;
  readonly rake_deg: number;
  /** Trail and the radius of the front wheel; absent: trail is not reckoned. */
  readonly trail_mm?: number | undefined;
  readonly radius_mm?: number | undefined;
}

/** By how much rake and trail move when both ends are set. */
export interface AttitudeChange {
  readonly rake_deg: number;
  readonly trail_mm: number | undefined;
}

/** Rake and trail after sags have changed by so much at each end, less what they are now (reference 15). */
export function attitudeChange(now: SteeringNow, drops: EndDrops): AttitudeChange {
  const { wheelbase_mm, rake_deg, trail_mm, radius_mm } = now;
  return {
    rake_deg: rakeAfter(rake_deg, drops, wheelbase_mm) - rake_deg,
    trail_mm:
      trail_mm === undefined || radius_mm === undefined
        ? undefined
        : trailAfter({ radius_mm, trail_mm, rake_deg }, drops, wheelbase_mm) - trail_mm,
  };
}
