import type { Brief } from '../brief';
import { factInUse, type DonorFacts } from '../facts';
import { between, certain, combine, source, type Estimate, type Known } from '../numeric';
import type { Millimetres } from '../units';
import { perKgOf, sagShare, type SagPerKg } from './spring-end';
import { travelShareOn } from './travel-share';

export type SuspensionEnd = 'front' | 'rear';

/** A spring is let pass within this share of the mass it was made for (reference: respring beyond 10 %, from memory). */
export const SPRING_SLACK = 0.1;
/** Luggage and passenger that stock springs are taken to allow for, kg. Own assumption. */
const LUGGAGE_ALLOWED = 10;
/** Share of luggage and passenger that the rear spring carries as if it were rider. Own assumption. */
const REAR_SHARE = 0.8;
const WORST_SPRING = 0.6;

const ADJUSTERS: Readonly<Record<string, number>> = {
  none: 0.9,
  preload: 0.95,
  'preload-rebound': 1,
  full: 1,
};
const ROUGH = ['gravel', 'twoTrack', 'singleTrack', 'sandMud'] as const;

/** What the springs of an end carry as if it were all rider, kg: rider bare, on the rear also luggage and passenger beyond what is allowed for. */
export function riderLike(brief: Brief, end: SuspensionEnd): number {
  const extra = Math.max(0, brief.trip.luggage_kg + (brief.trip.pillion_kg ?? 0) - LUGGAGE_ALLOWED);
  return brief.rider.mass_kg + (end === 'rear' ? REAR_SHARE * extra : 0);
}

/** How far the load lies from what the springs were made for: carried ÷ design − 1. */
export const springMismatch = (carried_kg: number, design_kg: number): number =>
  carried_kg / design_kg - 1;

/** 1 where the springs suit, less for each share beyond 10 %; too stiff costs half as much, and too soft nothing where soft is fine. */
export function springFactor(mismatch: number, softIsFine: boolean): number {
  const beyond = Math.max(0, Math.abs(mismatch) - SPRING_SLACK);
  const weight = mismatch < 0 ? 0.5 : softIsFine ? 0.35 : 1;
  return Math.max(WORST_SPRING, 1 - weight * beyond);
}

export interface SuspensionParts {
  /** Springs fitted to the rider by a part. */
  readonly sprungToRider: ReadonlySet<SuspensionEnd>;
}

/** Springs of one end: the rider whom they suit, and how they give; what is not known of one follows from the other. */
export interface EndSprings {
  readonly suits: Estimate;
  /** mm of travel for each kg of rider. Absent: as stiff as suits that rider. */
  readonly perKg?: SagPerKg | undefined;
}

export interface EndMatch {
  readonly end: SuspensionEnd;
  /** What the springs carry as if it were all rider, and the rider whom they suit, kg. */
  readonly carried_kg: number;
  readonly suits: Estimate;
  /** Rider sag as a share of travel. */
  readonly sag: Estimate;
  readonly travel: Estimate;
  readonly mismatch: Estimate;
  readonly springs: Estimate;
  readonly adjusters: Known;
  /** travel × springs × adjusters, 0–1. */
  readonly index: Estimate;
}

/**
 * One end of the suspension against ground, rider and load, 0–1: share of the travel the ground asks × how the spring suits ×
 * what can be adjusted (counts by the share of rough ground). Factors are our own assumption.
 *
 * @param springs the rider they suit, kg, and their stiffness
 * @param machine whose adjusters they are, where the sheet does not say
 */
export function endMatch(
  end: SuspensionEnd,
  brief: Brief,
  travel: Estimate<Millimetres>,
  springsOf: EndSprings,
  facts: DonorFacts | undefined,
  parts: SuspensionParts,
  machine: string,
): EndMatch {
  const rough = ROUGH.reduce((sum, g) => sum + brief.ground[g], 0) / 100;
  const softIsFine = brief.schools?.springs === 'soft-is-fine';
  const carried = riderLike(brief, end);
  const sprung = parts.sprungToRider.has(end);
  const suits = sprung ? certain(carried) : springsOf.suits;
  const perKg = (sprung ? undefined : springsOf.perKg) ?? perKgOf(end, suits, travel);
  const mismatch = sprung
    ? certain(0)
    : combine([suits] as const, (kg) => springMismatch(carried, kg));
  const springs = combine([mismatch] as const, (m) => springFactor(m, softIsFine));
  const adjust = end === 'front' ? 'forkAdjust' : 'shockAdjust';
  const says = factInUse(facts?.[adjust])?.value;
  const graded = (worth: number) => 1 - rough * (1 - worth);
  const worst = Math.min(...Object.values(ADJUSTERS));
  const adjusters =
    says === undefined
      ? source(`fact/${machine}/${adjust}`, between(graded(worst), 1, graded(worst)))
      : certain(graded(ADJUSTERS[says] ?? 1));
  const share = combine([travel] as const, travelShareOn(brief.ground));
  return {
    end,
    carried_kg: carried,
    suits,
    sag: sagShare(carried, suits, perKg, travel),
    travel: share,
    mismatch,
    springs,
    adjusters,
    index: combine([share, springs, adjusters] as const, (t, s, a) => t * s * a),
  };
}

/** The weaker end decides. */
export const suspensionMatch = (front: EndMatch, rear: EndMatch): Estimate =>
  combine([front.index, rear.index] as const, (f, r) => Math.min(f, r));
