import type { Brief } from './brief';

/** Id of the purpose that is the whole brief. */
export const WHOLE = 'whole';

/** The brief with the ground, schools and swing weights of one of its purposes; the brief itself for {@link WHOLE} and for ids that are gone. */
export function briefForPurpose(brief: Brief, id: string): Brief {
  const purpose = brief.purposes?.find((p) => p.id === id);
  return purpose
    ? { ...brief, ground: purpose.ground, schools: purpose.schools, swings: purpose.swings }
    : brief;
}
