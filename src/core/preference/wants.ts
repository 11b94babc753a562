import { luggageNeeded, type BaseMetricKey } from '../assessment';
import {
  spendable,
  type Brief,
  type Ground,
  type SchoolKey,
  type Schools,
  type Skill,
} from '../brief';
import { clearanceAsked } from '../suspension';
import type { WantCurve } from './want-curve';

/** The groups wants are read in, in their order. */
const GROUP_KEYS = ['handling', 'pull', 'ground', 'distance', 'money', 'heart'] as const;
export type WantGroup = (typeof GROUP_KEYS)[number];

/** What each belief multiplies a want's weight by. */
type Tilts = { readonly [K in SchoolKey]?: { readonly [S in NonNullable<Schools[K]>]?: number } };

/** All there is to a graded wish on a metric. Numbers are our own assumption from what riders say they missed where; the app shows them. */
interface WantDefinition {
  readonly group: WantGroup;
  /** Floor, need and ideal for a brief, in base units (money in the brief's currency). */
  readonly curve: (brief: Brief) => WantCurve;
  /** How much it matters on each ground, 0 (not at all) to 4 (decides the day). */
  readonly matters: Readonly<Record<Ground, number>>;
  readonly tilts?: Tilts;
  /** Counts only for riders who believe something of it, or who gave it points by hand. */
  readonly onlyWith?: SchoolKey | 'hand';
}

/** Ready-to-ride mass by skill, kg. Our own assumption: what riders of that skill say they can pick up and turn round. */
const MASS_BY_SKILL: Readonly<Record<Skill, WantCurve>> = {
  new: { floor: 230, need: 175, ideal: 125 },
  improving: { floor: 240, need: 185, ideal: 130 },
  seasoned: { floor: 260, need: 205, ideal: 140 },
  expert: { floor: 280, need: 225, ideal: 150 },
};

/** Crank power per loaded mass that a steady cruise calls for, kW/t per km/h of cruise. Our own assumption. */
const POWER_PER_CRUISE = { floor: 0.45, need: 0.85, ideal: 1.6 };
/** A service interval is asked to last at least so far, km. Own assumption. */
const SHORTEST_AWAY = 500;

const looseShare = ({ ground }: Brief): number =>
  (ground.gravel * 0.5 + ground.twoTrack + ground.singleTrack + ground.sandMud) / 100;

const always = (curve: WantCurve) => () => curve;
const times = ({ floor, need, ideal }: WantCurve, by: number): WantCurve => ({
  floor: floor * by,
  need: need * by,
  ideal: ideal * by,
});

/** The metrics that count as graded wishes, in the order they are shown. Money counts the same everywhere. */
export const WANTS = {
  heelGap: {
    group: 'handling',
    curve: always({ floor: 120, need: 65, ideal: 10 }),
    matters: {
      motorway: 0.5,
      openRoad: 1,
      town: 3,
      gravel: 2,
      twoTrack: 3,
      singleTrack: 3,
      sandMud: 4,
    },
    tilts: { size: { 'light-first': 1.3, 'road-first': 0.9 } },
  },
  kneeAngle: {
    group: 'handling',
    curve: always({ floor: 50, need: 65, ideal: 80 }),
    matters: {
      motorway: 2,
      openRoad: 1.5,
      town: 0.5,
      gravel: 1,
      twoTrack: 0.5,
      singleTrack: 0.5,
      sandMud: 0.5,
    },
  },
  standingRoom: {
    group: 'handling',
    curve: always({ floor: -90, need: -30, ideal: 10 }),
    matters: {
      motorway: 0,
      openRoad: 0,
      town: 0,
      gravel: 1,
      twoTrack: 2,
      singleTrack: 2,
      sandMud: 2,
    },
  },
  readyMass: {
    group: 'handling',
    curve: ({ rider }) => MASS_BY_SKILL[rider.skill],
    matters: {
      motorway: 0.5,
      openRoad: 1,
      town: 2,
      gravel: 2,
      twoTrack: 3,
      singleTrack: 4,
      sandMud: 4,
    },
    tilts: { size: { 'light-first': 1.6, 'road-first': 0.7 }, engine: { 'low-torque': 1.1 } },
  },
  powerToMass: {
    group: 'pull',
    curve: ({ trip }) => times(POWER_PER_CRUISE, trip.cruise_kmh),
    matters: {
      motorway: 4,
      openRoad: 3,
      town: 1,
      gravel: 2,
      twoTrack: 1,
      singleTrack: 1,
      sandMud: 2,
    },
    tilts: {
      size: { 'light-first': 0.8, 'road-first': 1.3 },
      engine: { 'low-torque': 0.8, revs: 1.3 },
    },
  },
  cruisePower: {
    group: 'pull',
    curve: always({ floor: 0, need: 0.15, ideal: 0.4 }),
    matters: {
      motorway: 3,
      openRoad: 1.5,
      town: 0,
      gravel: 0.5,
      twoTrack: 0,
      singleTrack: 0,
      sandMud: 0,
    },
    tilts: { size: { 'light-first': 0.8, 'road-first': 1.3 } },
  },
  range: {
    group: 'distance',
    curve: ({ trip }) => times({ floor: 0.6, need: 1, ideal: 1.35 }, trip.fuelGap_km),
    matters: {
      motorway: 3,
      openRoad: 3,
      town: 1,
      gravel: 3,
      twoTrack: 3,
      singleTrack: 2,
      sandMud: 3,
    },
    tilts: { size: { 'road-first': 1.2 } },
  },
  suspension: {
    group: 'ground',
    curve: always({ floor: 0.5, need: 0.85, ideal: 1 }),
    matters: {
      motorway: 1,
      openRoad: 1,
      town: 1,
      gravel: 2,
      twoTrack: 4,
      singleTrack: 4,
      sandMud: 3,
    },
    tilts: { springs: { 'soft-is-fine': 0.85, 'to-the-rider': 1.15 } },
  },
  clearance: {
    group: 'ground',
    curve: ({ ground }) =>
      times({ floor: 0.65, need: 1, ideal: 1.2 }, clearanceAsked(ground).asked_mm),
    matters: {
      motorway: 0,
      openRoad: 0,
      town: 0.5,
      gravel: 1,
      twoTrack: 3,
      singleTrack: 4,
      sandMud: 2,
    },
  },
  payloadLeft: {
    group: 'distance',
    curve: always({ floor: 0, need: 15, ideal: 50 }),
    matters: {
      motorway: 2,
      openRoad: 2,
      town: 1,
      gravel: 2,
      twoTrack: 2,
      singleTrack: 1,
      sandMud: 1,
    },
  },
  serviceInterval: {
    group: 'distance',
    curve: ({ trip }) =>
      times({ floor: 0.4, need: 1, ideal: 3 }, Math.max(SHORTEST_AWAY, trip.workshopGap_km)),
    matters: {
      motorway: 3,
      openRoad: 2,
      town: 1,
      gravel: 2,
      twoTrack: 2,
      singleTrack: 1,
      sandMud: 1,
    },
  },
  wheels: {
    group: 'ground',
    curve: always({ floor: 0.3, need: 0.7, ideal: 1 }),
    matters: {
      motorway: 0.5,
      openRoad: 1,
      town: 0.5,
      gravel: 1.5,
      twoTrack: 2.5,
      singleTrack: 3,
      sandMud: 2.5,
    },
  },
  protection: {
    group: 'ground',
    curve: (brief) => ({ floor: 0, need: 0.2 + 0.5 * looseShare(brief), ideal: 1 }),
    matters: {
      motorway: 0,
      openRoad: 0.5,
      town: 0.5,
      gravel: 1,
      twoTrack: 2.5,
      singleTrack: 3,
      sandMud: 1.5,
    },
  },
  wind: {
    group: 'pull',
    curve: ({ trip }) => ({
      floor: 0,
      need: Math.min(0.7, Math.max(0.2, (trip.cruise_kmh - 60) / 100)),
      ideal: 1,
    }),
    matters: {
      motorway: 4,
      openRoad: 2.5,
      town: 0.5,
      gravel: 1,
      twoTrack: 0.5,
      singleTrack: 0,
      sandMud: 0.5,
    },
    tilts: { size: { 'light-first': 0.7, 'road-first': 1.5 } },
  },
  support: {
    group: 'distance',
    curve: always({ floor: 0.2, need: 0.6, ideal: 1 }),
    matters: {
      motorway: 1,
      openRoad: 1,
      town: 0.5,
      gravel: 1.5,
      twoTrack: 2,
      singleTrack: 1,
      sandMud: 1,
    },
  },
  aids: {
    group: 'handling',
    curve: always({ floor: 0.2, need: 0.6, ideal: 1 }),
    matters: {
      motorway: 1,
      openRoad: 1,
      town: 1,
      gravel: 1.5,
      twoTrack: 1.5,
      singleTrack: 1.5,
      sandMud: 1.5,
    },
    onlyWith: 'aids',
  },
  heart: {
    group: 'heart',
    curve: always({ floor: 0.2, need: 0.6, ideal: 1 }),
    matters: {
      motorway: 1.5,
      openRoad: 1.5,
      town: 1.5,
      gravel: 1.5,
      twoTrack: 1.5,
      singleTrack: 1.5,
      sandMud: 1.5,
    },
    onlyWith: 'hand',
  },
  luggageRoom: {
    group: 'distance',
    curve: (brief) => times({ floor: 0.3, need: 1, ideal: 1.3 }, Math.max(1, luggageNeeded(brief))),
    matters: {
      motorway: 1,
      openRoad: 1,
      town: 0,
      gravel: 1,
      twoTrack: 1,
      singleTrack: 0.5,
      sandMud: 0.5,
    },
  },
  outlay: {
    group: 'money',
    curve: ({ money }) =>
      times({ floor: 1.35, need: 1, ideal: 0.5 }, Math.max(1, spendable(money))),
    matters: {
      motorway: 2,
      openRoad: 2,
      town: 2,
      gravel: 2,
      twoTrack: 2,
      singleTrack: 2,
      sandMud: 2,
    },
  },
} as const satisfies { readonly [K in BaseMetricKey]?: WantDefinition };

export type WantKey = keyof typeof WANTS;
export const WANT_KEYS = Object.keys(WANTS) as readonly WantKey[];
export const wantDefinition = (want: WantKey): WantDefinition => WANTS[want];

/** Wants in the groups they are read in. */
export const WANT_GROUPS = Object.fromEntries(
  GROUP_KEYS.map((group) => [group, WANT_KEYS.filter((want) => WANTS[want].group === group)]),
) as unknown as Readonly<Record<WantGroup, readonly WantKey[]>>;

const movedBy = ({ floor, need, ideal }: WantCurve, by: number): WantCurve => ({
  floor: floor + by,
  need: need + by,
  ideal: ideal + by,
});

/** The curve of a want as the brief alone has it: without what the rider has learned of the own needs. */
export const usualCurve = (want: WantKey, brief: Brief): WantCurve =>
  wantDefinition(want).curve(brief);

/** Floor, need and ideal of every want for this brief, in base units (money in the brief's currency), moved by the rider's own needs. */
export const wantCurves = (brief: Brief): Readonly<Record<WantKey, WantCurve>> =>
  Object.fromEntries(
    WANT_KEYS.map((want) => {
      const by = brief.ownNeeds?.[want];
      const usual = usualCurve(want, brief);
      return [want, by === undefined ? usual : movedBy(usual, by)];
    }),
  ) as Record<WantKey, WantCurve>;

/** The wants that count for a rider: those about beliefs only where the rider has one, or gave points by hand. */
export const wantsOf = ({
  schools,
  swings,
}: Pick<Brief, 'schools' | 'swings'>): readonly WantKey[] =>
  WANT_KEYS.filter((want) => {
    const { onlyWith } = wantDefinition(want);
    const believes = onlyWith !== undefined && onlyWith !== 'hand' && schools?.[onlyWith];
    return onlyWith === undefined || Boolean(believes) || (swings?.[want] ?? 0) > 0;
  });
