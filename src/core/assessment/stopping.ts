import { GROUNDS, type Brief, type Ground } from '../brief';
import { paceOn } from '../fuel';
import { combine, plusMinus, source, type Estimate } from '../numeric';
import type { NormalFigures } from '../readings';
import { GRIP, GRIP_SPREAD, stoppieLimit, stoppingDistance, wheelieLimit } from '../road-load';
import { STANDARD_GRAVITY } from '../units';
import { axleLoads } from './axles';

/** What lifts a wheel, as shares of g: drive the front, braking the rear. */
export interface Lifting {
  readonly front: Estimate;
  readonly rear: Estimate;
}

/** From which pace on a ground it stops in what distance, m, the rider's second included. */
export interface Stop {
  readonly ground: Ground;
  readonly from_kmh: number;
  readonly distance_m: Estimate;
}

export interface Stopping {
  /** With rider, passenger and luggage of the brief, and with the rider alone. */
  readonly loaded: Lifting;
  readonly alone: Lifting;
  /** On each ground that the brief has, the fastest first. */
  readonly stops: readonly Stop[];
}

const withoutLoad = (brief: Brief): Brief => ({
  ...brief,
  trip: { ...brief.trip, luggage_kg: 0, pillion_kg: 0, tankBag_kg: 0, tail_kg: 0 },
});

const stanceFrom = (share: number, base_mm: number, high_m: number) => ({
  wheelbase_m: base_mm / 1000,
  ahead_m: share * (base_mm / 1000),
  height_m: high_m,
});

function liftingOf(brief: Brief, figures: NormalFigures, looseFuel_L = 0): Lifting {
  const { frontShare, high_m } = axleLoads(brief, figures, looseFuel_L);
  const inputs = [frontShare, figures.wheelbase.estimate, high_m] as const;
  const share = (limit: typeof stoppieLimit) =>
    combine(inputs, (...at) => limit(stanceFrom(...at)) / STANDARD_GRAVITY);
  return { front: share((s) => wheelieLimit({ ...s, grip: 1 })), rear: share(stoppieLimit) };
}

/**
 * At which drive the front lifts and at which braking the rear, and in what distance the loaded machine stops from the pace of each
 * ground: a comparison by the balance of the load and the usual grip of dry ground. Brakes, tyres and ABS are not in it.
 *
 * @param looseFuel_L fuel in cans and bladders, part of the load
 */
export function stoppingOf(brief: Brief, figures: NormalFigures, looseFuel_L = 0): Stopping {
  const { frontShare, high_m } = axleLoads(brief, figures, looseFuel_L);
  const inputs = [frontShare, figures.wheelbase.estimate, high_m] as const;
  const stops = GROUNDS.filter((g) => brief.ground[g] > 0).map((ground): Stop => {
    const from_kmh = paceOn(ground, brief.trip.cruise_kmh);
    const grip = source('grip', plusMinus(GRIP[ground], GRIP_SPREAD));
    return {
      ground,
      from_kmh,
      distance_m: combine([...inputs, grip] as const, (share, base, high, mu) =>
        stoppingDistance(from_kmh, { ...stanceFrom(share, base, high), grip: mu }),
      ),
    };
  });
  return {
    loaded: liftingOf(brief, figures, looseFuel_L),
    alone: liftingOf(withoutLoad(brief), figures),
    stops: stops.toSorted((a, b) => b.from_kmh - a.from_kmh),
  };
}
