import type { DonorClass } from '../donor';
import type { OwnTypical, OwnTypicalFacts } from '../typical';
import type { CurrencyCode } from '../units';

export const GROUNDS = [
  'motorway',
  'openRoad',
  'town',
  'gravel',
  'twoTrack',
  'singleTrack',
  'sandMud',
] as const;
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

export const MUST_KEYS = [
  'stance',
  'readyMass',
  'range',
  'cruise',
  'payload',
  'clearance',
  'licence',
  'money',
] as const;
export type MustKey = (typeof MUST_KEYS)[number];

export const SEAT_WIDTHS = ['light', 'enduro', 'middle', 'wide'] as const;
/** Narrow and soft · narrow and firm · middling · wide and firm. */
export type SeatWidth = (typeof SEAT_WIDTHS)[number];

export interface Rider {
  readonly height_mm: number;
  /** Floor to crotch, bare feet. Absent: estimated from height, and said so. */
  readonly inseam_mm?: number | undefined;
  readonly mass_kg: number;
  /** Helmet, boots, armour, pack. */
  readonly kit_kg: number;
  readonly sole_mm: number;
  /** What the rider can lift with both hands and a straight back, kg. Absent: not said. */
  readonly lift_kg?: number | undefined;
  readonly skill: Skill;
  readonly licence: Licence;
}

/** First and last month, 1 for January; one that ends before it begins goes over the new year. */
export interface Season {
  readonly from: number;
  readonly to: number;
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
  /** Room that the luggage takes, L. Absent: from its mass. */
  readonly luggage_L?: number | undefined;
  /** Coldest air, and the share of days that are wet, %. Absent: mild and dry. */
  readonly cold_C?: number | undefined;
  readonly wet_percent?: number | undefined;
  /** Months that are ridden. Absent: not said. */
  readonly season?: Season | undefined;
  /** Where, for the length of days: degrees, north above zero. */
  readonly latitude_deg?: number | undefined;
  /** The longest day that is planned. */
  readonly longestDay_km?: number | undefined;
  /** Longest distance away from a workshop. */
  readonly workshopGap_km: number;
  /** Passenger with kit. Absent: alone. */
  readonly pillion_kg?: number | undefined;
  /** Of the luggage, in a tank bag; of the luggage, behind the seat. The rest hangs in panniers. */
  readonly tankBag_kg?: number | undefined;
  readonly tail_kg?: number | undefined;
  /** Highest point and hottest air. Absent: sea level, 15 °C. */
  readonly altitude_m?: number | undefined;
  readonly heat_C?: number | undefined;
  /** Against which the cruise must be held. Absent: still air. */
  readonly headwind_kmh?: number | undefined;
  /** ISO days: the first ride, the end of the first season, the trip. Absent: not fixed. */
  readonly days?:
    | {
        readonly first?: string | undefined;
        readonly season?: string | undefined;
        readonly trip?: string | undefined;
      }
    | undefined;
  /** Share of the book's service interval that the rider rides, %. Absent: 100, by the book. */
  readonly serviceStretch_percent?: number | undefined;
}

/** One unit of `currency` in the currency `to`, as the rider found it on `date` (ISO day). */
export interface ExchangeRate {
  readonly currency: CurrencyCode;
  readonly to: CurrencyCode;
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
  /** Between whichever currencies: only those that lead to the brief's count. */
  readonly rates: readonly ExchangeRate[];
  /** What keeping it takes; the cost of ownership is not known while one of these is absent. */
  readonly yearsKept?: number | undefined;
  readonly yearly_km?: number | undefined;
  readonly fuel_perL?: number | undefined;
  readonly insurance_perYear?: number | undefined;
  readonly tax_perYear?: number | undefined;
  readonly service_each?: number | undefined;
  /** Shipping, tax and consumables, as a share of the price of parts, %. */
  readonly partsExtra_percent?: number | undefined;
  /** Set aside for parts that turn out not to fit, as a share of the price of parts, %. */
  readonly wrongPart_percent?: number | undefined;
  /** Inspection and papers, once, where anything is fitted. */
  readonly papers?: number | undefined;
  /** A loan on the machine: interest a year, months, and what is paid at once. Absent: cash. */
  readonly loanInterest_percent?: number | undefined;
  readonly loanMonths?: number | undefined;
  readonly loanDeposit?: number | undefined;
  /** Tyres, chain and pads of a middling machine on roads. */
  readonly wear_per1000km?: number | undefined;
}

export interface Musts {
  readonly on: readonly MustKey[];
  readonly stance: Exclude<StanceBand, 'none'>;
  readonly readyMass_kg: number;
  readonly clearance_mm: number;
  /** How sure a must has to be, %; absent: 80. */
  readonly sureness_percent?: number | undefined;
}

/** What the rider believes; each tilts what counts. Absent: the ground alone decides. */
export const SCHOOLS = {
  size: ['light-first', 'middle', 'road-first'],
  engine: ['low-torque', 'revs'],
  springs: ['soft-is-fine', 'to-the-rider'],
  aids: ['simple', 'full'],
} as const;
export type SchoolKey = keyof typeof SCHOOLS;
export type Schools = { readonly [K in SchoolKey]?: (typeof SCHOOLS)[K][number] | undefined };

/** Points 0–100 that the rider gives the swing of a want from worst to best; wants that are not named keep the ground's weight. */
export type Swings = Readonly<Record<string, number>>;

/** What a purpose may have of its own beside the trip of the whole brief. */
export const PURPOSE_TRIP_KEYS = [
  'cruise_kmh',
  'fuelGap_km',
  'luggage_kg',
  'pillion_kg',
  'headwind_kmh',
  'cold_C',
  'wet_percent',
] as const satisfies readonly (keyof Trip)[];
export type PurposeTripKey = (typeof PURPOSE_TRIP_KEYS)[number];

/** One of the things the machine is for, with its own shares and weights: a dossier may hold several. */
export interface Purpose {
  readonly id: string;
  readonly name: string;
  readonly ground: GroundShares;
  /** Its own load and road, where they are not those of the whole. A passenger of 0 kg: alone. */
  readonly trip?: { readonly [K in PurposeTripKey]?: number | undefined } | undefined;
  /** The musts that are asked of it, where they are not those of the whole. */
  readonly mustsOn?: readonly MustKey[] | undefined;
  readonly schools?: Schools | undefined;
  readonly swings?: Swings | undefined;
}

/** The brief's own ground counts as the first purpose. */
export const MAX_PURPOSES = 5;

export interface Brief {
  readonly rider: Rider;
  readonly ground: GroundShares;
  readonly trip: Trip;
  readonly money: Money;
  readonly musts: Musts;
  readonly schools?: Schools | undefined;
  readonly swings?: Swings | undefined;
  /** Further purposes beside the whole of it. */
  readonly purposes?: readonly Purpose[] | undefined;
  /** Where figures come from that the rider has not typed, by their dotted name; a figure that is not named was typed. */
  readonly origins?: BriefOrigins | undefined;
  /** What the rider holds typical of a class, where that is not what the table says. */
  readonly typical?: OwnTypical | undefined;
  /** The same of its facts: per cent of the class that have each option. */
  readonly typicalFacts?: OwnTypicalFacts | undefined;
  /** How far the rider's own needs lie from what is usual, by want, in the metric's base unit: learned from what was felt. */
  readonly ownNeeds?: OwnNeeds | undefined;
  /** What the rider holds machines of a class to be sold for. */
  readonly classPrices?: ClassPrices | undefined;
}

/** By how much the curve of a want is moved. Wants are named as in `core/preference`. */
export type OwnNeeds = Readonly<Record<string, number>>;

/** Low and high: about nine in ten machines of the class lie between. */
export interface ClassPrice {
  readonly low: number;
  readonly high: number;
  readonly currency: CurrencyCode;
}
export type ClassPrices = { readonly [C in DonorClass]?: ClassPrice | undefined };

/** `assumed`: what the app began with, waiting to be looked at. `taken`: worked out elsewhere in the dossier. */
export type BriefOrigin =
  | { readonly kind: 'assumed' }
  | { readonly kind: 'taken'; readonly from: string };
export type BriefOrigins = Readonly<Record<string, BriefOrigin>>;
