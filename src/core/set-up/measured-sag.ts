import type { SagReadings, SagTool } from './set-up';

/** Standard deviation of one length, mm: a tape held by a helper; a meter on the axle. Own assumptions. */
export const LENGTH_SD: Readonly<Record<SagTool, number>> = { tape: 2, meter: 0.8 };
/** What seals and bushes hold back where an end was only taken from one side, mm: standard deviation. Reference 8 has 5 to 10 of friction (from memory). */
const ONE_SIDED_SD = 5;

/** A sag with what it is worth. */
export interface Sag {
  readonly mm: number;
  readonly sd_mm: number;
  /** Half of what lies between from above and from below; absent: taken from one side only. */
  readonly friction_mm: number | undefined;
}

export type SagFault =
  /** The rider sags less than the machine alone. */
  | { readonly code: 'rider-above-free'; readonly free_mm: number; readonly rider_mm: number }
  /** Longer than fully extended: topped out, or two lengths have changed places. */
  | { readonly code: 'topped-out'; readonly sag_mm: number }
  | { readonly code: 'beyond-travel'; readonly sag_mm: number; readonly travel_mm: number }
  /** From above it lies higher than from below. */
  | { readonly code: 'sides-changed'; readonly which: 'free' | 'rider' };

/** What five lengths come to. */
export interface MeasuredSag {
  readonly free: Sag | undefined;
  readonly rider: Sag | undefined;
  /** Rider less free sag: what the rider's weight alone does. The extended length falls out of it. */
  readonly difference: { readonly mm: number; readonly sd_mm: number } | undefined;
  readonly faults: readonly SagFault[];
}

/** Sides may lie so far the wrong way round by the reading's own noise, in standard deviations. */
const NOISE = 3;

interface Length {
  readonly mm: number;
  readonly sd_mm: number;
  readonly friction_mm: number | undefined;
  readonly changed: boolean;
}

/** A length from both sides, averaged: friction holds it low from above and high from below. */
function lengthOf(
  above: number | undefined,
  below: number | undefined,
  sd: number,
): Length | undefined {
  if (above !== undefined && below !== undefined)
    return {
      mm: (above + below) / 2,
      sd_mm: sd / Math.SQRT2,
      friction_mm: Math.max(0, (below - above) / 2),
      changed: above - below > NOISE * sd,
    };
  const one = above ?? below;
  return one === undefined
    ? undefined
    : { mm: one, sd_mm: Math.hypot(sd, ONE_SIDED_SD), friction_mm: undefined, changed: false };
}

/**
 * Free and rider sag from the lengths of one end, mm of wheel travel: extended less the mean of from above and from below.
 *
 * @param travel_mm of the sheet; absent: not known, and not checked
 */
export function measuredSag(
  readings: SagReadings,
  tool: SagTool = 'tape',
  travel_mm?: number,
): MeasuredSag {
  const sd = LENGTH_SD[tool];
  const extended = readings.extended_mm;
  const free = lengthOf(readings.freeAbove_mm, readings.freeBelow_mm, sd);
  const rider = lengthOf(readings.riderAbove_mm, readings.riderBelow_mm, sd);
  const sagOf = (length: Length | undefined): Sag | undefined =>
    length && extended !== undefined
      ? {
          mm: extended - length.mm,
          sd_mm: Math.hypot(sd, length.sd_mm),
          friction_mm: length.friction_mm,
        }
      : undefined;
  const [freeSag, riderSag] = [sagOf(free), sagOf(rider)];
  const faults: SagFault[] = [];
  for (const [which, length] of [
    ['free', free],
    ['rider', rider],
  ] as const)
    if (length?.changed) faults.push({ code: 'sides-changed', which });
  if (free && rider && rider.mm >= free.mm)
    faults.push({
      code: 'rider-above-free',
      free_mm: freeSag?.mm ?? -free.mm,
      rider_mm: riderSag?.mm ?? -rider.mm,
    });
  if (freeSag && freeSag.mm < -NOISE * freeSag.sd_mm)
    faults.push({ code: 'topped-out', sag_mm: freeSag.mm });
  if (riderSag && travel_mm !== undefined && riderSag.mm > travel_mm)
    faults.push({ code: 'beyond-travel', sag_mm: riderSag.mm, travel_mm });
  return {
    free: freeSag,
    rider: riderSag,
    difference:
      free && rider
        ? { mm: free.mm - rider.mm, sd_mm: Math.hypot(free.sd_mm, rider.sd_mm) }
        : undefined,
    faults,
  };
}
