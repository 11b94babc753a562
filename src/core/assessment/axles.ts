import type { Brief } from '../brief';
import { axleSplit, type AxleSplit } from '../mass';
import { combine, between, type Estimate, type Interval } from '../numeric';
import type { NormalFigures } from '../readings';

/** Where masses lie, as shares of the wheelbase behind the front axle, and how high, m. Own assumption; luggage as panniers and tail. */
export const PLACES = { machine: { behind: 0.5, high_m: 0.55 }, rider: { behind: 0.6, high_m: 1.0 }, luggage: { behind: 0.95, high_m: 0.9 } } as const;

/** Below this share of the load the front grows light. Own assumption. */
export const LIGHT_FRONT = 0.4;

/** Front axle's share of the loaded machine, 0–1, and the split at the middle. */
export function frontShare(brief: Brief, figures: NormalFigures): { readonly estimate: Estimate; readonly split: AxleSplit | undefined } {
  let split: AxleSplit | undefined;
  const estimate = combine([figures.mass.estimate, figures.wheelbase.estimate] as const, (mass: Interval, wheelbase: Interval) => {
    const at = (kg: number) => axleSplit([
      { mass_kg: kg, behind_m: (PLACES.machine.behind * wheelbase.mid) / 1000, high_m: PLACES.machine.high_m },
      { mass_kg: brief.rider.mass_kg + brief.rider.kit_kg, behind_m: (PLACES.rider.behind * wheelbase.mid) / 1000, high_m: PLACES.rider.high_m },
      ...(brief.trip.luggage_kg > 0 ? [{ mass_kg: brief.trip.luggage_kg, behind_m: (PLACES.luggage.behind * wheelbase.mid) / 1000, high_m: PLACES.luggage.high_m }] : []),
    ], wheelbase.mid / 1000);
    split = at(mass.mid);
    return between(at(mass.low).frontShare, at(mass.high).frontShare, split.frontShare);
  });
  return { estimate, split };
}
