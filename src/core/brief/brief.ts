import type { CurrencyCode } from '../units';

export const GROUNDS = ['motorway', 'openRoad', 'town', 'gravel', 'twoTrack', 'singleTrack', 'sandMud'] as const;
export type Ground = (typeof GROUNDS)[number];
/** Whole percentages that add to 100. */
export type GroundShares = Readonly<Record<Ground, number>>;

export const SKILLS = ['new', 'improving', 'seasoned', 'expert'] as const;
export type Skill = (typeof SKILLS)[number];

export const LICENCES = ['A1', 'A2', 'A'] as const;
export type Licence = (typeof LICENCES)[number];

export const STANCE_BANDS = ['flat', 'balls', 'tiptoes', 'none'] as const;
/** Both feet flat · on the balls · on tiptoes · one foot or none. */
export type StanceBand = (typeof STANCE_BANDS)[number];

export const MUST_KEYS = ['stance', 'readyMass', 'range', 'payload', 'clearance', 'licence', 'money'] as const;
export type MustKey = (typeof MUST_KEYS)[number];

export interface Rider {
  readonly height_mm: number;
  /** Floor to crotch, bare feet. Absent: estimated from height, and said so. */
  readonly inseam_mm?: number | undefined;
  readonly mass_kg: number;
  /** Helmet, boots, armour, pack. */
  readonly kit_kg: number;
  readonly sole_mm: number;
  readonly skill: Skill;
  readonly licence: Licence;
}

export interface Trip {
  readonly name: string;
  readonly length_km: number;
  readonly cruise_kmh: number;
  /** Longest distance between fuel. */
  readonly fuelGap_km: number;
  /** Share of the usable tank kept back, %. */
  readonly reserve_percent: number;
  readonly luggage_kg: number;
  /** Longest distance away from a workshop. */
  readonly workshopGap_km: number;
}

/** One unit of `currency` in the brief's currency, as the rider found it on `date` (ISO day). */
export interface ExchangeRate {
  readonly currency: CurrencyCode;
  readonly rate: number;
  readonly date: string;
}

export interface Money {
  readonly currency: CurrencyCode;
  /** Machine + parts + fitting + gear + the trip fund. */
  readonly budget: number;
  /** Not to be touched. */
  readonly tripFund: number;
  /** Riding gear still to be bought. */
  readonly gear: number;
  /** Registration, delivery and papers for a machine bought at list price. Absent: estimated. */
  readonly onTheRoadCosts?: number | undefined;
  readonly shopRate_perHour: number;
  /** Has a place and the spanners to fit parts. */
  readonly ownSpanners: boolean;
  readonly rates: readonly ExchangeRate[];
}

export interface Musts {
  readonly on: readonly MustKey[];
  readonly stance: Exclude<StanceBand, 'none'>;
  readonly readyMass_kg: number;
  readonly clearance_mm: number;
}

export interface Brief {
  readonly rider: Rider;
  readonly ground: GroundShares;
  readonly trip: Trip;
  readonly money: Money;
  readonly musts: Musts;
}
