import type { Brief } from './brief';

/** Id of the purpose that is the whole brief. */
export const WHOLE = 'whole';

/** The brief with the ground, schools and swing weights of one of its purposes; the brief itself for {@link WHOLE} and for ids that are gone. */
export function briefForPurpose(brief: Brief, id: string): Brief {
  const purpose = brief.purposes?.find((p) => p.id === id);
  if (!purpose) return brief;
  let made = derived.get(brief);
  if (!made) derived.set(brief, (made = new Map<string, Brief>()));
  let of = made.get(id);
  if (!of)
    made.set(
      id,
      (of = { ...brief, ground: purpose.ground, schools: purpose.schools, swings: purpose.swings }),
    );
  return of;
}

/** The same brief and purpose give the same object, so that what is computed from it can be kept. */
const derived = new WeakMap<Brief, Map<string, Brief>>();
