import type { Licence } from '../brief';
import type { LicenceRule } from '../licence';

export interface OverLimit {
  readonly end: 'front' | 'rear';
  readonly over_kg: number;
  readonly perhaps?: true;
}

export interface SpringsOff {
  readonly end: 'front' | 'rear';
  readonly suits_kg: number;
  readonly carried_kg: number;
  readonly sag: number;
}

/** What can hurt, as a code and its facts; the screen has the words, what to do and whom to ask. */
export type Caution =
  /** `typical`: the permitted maximum or the mass is only typical of the class. */
  | { readonly code: 'over-permitted-mass'; readonly over_kg: number; readonly typical?: true }
  | { readonly code: 'near-permitted-mass'; readonly share: number; readonly typical?: true }
  | {
      readonly code: 'licence-not-legal';
      readonly rules: readonly LicenceRule[];
      readonly licence: Licence;
    }
  /** Rules too near to say; `rounded`: the power is quoted in horsepower, which rounds the kilowatts of the papers. */
  | {
      readonly code: 'licence-unsure';
      readonly near: readonly LicenceRule[];
      readonly licence: Licence;
      readonly rounded: boolean;
    }
  | { readonly code: 'tiptoe-on-loose'; readonly looseShare: number }
  | { readonly code: 'fuel-gap-over-range'; readonly short_km: number }
  | { readonly code: 'cruise-not-held'; readonly cruise_kmh: number; readonly headwind_kmh: number }
  | { readonly code: 'light-front'; readonly share: number }
  /** `over_kg` at the worst end of what is not sure; `perhaps`: at the best end it is within. */
  | ({ readonly code: 'over-axle-limit' } & OverLimit)
  | ({ readonly code: 'over-tyre-load' } & OverLimit)
  /** The worse end: the rider its springs suit, what they carry as if it were rider, and the sag that follows, a share of travel. */
  | ({ readonly code: 'springs-do-not-suit' } & SpringsOff)
  | { readonly code: 'watts-short'; readonly short_W: number }
  /** Enough at the cruise, short at the slow pace of town and rough ground. */
  | { readonly code: 'watts-short-slow'; readonly short_W: number }
  | { readonly code: 'no-passenger' }
  /** More behind the seat than the rack carries. */
  | { readonly code: 'over-rack-limit'; readonly over_kg: number }
  /** More at the sides than the carriers bear, bags and cases with them. */
  | { readonly code: 'over-carrier-limit'; readonly over_kg: number }
  /** Luggage behind the seat on a frame that has nothing to carry it. */
  | { readonly code: 'no-subframe'; readonly luggage_kg: number }
  /** Lifting it takes more than the rider says, with the back to it. */
  | { readonly code: 'too-heavy-to-lift'; readonly asks_kg: number; readonly can_kg: number }
  /** The machine has the power to go faster than the tyre's speed symbol allows. */
  | { readonly code: 'tyre-speed'; readonly end: 'front' | 'rear'; readonly allows_kmh: number }
  /** A tyre or chain that does not last the trip. */
  | { readonly code: 'wears-out'; readonly what: 'tyre' | 'chain'; readonly lasts_km: number }
  /** Cold riding, and the watts that are left for heated kit. */
  | { readonly code: 'cold'; readonly cold_C: number; readonly watts: number | undefined }
  /** The longest day takes longer than there is light. */
  | {
      readonly code: 'into-the-dark';
      readonly longest_km: number;
      readonly light_h: number;
      readonly light_km: number;
    }
  | { readonly code: 'altitude'; readonly altitude_m: number }
  | { readonly code: 'service-stretched'; readonly percent: number }
  /** How much shorter the side stand should be, mm. */
  | {
      readonly code: 'lowered-without-stand';
      readonly partIds: readonly string[];
      readonly stand_mm: number;
    }
  | { readonly code: 'lowered-one-end'; readonly partIds: readonly string[] }
  | { readonly code: 'lowered'; readonly partIds: readonly string[] }
  | { readonly code: 'ends-approval'; readonly partIds: readonly string[] }
  | { readonly code: 'brake-hydraulics'; readonly partIds: readonly string[] }
  | { readonly code: 'specialist-shock'; readonly partIds: readonly string[] }
  | { readonly code: 'electrical-load'; readonly partIds: readonly string[] }
  | { readonly code: 'tyre-rating'; readonly partIds: readonly string[] }
  | { readonly code: 'speedometer'; readonly partIds: readonly string[] }
  | { readonly code: 'fuel-can'; readonly partIds: readonly string[] }
  | { readonly code: 'cable-reach'; readonly partIds: readonly string[] }
  | { readonly code: 'tell-insurer'; readonly partIds: readonly string[] };

export type CautionCode = Caution['code'];
