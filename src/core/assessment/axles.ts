import type { Brief } from '../brief';
import { axleSplit, type AxleSplit, type PlacedMass } from '../mass';
import { combine, between, type Estimate, type Interval } from '../numeric';
import type { NormalFigures } from '../readings';

/** Where masses lie, as shares of the wheelbase behind the front axle, and how high, m. Own assumption. */
export const PLACES = {
  machine: { behind: 0.5, high_m: 0.55 },
  rider: { behind: 0.6, high_m: 1.0 },
  pillion: { behind: 0.88, high_m: 1.1 },
  tankBag: { behind: 0.42, high_m: 1.1 },
  panniers: { behind: 0.93, high_m: 0.8 },
  tail: { behind: 1.08, high_m: 1.05 },
} as const;
type Place = keyof typeof PLACES;

/** Below this share of the load the front grows light. Own assumption. */
export const LIGHT_FRONT = 0.4;

/** Luggage by place, kg: what is named for tank bag and tail, the rest in panniers. Never more than the luggage there is. */
export function luggagePlaces({ trip }: Pick<Brief, 'trip'>): {
  readonly tankBag: number;
  readonly panniers: number;
  readonly tail: number;
} {
  const tankBag = Math.min(trip.luggage_kg, trip.tankBag_kg ?? 0);
  const tail = Math.min(trip.luggage_kg - tankBag, trip.tail_kg ?? 0);
  return { tankBag, tail, panniers: trip.luggage_kg - tankBag - tail };
}

/** Front axle's share of the loaded machine, 0–1, and the split at the middle. */
export function frontShare(
  brief: Brief,
  figures: NormalFigures,
): { readonly estimate: Estimate; readonly split: AxleSplit | undefined } {
  let split: AxleSplit | undefined;
  const carried: readonly (readonly [Place, number])[] = [
    ['rider', brief.rider.mass_kg + brief.rider.kit_kg],
    ['pillion', brief.trip.pillion_kg ?? 0],
    ...(Object.entries(luggagePlaces(brief)) as [Place, number][]),
  ];
  const estimate = combine(
    [figures.mass.estimate, figures.wheelbase.estimate] as const,
    (mass: Interval, wheelbase: Interval) => {
      const metres = wheelbase.mid / 1000;
      const placed = (place: Place, mass_kg: number): PlacedMass => ({
        mass_kg,
        behind_m: PLACES[place].behind * metres,
        high_m: PLACES[place].high_m,
      });
      const loads = carried.flatMap(([place, kg]) => (kg > 0 ? [placed(place, kg)] : []));
      const at = (kg: number) => axleSplit([placed('machine', kg), ...loads], metres);
      split = at(mass.mid);
      return between(at(mass.low).frontShare, at(mass.high).frontShare, split.frontShare);
    },
  );
  return { estimate, split };
}
