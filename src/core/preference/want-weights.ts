import { GROUNDS, type Brief, type Ground, type SchoolKey, type Schools } from '../brief';
import { WANT_KEYS, type WantKey } from './wants';

/**
 * How much each want matters on each ground, 0 (not at all) to 4 (decides the day). Our own assumption from what
 * riders say they missed where; the app shows this table. Money counts the same everywhere.
 */
export const WANT_MATTERS: Readonly<Record<WantKey, Readonly<Record<Ground, number>>>> = {
  heelGap: {
    motorway: 0.5,
    openRoad: 1,
    town: 3,
    gravel: 2,
    twoTrack: 3,
    singleTrack: 3,
    sandMud: 4,
  },
  readyMass: {
    motorway: 0.5,
    openRoad: 1,
    town: 2,
    gravel: 2,
    twoTrack: 3,
    singleTrack: 4,
    sandMud: 4,
  },
  powerToMass: {
    motorway: 4,
    openRoad: 3,
    town: 1,
    gravel: 2,
    twoTrack: 1,
    singleTrack: 1,
    sandMud: 2,
  },
  range: { motorway: 3, openRoad: 3, town: 1, gravel: 3, twoTrack: 3, singleTrack: 2, sandMud: 3 },
  suspension: {
    motorway: 1,
    openRoad: 1,
    town: 1,
    gravel: 2,
    twoTrack: 4,
    singleTrack: 4,
    sandMud: 3,
  },
  clearance: {
    motorway: 0,
    openRoad: 0,
    town: 0.5,
    gravel: 1,
    twoTrack: 3,
    singleTrack: 4,
    sandMud: 2,
  },
  payloadLeft: {
    motorway: 2,
    openRoad: 2,
    town: 1,
    gravel: 2,
    twoTrack: 2,
    singleTrack: 1,
    sandMud: 1,
  },
  serviceInterval: {
    motorway: 3,
    openRoad: 2,
    town: 1,
    gravel: 2,
    twoTrack: 2,
    singleTrack: 1,
    sandMud: 1,
  },
  wheels: {
    motorway: 0.5,
    openRoad: 1,
    town: 0.5,
    gravel: 1.5,
    twoTrack: 2.5,
    singleTrack: 3,
    sandMud: 2.5,
  },
  protection: {
    motorway: 0,
    openRoad: 0.5,
    town: 0.5,
    gravel: 1,
    twoTrack: 2.5,
    singleTrack: 3,
    sandMud: 1.5,
  },
  wind: {
    motorway: 4,
    openRoad: 2.5,
    town: 0.5,
    gravel: 1,
    twoTrack: 0.5,
    singleTrack: 0,
    sandMud: 0.5,
  },
  support: {
    motorway: 1,
    openRoad: 1,
    town: 0.5,
    gravel: 1.5,
    twoTrack: 2,
    singleTrack: 1,
    sandMud: 1,
  },
  outlay: { motorway: 2, openRoad: 2, town: 2, gravel: 2, twoTrack: 2, singleTrack: 2, sandMud: 2 },
};

/** What each belief multiplies a want's weight by. Our own assumption; the app shows it. */
export const SCHOOL_TILTS: {
  readonly [K in SchoolKey]: Readonly<
    Record<NonNullable<Schools[K]>, { readonly [W in WantKey]?: number }>
  >;
} = {
  size: {
    'light-first': { readyMass: 1.6, heelGap: 1.3, powerToMass: 0.8, wind: 0.7 },
    middle: {},
    'road-first': { powerToMass: 1.3, wind: 1.5, range: 1.2, readyMass: 0.7, heelGap: 0.9 },
  },
  engine: { 'low-torque': { powerToMass: 0.8, readyMass: 1.1 }, revs: { powerToMass: 1.3 } },
  springs: { 'soft-is-fine': { suspension: 0.85 }, 'to-the-rider': { suspension: 1.15 } },
};

export type WantWeights = Readonly<Record<WantKey, number>>;

const tilt = (schools: Schools, want: WantKey): number =>
  (Object.entries(schools) as [SchoolKey, string | undefined][]).reduce(
    (product, [key, school]) =>
      product *
      ((school === undefined
        ? undefined
        : (SCHOOL_TILTS[key] as Readonly<Record<string, { readonly [W in WantKey]?: number }>>)[
            school
          ]?.[want]) ?? 1),
    1,
  );

/** Swing points of every want, the heaviest 100: Σ ground share × matter, tilted by the schools. What the rider is asked to change. */
export function swingPoints({
  ground,
  schools,
}: Pick<Brief, 'ground' | 'schools'>): Readonly<Record<WantKey, number>> {
  const raw = WANT_KEYS.map(
    (want) =>
      GROUNDS.reduce((sum, g) => sum + ground[g] * WANT_MATTERS[want][g], 0) *
      (schools ? tilt(schools, want) : 1),
  );
  const most = Math.max(...raw);
  return Object.fromEntries(
    WANT_KEYS.map((want, i) => [want, ((raw[i] ?? 0) / most) * 100]),
  ) as Record<WantKey, number>;
}

/** Weights of the wants, adding to 1: swing points by ground and schools, replaced by the rider's own where given, normalised. All zero: the ground's. */
export function wantWeights(brief: Pick<Brief, 'ground' | 'schools' | 'swings'>): WantWeights {
  const points = swingPoints(brief);
  const own = WANT_KEYS.map((want) => brief.swings?.[want] ?? points[want]);
  const given = own.some((p) => p > 0) ? own : WANT_KEYS.map((want) => points[want]);
  const total = given.reduce((a, b) => a + b, 0);
  return Object.fromEntries(WANT_KEYS.map((want, i) => [want, (given[i] ?? 0) / total])) as Record<
    WantKey,
    number
  >;
}
