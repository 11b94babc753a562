import { FRONT_SECTION, rakeAfter, trailAfter, type EndDrops } from '../geometry';
import type { NormalFigures } from '../readings';

/** What a machine's steering is now, as far as it is known. */
export interface SteeringNow {
  readonly wheelbase_mm: number;
  readonly rake_deg: number;
  /** Trail and the radius of the front wheel; absent: trail is not reckoned. */
  readonly trail_mm?: number | undefined;
  readonly radius_mm?: number | undefined;
}

/** A machine's steering from its figures, at the middles; nothing without wheelbase and rake. */
export function steeringNow(
  figures: Pick<NormalFigures, 'wheelbase' | 'rake' | 'trail' | 'wheelFront'>,
): SteeringNow | undefined {
  const mid = (key: keyof typeof figures) => {
    const { estimate } = figures[key];
    return estimate.kind === 'known' ? estimate.mid : undefined;
  };
  const [wheelbase_mm, rake_deg, rim] = [mid('wheelbase'), mid('rake'), mid('wheelFront')];
  if (wheelbase_mm === undefined || rake_deg === undefined) return undefined;
  return {
    wheelbase_mm,
    rake_deg,
    trail_mm: mid('trail'),
    radius_mm: rim === undefined ? undefined : rim / 2 + FRONT_SECTION,
  };
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

/** How much lower the front stands with the fork tubes pushed up through the clamps by so much, mm: they run along the steering axis, h·cos ε. */
export const forkDrop = (raised_mm: number, rake_deg: number): number =>
  raised_mm * Math.cos((rake_deg * Math.PI) / 180);
