import type {
  Ground,
  Licence,
  MustKey,
  SchoolKey,
  SeatWidth,
  Skill,
  StanceBand,
} from '@/core/brief';
import type { WantGroup } from '@/core/preference';
import type { UnitSystem } from '@/core/units';

export const MUST_WORDS: Readonly<Record<MustKey, string>> = {
  stance: 'Feet reach the ground',
  readyMass: 'Not heavier than',
  range: 'Covers the longest fuel gap',
  cruise: 'Holds the cruise',
  payload: 'Carries the load',
  clearance: 'Ground clearance at least',
  licence: 'Licence allows it',
  money: 'Stays within the money',
};

export const MUST_SHORT: Readonly<Record<MustKey, string>> = {
  stance: 'reach',
  readyMass: 'mass',
  range: 'range',
  cruise: 'cruise',
  payload: 'payload',
  clearance: 'clearance',
  licence: 'licence',
  money: 'money',
};

export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  motorway: 'Motorway',
  openRoad: 'Open road',
  town: 'Town',
  gravel: 'Graded gravel',
  twoTrack: 'Two-track',
  singleTrack: 'Single track',
  sandMud: 'Sand and mud',
};

export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  new: 'New to dirt',
  improving: 'Improving',
  seasoned: 'Seasoned',
  expert: 'Expert',
};

export const LICENCE_WORDS: Readonly<Record<Licence, string>> = {
  A1: 'A1',
  A2: 'A2',
  A: 'A (full)',
};

export const STANCE_WORDS: Readonly<Record<StanceBand, string>> = {
  flat: 'both feet flat',
  balls: 'balls of both feet',
  tiptoes: 'tiptoes',
  none: 'one foot or none',
};

export const UNIT_SYSTEM_WORDS: Readonly<Record<UnitSystem, string>> = {
  metric: 'Metric',
  us: 'US',
  uk: 'UK',
};

/** Groups of the weigh-up's lines. */
export const WANT_GROUP_WORDS: Readonly<Record<WantGroup | 'load' | 'keeping', string>> = {
  handling: 'Holding it up',
  pull: 'Pull and wind',
  ground: 'The ground',
  distance: 'Going far',
  money: 'Money now',
  heart: 'The heart',
  load: 'Under load; not weighed',
  keeping: 'Keeping it; not weighed',
};

export const SCHOOL_WORDS: Readonly<
  Record<SchoolKey, { readonly name: string; readonly options: Readonly<Record<string, string>> }>
> = {
  size: {
    name: 'Size',
    options: { 'light-first': 'light first', middle: 'the middle', 'road-first': 'road first' },
  },
  engine: { name: 'Engine', options: { 'low-torque': 'low, wide torque', revs: 'revs and power' } },
  aids: {
    name: 'Electronic aids',
    options: { simple: 'one ABS button', full: 'all there is' },
  },
  springs: {
    name: 'Springs',
    options: { 'soft-is-fine': 'soft is fine', 'to-the-rider': 'sprung to the rider' },
  },
};

export const SEAT_WIDTH_WORDS: Readonly<Record<SeatWidth, string>> = {
  light: 'narrow, soft',
  enduro: 'narrow, firm',
  middle: 'middling',
  wide: 'wide, firm',
};
