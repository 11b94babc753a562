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

/** A shock: share of the rider × g ÷ (rate × motion ratio²). */
export const shockSagPerKg = (rate: Estimate, motionRatio: Estimate): SagPerKg =>
  combine(
    [rate, motionRatio] as const,
    (k, mr) => (RIDER_SHARE.rear * STANDARD_GRAVITY) / (k * mr ** 2),
  );

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
