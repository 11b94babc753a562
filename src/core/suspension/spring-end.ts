import { between, combine, plusMinus, source, type Estimate } from '../numeric';
import type { Kilograms, Millimetres } from '../units';
import { STANDARD_GRAVITY } from '../units';
import type { SuspensionEnd } from './suspension-match';

/** What part of the rider an end carries. Rear: reference 8's worked example (from memory); the front has the rest. */
const RIDER_SHARE: Readonly<Record<SuspensionEnd, number>> = { front: 0.3, rear: 0.7 };
/**
 * Rider sag less free sag, as a share of travel, where springs suit their rider. Rear: between road (0.19), loaded touring (0.175) and
 * competition targets (0.225) of the reference, from memory; front: fork springs sold for a rider's mass, common practice, no source.
 */
const SAG_SPREAD: Readonly<Record<SuspensionEnd, readonly [number, number, number]>> = {
  front: [0.055, 0.072, 0.095],
  rear: [0.17, 0.2, 0.23],
};
/** The air shut in a fork leg carries so much of what its spring carries in the first third of its way. Own assumption, low confidence. */
const AIR = [0.04, 0.1, 0.18] as const;
/** Rider sag that springs are set to for the rider they suit, as a share of travel: the middle of 25 to 33 % (reference, from memory). */
export const SAG_SET = 0.3;
/** Seals and bushes hold this much, mm (reference, from memory). */
const FRICTION = 8;
/** Rider sag that is usual for touring, as a share of travel (reference, from memory). */
export const TOURING_SAG = { low: 0.25, high: 0.33 } as const;
/** Rider sag outside this share of the travel calls for a word: 25 to 33 % for touring, up to 38 % in competition (from memory). */
export const SAG_BOUNDS = { low: 0.22, high: 0.36 } as const;

/** What the words of a sag name. */
export const SAG_FACTS = { friction_mm: FRICTION, set: SAG_SET } as const;

const spreadOf = (end: SuspensionEnd) => {
  const [low, mid, high] = SAG_SPREAD[end];
  return source(`sag-spread/${end}`, between(low, high, mid));
};

/** How much further an end sags for each kilogram of rider, mm of travel: from its springs alone. */
export type SagPerKg = Estimate;

/** A fork: share of the rider × g × cos rake ÷ (2 × leg rate × (1 + air)). Rate of one leg in N/mm, rake in degrees. */
export const forkSagPerKg = (legRate: Estimate, rake: Estimate): SagPerKg =>
  combine(
    [legRate, rake, source('fork-air', between(AIR[0], AIR[2], AIR[1]))] as const,
    (k, deg, air) =>
      (RIDER_SHARE.front * STANDARD_GRAVITY * Math.cos((deg * Math.PI) / 180)) /
      (2 * k * (1 + air)),
  );

/** A linkage that is told at both ends of the wheel's way; its ratio changes evenly between them. */
export interface Progression {
  readonly atTop: Estimate;
  readonly travel: Estimate<Millimetres>;
}
/** Preload on a shock as the book sets it, mm; it matters only where the linkage progresses. Own assumption. */
const SHOCK_PRELOAD = [4, 10, 18] as const;

/**
 * A shock: share of the rider × g ÷ wheel rate. Even linkage: rate × motion ratio². A progressive one: the mean rate between free and rider
 * sag, of F(x) = k·(S(x) + preload)·MR(x) with S the shock's way, MR integrated over the wheel's (virtual work).
 */
export const shockSagPerKg = (
  rate: Estimate,
  motionRatio: Estimate,
  progression?: Progression,
): SagPerKg => {
  const per = (wheelRate_Npmm: number) => (RIDER_SHARE.rear * STANDARD_GRAVITY) / wheelRate_Npmm;
  if (!progression) return combine([rate, motionRatio] as const, (k, mr) => per(k * mr ** 2));
  const [least, usual, most] = SHOCK_PRELOAD;
  const { atTop, travel } = progression;
  return combine(
    [
      rate,
      motionRatio,
      atTop,
      travel,
      source('shock-preload', between(least, most, usual)),
    ] as const,
    (k, start, end, t, preload) => {
      const force = (x: number) =>
        k * (shockWay(start, end, t, x) + preload) * motionRatioAt(start, end, x / t);
      const [free, laden] = [(SAG_SET - SAG_SPREAD.rear[1]) * t, SAG_SET * t];
      return per((force(laden) - force(free)) / (laden - free));
    },
  );
};

/** Motion ratio where the wheel has gone up by a share of its travel. */
export const motionRatioAt = (start: number, end: number, share: number): number =>
  start + (end - start) * share;

/** How far the shock is pressed in where the wheel has gone up x, mm: the motion ratio over the way. */
const shockWay = (start: number, end: number, travel_mm: number, x_mm: number): number =>
  start * x_mm + ((end - start) * x_mm ** 2) / (2 * travel_mm);

/** The rider whom springs suit, kg bare: whose weight makes the difference between free and rider sag that it should be. */
export const riderSprungFor = (
  end: SuspensionEnd,
  perKg: SagPerKg,
  travel: Estimate<Millimetres>,
): Estimate<Kilograms> =>
  combine(
    [perKg, travel, spreadOf(end)] as const,
    (mm, t, spread) => ((spread * t) / mm) as Kilograms,
  );

/** The other way round: how stiff springs are that suit a rider of so many kg. */
export const perKgOf = (
  end: SuspensionEnd,
  suits: Estimate,
  travel: Estimate<Millimetres>,
): SagPerKg =>
  combine([suits, travel, spreadOf(end)] as const, (kg, t, spread) => (spread * t) / kg);

/**
 * Rider sag with preload as the book sets it for the rider whom the springs suit, as a share of travel: 0.3, and more by what is carried
 * beyond him. The same numbers say whether springs suit, so the two cannot contradict each other.
 */
export const sagShare = (
  carried_kg: number,
  suits: Estimate,
  perKg: SagPerKg,
  travel: Estimate<Millimetres>,
): Estimate =>
  combine(
    [suits, perKg, travel, source('stiction', plusMinus(0, FRICTION))] as const,
    (kg, mm, t, friction) =>
      Math.min(1, Math.max(0, SAG_SET + ((carried_kg - kg) * mm + friction) / t)),
  );
