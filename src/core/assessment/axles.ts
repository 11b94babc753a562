import type { Brief } from '../brief';
import { combine, type Estimate } from '../numeric';
import { FUEL_DENSITY, type NormalFigures } from '../readings';

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

/** How the loaded machine stands on its axles: the front's share, 0–1, and the loads, kg; not known without its mass. */
export interface AxleLoads {
  readonly frontShare: Estimate;
  readonly front: Estimate;
  readonly rear: Estimate;
  /** Height of the common centre of mass, m. */
  readonly high_m: Estimate;
}

/**
 * The loads on the axles with rider, passenger and luggage of the brief.
 *
 * @param looseFuel_L fuel in cans and bladders, taken to hang where panniers do (own assumption)
 */
export function axleLoads(brief: Brief, figures: NormalFigures, looseFuel_L = 0): AxleLoads {
  const mass = figures.mass.estimate;
  const carried: readonly (readonly [Place, number])[] = [
    ['rider', brief.rider.mass_kg + brief.rider.kit_kg],
    ['pillion', brief.trip.pillion_kg ?? 0],
    ...(Object.entries(luggagePlaces(brief)) as [Place, number][]),
    ['panniers', looseFuel_L * FUEL_DENSITY.mid],
  ];
  /** Places are shares of the wheelbase, so a moment is a mass on the rear axle. */
  const behind = carried.reduce((sum, [place, kg]) => sum + kg * PLACES[place].behind, 0);
  const total = carried.reduce((sum, [, kg]) => sum + kg, 0);
  const moment = carried.reduce((sum, [place, kg]) => sum + kg * PLACES[place].high_m, 0);
  const onRear = (kg: number): number => kg * PLACES.machine.behind + behind;
  return {
    frontShare: combine([mass] as const, (kg) => 1 - onRear(kg) / (kg + total)),
    front: combine([mass] as const, (kg) => kg + total - onRear(kg)),
    rear: combine([mass] as const, onRear),
    high_m: combine([mass] as const, (kg) => (kg * PLACES.machine.high_m + moment) / (kg + total)),
  };
}

/** A passenger where the brief names none, kg: 75 in kit, as the law counts a rider (own assumption). */
const USUAL_PASSENGER = 75;

/** What rests on each axle beyond the machine itself, kg: the rider alone, with the brief's luggage, with a passenger besides. */
export function carriedOnEnds(
  { rider, trip }: Pick<Brief, 'rider' | 'trip'>,
  load: 'solo' | 'loaded' | 'passenger',
): { readonly front: number; readonly rear: number } {
  const carried: readonly (readonly [Place, number])[] = [
    ['rider', rider.mass_kg + rider.kit_kg],
    ...(load === 'solo' ? [] : (Object.entries(luggagePlaces({ trip })) as [Place, number][])),
    ...(load === 'passenger' ? [['pillion', trip.pillion_kg || USUAL_PASSENGER] as const] : []),
  ];
  const rear = carried.reduce((sum, [place, kg]) => sum + kg * PLACES[place].behind, 0);
  return { rear, front: carried.reduce((sum, [, kg]) => sum + kg, 0) - rear };
}
