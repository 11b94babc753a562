import type { Brief } from '../brief';
import type { LicenceResult } from '../licence';
import type { Estimate } from '../numeric';
import type { Part } from '../part';
import type { CautionCode, Caution, SpringsOff } from './caution';

export interface CautionFacts {
  readonly brief: Brief;
  readonly parts: readonly Part[];
  readonly licence: LicenceResult;
  /** The power is a maker's claim in horsepower. */
  readonly powerRounded: boolean;
  readonly heelGap: Estimate;
  readonly payloadLeft: Estimate;
  readonly loadedMass: Estimate;
  readonly range: Estimate;
  /** Share of power left at the cruise. */
  readonly cruisePower: Estimate;
  /** Whether the load left, or what the licence goes by, is only typical of the class. */
  readonly typical: { readonly payload: boolean; readonly licence: boolean };
  readonly frontShare: Estimate;
  /** Loads on the axles, kg. */
  readonly axles: Readonly<Record<'front' | 'rear', Estimate>>;
  readonly axleLimits: Readonly<Record<'front' | 'rear', Estimate>>;
  /** What the stock tyres may carry by their load index, kg. */
  readonly tyreLoads_kg: Readonly<Record<'front' | 'rear', number | undefined>>;
  /** Watts left at the cruise with the draw of the parts. */
  readonly watts: Estimate;
  /** The same at the slow pace of town and rough ground. */
  readonly wattsSlow: Estimate;
  /** Where springs are off by more than is let pass; absent where they suit, or nobody knows. */
  readonly springsOff: SpringsOff | undefined;
  /** The sheet's word on passengers. */
  readonly passenger: string | undefined;
  readonly rackLimit: Estimate;
  /** Both side carriers together, kg. */
  readonly carrierLimit: Estimate;
  /** The sheet's word on the subframe, and what hangs and lies behind the seat, kg. */
  readonly subframe: string | undefined;
  readonly behind_kg: { readonly tail: number; readonly panniers: number };
  /** What the legs have to push to start the fallen machine up, kg. */
  readonly liftBack: Estimate;
  /** What the tyres' speed symbols allow, km/h, and whether the machine has power and gears to go faster; false where nobody knows. */
  readonly tyreSpeeds_kmh: Readonly<Record<'front' | 'rear', number | undefined>>;
  readonly goesFasterThan: (kmh: number) => boolean;
  readonly tyreLife: Estimate;
  readonly chainLife: Estimate;
  /** Daylight on the shortest day, and how far it goes; absent where the brief does not say. */
  readonly light: { readonly hours: number; readonly distance_km: number } | undefined;
}

export type Of<C extends CautionCode> = Extract<Caution, { code: C }>;
export type Finder<C extends CautionCode> = (facts: CautionFacts) => readonly Of<C>[];
