import type { Brief } from '../brief';
import { axleSplit, type AxleSplit, type PlacedMass } from '../mass';
import { combine, unknown, type Estimate } from '../numeric';
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

/** How the loaded machine stands on its axles: the front's share, 0–1, and the loads at the middle; not known without its mass. */
export type AxleLoads =
  | { readonly kind: 'known'; readonly frontShare: Estimate; readonly split: AxleSplit }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** Places are shares of the wheelbase, so its length says nothing about the loads: it counts as one. */
const WHEELBASE = 1;

const placed = (place: Place, mass_kg: number): PlacedMass => ({
  mass_kg,
  behind_m: PLACES[place].behind * WHEELBASE,
  high_m: PLACES[place].high_m,
});

/** The loads on the axles with rider, passenger and luggage of the brief. */
export function axleLoads(brief: Brief, figures: NormalFigures): AxleLoads {
  const mass = figures.mass.estimate;
  if (mass.kind === 'unknown') return { kind: 'unknown', missing: mass.missing };
  const carried: readonly (readonly [Place, number])[] = [
    ['rider', brief.rider.mass_kg + brief.rider.kit_kg],
    ['pillion', brief.trip.pillion_kg ?? 0],
    ...(Object.entries(luggagePlaces(brief)) as [Place, number][]),
  ];
  const loads = carried.flatMap(([place, kg]) => (kg > 0 ? [placed(place, kg)] : []));
  const carriedAlone = loads.reduce(
    (sum, m) => ({ kg: sum.kg + m.mass_kg, moment: sum.moment + m.mass_kg * m.behind_m }),
    { kg: 0, moment: 0 },
  );
  const frontShare = (kg: number): number =>
    1 -
    (kg * PLACES.machine.behind * WHEELBASE + carriedAlone.moment) /
      ((kg + carriedAlone.kg) * WHEELBASE);
  return {
    kind: 'known',
    frontShare: combine([mass] as const, frontShare),
    split: axleSplit([placed('machine', mass.mid), ...loads], WHEELBASE),
  };
}

export const frontShareOf = (loads: AxleLoads): Estimate =>
  loads.kind === 'known' ? loads.frontShare : unknown(...loads.missing);
