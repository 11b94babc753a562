import type { Brief, Purpose, Trip } from './brief';

/** Id of the purpose that is the whole brief. */
export const WHOLE = 'whole';

/**
 * The brief of one of its purposes: with its ground, schools and swing weights, and its own load, road and musts where it has some; the
 * brief itself for {@link WHOLE} and for ids that are gone.
 */
export function briefForPurpose(brief: Brief, id: string): Brief {
  const purpose = brief.purposes?.find((p) => p.id === id);
  if (!purpose) return brief;
  let made = derived.get(brief);
  if (!made) derived.set(brief, (made = new Map<string, Brief>()));
  let of = made.get(id);
  if (!of) made.set(id, (of = ofPurpose(brief, purpose)));
  return of;
}

function ofPurpose(brief: Brief, { ground, schools, swings, trip, mustsOn }: Purpose): Brief {
  return {
    ...brief,
    ground,
    schools,
    swings,
    trip: trip ? ownTrip(brief.trip, trip) : brief.trip,
    musts: mustsOn ? { ...brief.musts, on: mustsOn } : brief.musts,
  };
}

/** The whole's trip with what the purpose has of its own; luggage in places never more than there is. */
function ownTrip(whole: Trip, own: NonNullable<Purpose['trip']>): Trip {
  const given = Object.fromEntries(
    Object.entries(own).filter(([, value]) => value !== undefined),
  ) as Partial<Trip>;
  const trip = { ...whole, ...given };
  return trip.pillion_kg === 0 ? { ...trip, pillion_kg: undefined } : trip;
}

/** The same brief and purpose give the same object, so that what is computed from it can be kept. */
const derived = new WeakMap<Brief, Map<string, Brief>>();
