import type { DonorFacts } from '../facts';
import type { DonorFigures, Origin } from '../readings';
import type { CurrencyCode } from '../units';

/** The kinds of stock machine that riders weigh up against each other. */
export const DONOR_CLASSES = [
  'air-trail-single',
  'dual-sport-single',
  'long-range-dual-sport',
  'competition-single',
  'road-adventure-single',
  'scrambler-single',
  'rally-twin',
  'road-v-twin',
  'large-adventure-twin',
] as const;
export type DonorClass = (typeof DONOR_CLASSES)[number];

/** A known weak point of a model, or what was found on one machine. */
export interface WeakPoint {
  readonly id: string;
  readonly what: string;
  /** What putting it right costs; absent: not known. */
  readonly cost?: { readonly amount: number; readonly currency: CurrencyCode } | undefined;
  /** Has to be put right before the machine is used: its cost counts in the outlay. */
  readonly mend: boolean;
  readonly origin: Origin;
  readonly note: string;
}

/** A part that already sits on one machine. `wear` 0 is new, 1 is worn out. */
export interface FittedPart {
  readonly partId: string;
  readonly wear: number;
}

/** What makes one machine for sale that machine. Its price is the `price` figure, basis `asked`. */
export interface Listing {
  readonly odometer_km?: number | undefined;
  readonly hours?: number | undefined;
  readonly year?: number | undefined;
  /** Distance to collect it. */
  readonly collect_km?: number | undefined;
  readonly fitted: readonly FittedPart[];
}

export const TUNES = ['full', 'restricted'] as const;
export const SEAT_VERSIONS = ['standard', 'low'] as const;

/** What tells a version from its model. */
export interface Variant {
  readonly year?: number | undefined;
  readonly market?: string | undefined;
  readonly tune?: (typeof TUNES)[number] | undefined;
  readonly seat?: (typeof SEAT_VERSIONS)[number] | undefined;
}

/**
 * A stock model, a variant of one, or one machine for sale. A variant or listing names its base and holds only what differs;
 * `resolveDonor` fills in the rest.
 */
export interface Donor {
  readonly id: string;
  readonly maker: string;
  readonly model: string;
  /** Version, market or year, in the rider's words. */
  readonly version: string;
  readonly donorClass: DonorClass;
  readonly figures: DonorFigures;
  readonly note: string;
  readonly baseId?: string | undefined;
  readonly facts?: DonorFacts | undefined;
  readonly weakPoints?: readonly WeakPoint[] | undefined;
  readonly variant?: Variant | undefined;
  readonly listing?: Listing | undefined;
  readonly tags?: readonly string[] | undefined;
  /** Put away: not in the list unless asked for. */
  readonly archived?: boolean | undefined;
}

export type DonorKind = 'model' | 'variant' | 'listing';

/** A listing is one machine; a variant has a base; everything else is a model. */
export const donorKind = (donor: Pick<Donor, 'baseId' | 'listing'>): DonorKind =>
  donor.listing ? 'listing' : donor.baseId === undefined ? 'model' : 'variant';

/** Model alone where there is one: short enough for a table's head. A variant or listing says which. */
export const shortName = (donor: Pick<Donor, 'model' | 'version' | 'baseId'>): string =>
  `${donor.model || 'Unnamed'}${donor.baseId === undefined || !donor.version ? '' : ` (${donor.version})`}`;

/** Maker and model, or what there is of them. */
export const donorName = (donor: Pick<Donor, 'maker' | 'model'>): string =>
  [donor.maker, donor.model].filter(Boolean).join(' ') || 'Unnamed donor';
