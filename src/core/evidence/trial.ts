import type { SeatWidth, StanceBand } from '../brief';
import type { WeakPoint } from '../donor';
import type { FactReading } from '../facts';
import type { FactKey } from '../facts';
import type { InspectionPoint, PaperPoint, SellerQuestion } from '../inspection';
import type { FigureKey, Reading } from '../readings';

/** A sit at the dealer's or anywhere else · a ride · a look at a machine and its papers. */
export const TRIAL_KINDS = ['sit', 'ride', 'inspection'] as const;
export type TrialKind = (typeof TRIAL_KINDS)[number];

export const TICKS = ['good', 'bad'] as const;
/** What was found of a point that was looked at. */
export type Tick = (typeof TICKS)[number];

/** When in the acquaintance of rider and machine: the first hour flatters. */
export const TRIAL_TIMES = ['first', 'week', 'month'] as const;
export type TrialTime = (typeof TRIAL_TIMES)[number];

/** What is felt, by the part of a ride in which it shows. */
export const FELT_PARTS = {
  astride: ['reachSitting', 'reachStanding', 'kneeRoom', 'pushing', 'bootsClear'],
  town: ['stalls', 'surges'],
  openRoad: ['gearGaps', 'buzz', 'windHelmet', 'windChest', 'brakes', 'dive'],
  gravel: ['smallBumps', 'standingBalance'],
  rough: ['bigHits'],
  hill: ['lowPull'],
  longer: ['seat', 'loadedFeel'],
} as const;
export type FeltPart = keyof typeof FELT_PARTS;
export type Felt = (typeof FELT_PARTS)[FeltPart][number];
export const FELT_KEYS: readonly Felt[] = Object.values(FELT_PARTS).flat();
/** Marks of what is felt: 0 rules it out, 2 is bearable, 4 could not be better. The heart's go to 10. */
export const MOST_FELT = 4;
export const MOST_HEART = 10;

export const LIFTS = ['alone', 'not-alone'] as const;
export type Lift = (typeof LIFTS)[number];

/** How a trial was made. What is absent was not noted. */
export interface TrialConditions {
  /** Boots and riding kit on. */
  readonly inKit?: boolean | undefined;
  readonly load_kg?: number | undefined;
  readonly minutes?: number | undefined;
  readonly wornTyres?: boolean | undefined;
  /** In the rider's words: weather, pressures, clickers, ground. */
  readonly words?: string | undefined;
}

/** Real speeds, km/h; from the lower to the higher. */
export interface Buzz {
  readonly from_kmh: number;
  readonly to_kmh: number;
}

/** What was seen, felt and measured. Every part of it may be absent. */
export interface Observed {
  /** What the feet did, and on what seat where the machine itself does not say. */
  readonly feet?: StanceBand | undefined;
  readonly seatHeight_mm?: number | undefined;
  readonly seatWidth?: SeatWidth | undefined;
  /** One reading of a figure, one of a fact: a second look replaces the first. */
  readonly figures?: { readonly [K in FigureKey]?: Reading | undefined } | undefined;
  readonly facts?: { readonly [K in FactKey]?: FactReading | undefined } | undefined;
  readonly ticks?: { readonly [P in InspectionPoint | PaperPoint]?: Tick | undefined } | undefined;
  /** Marks of what was felt, 0 to {@link MOST_FELT}. */
  readonly felt?: { readonly [F in Felt]?: number | undefined } | undefined;
  /** Between which real speeds it buzzes in bars, pegs or seat. */
  readonly buzz?: Buzz | undefined;
  /** Looks, sound, joy, pride: 0 to {@link MOST_HEART}. */
  readonly heart?: number | undefined;
  /** Whether the rider lifted it from its side. */
  readonly lifted?: Lift | undefined;
  /** What the seller said, in words. */
  readonly answers?: { readonly [Q in SellerQuestion]?: string | undefined } | undefined;
  /** What was found wrong, with what putting it right costs. */
  readonly findings?: readonly WeakPoint[] | undefined;
}

/** One meeting of the rider with one machine. */
export interface Trial {
  readonly id: string;
  readonly kind: TrialKind;
  /** ISO day; absent: it was not noted. */
  readonly on?: string | undefined;
  readonly where?: string | undefined;
  /** Absent: not said. */
  readonly when?: TrialTime | undefined;
  /** The donor it was made on; absent: one that is not in the dossier. */
  readonly donorId?: string | undefined;
  /** That machine in the rider's words, where it is not in the dossier or was another name then. */
  readonly machine: string;
  /** Parts that were on it; absent: as the donor stands. */
  readonly partIds?: readonly string[] | undefined;
  readonly conditions?: TrialConditions | undefined;
  readonly observed: Observed;
  readonly note: string;
}
