import type { Estimate, Known } from '../numeric';
import type { FigureKey } from '../readings';
import type { MetricKey } from './metric-keys';
import type { WorkingInput } from './working-inputs';

/** One reason of an index and its share of the whole, 0–1. */
export interface ReasonWeight {
  readonly name: string;
  readonly weight: number;
}

/** What the cost of keeping was reckoned with: the machine that the brief's wear is meant for, and who changes the oil. */
interface KeepingFacts {
  readonly partsLost: boolean;
  readonly oilAtHome: boolean;
  readonly loaded_kg: number;
  readonly power_kW: number;
}

/**
 * What the words of a formula need beside its inputs: the constants that were reckoned with, and which way was taken. The screen
 * words them by the metric's key, so that no sentence repeats a constant.
 */
export interface FormulaFacts {
  readonly heelGap: { readonly ownOffset: boolean; readonly inseamMeasured: boolean };
  readonly loadedMass: { readonly passenger: boolean };
  /** What load and headwind cost of it at the middles, L/100 km; absent where it is not known. */
  readonly consumption: {
    readonly load_L: number | undefined;
    readonly wind_L: number | undefined;
  };
  readonly suspension: { readonly springSlack: number };
  readonly wheels: { readonly weights: readonly ReasonWeight[] };
  readonly protection: { readonly weights: readonly ReasonWeight[] };
  readonly wind: { readonly weights: readonly ReasonWeight[] };
  readonly support: { readonly weights: readonly ReasonWeight[] };
  readonly aids: { readonly weights: readonly ReasonWeight[] };
  /** Litres that a kilogram of luggage takes, where the brief does not say its room. */
  readonly luggageRoom: { readonly perKg_L: number | undefined };
  readonly comfort: {
    readonly weights: readonly ReasonWeight[];
    /** By how much the rider calls other revs fine, as a share of the redline; absent: as is usual. */
    readonly ownRevs: number | undefined;
    /** The wanted cruise lies where the rider felt it buzz. */
    readonly buzzing: boolean;
  };
  readonly liftBack: {
    readonly height_m: number;
    readonly lever_m: number;
    readonly angle_deg: number;
  };
  readonly outlay: { readonly onTheRoad: { readonly low: number; readonly high: number } };
  readonly climb: { readonly limit: 'thrust' | 'tipping' | 'grip' | undefined };
  readonly rollOn: { readonly from_kmh: number; readonly to_kmh: number };
  readonly zeroToHundred: { readonly honest_s: number };
  readonly lift: {
    readonly height_m: number;
    readonly lever_m: number;
    readonly angle_deg: number;
  };
  readonly tripServices: { readonly stretched: boolean };
  readonly wattsLeft: { readonly share: number; readonly pace: 'cruise' | 'slow' };
  readonly wattsSlow: { readonly share: number; readonly pace: 'cruise' | 'slow' };
  readonly standingRoom: {
    readonly grips_mm: number;
    readonly stature_mm: number;
    /** By how it felt, since nobody has measured it. */
    readonly felt: boolean;
  };
  readonly powerThere: {
    readonly pressure_kPa: number;
    readonly pressurePower: number;
    readonly temperature_K: number;
    readonly temperaturePower: number;
  };
  readonly sagFront: { readonly friction_mm: number; readonly set: number };
  readonly sagRear: { readonly friction_mm: number; readonly set: number };
  readonly resale: {
    readonly isNew: boolean;
    readonly newFirst: number;
    readonly newLater: number;
    readonly used: number;
  };
  readonly yearlyCost: KeepingFacts;
  readonly costPerKm: KeepingFacts;
}

/** The facts of one metric's formula; `undefined` where its inputs say all. */
export type FactsOf<K extends MetricKey> = K extends keyof FormulaFacts
  ? FormulaFacts[K]
  : undefined;

/** Which formula a metric was computed by, and its facts. */
export type Formula = {
  readonly [K in MetricKey]: { readonly code: K; readonly facts: FactsOf<K> };
}[MetricKey];

/** How a figure came about, for show: nothing reads a number out of it. */
export interface Working {
  readonly formula: Formula;
  readonly inputs: readonly WorkingInput[];
}

export interface Metric {
  readonly key: MetricKey;
  readonly estimate: Estimate;
  /** What it counts as where the estimate is not known; absent: as bad as can be, in the table of draws anything. */
  readonly standIn?: Known | undefined;
  /** Figures that nobody has given and that it rests on, what is typical of the class standing in; absent: none. */
  readonly typical?: readonly FigureKey[] | undefined;
  readonly working: Working;
}

/** A metric with its formula's code; facts are asked for where its formula has some. */
export function metric<K extends MetricKey>(
  key: K,
  estimate: Estimate,
  inputs: readonly WorkingInput[],
  ...[facts]: FactsOf<K> extends undefined ? [] : [FactsOf<K>]
): Metric {
  const typical = [...new Set(inputs.flatMap((input) => input.typical ?? []))];
  return {
    key,
    estimate,
    ...(typical.length > 0 ? { typical } : {}),
    working: { formula: { code: key, facts } as Formula, inputs },
  };
}
