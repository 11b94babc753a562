import type { DonorFacts } from '../facts';
import type { DonorFigures, FigureKey, Origin } from '../readings';
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

/** What putting one thing right may cost, in any currency. */
export const MENDING_LIMITS = { min: 0, max: 100_000 } as const;

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
  /** ISO day on which it was fitted; absent: not known. */
  readonly on?: string | undefined;
}

export const MACHINE_STATES = ['for-sale', 'owned', 'sold'] as const;
export type MachineState = (typeof MACHINE_STATES)[number];

/** What is known of one machine beside its sheet. While it is for sale, its price is the `price` figure, basis `asked`. */
export interface MachineFacts {
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

/** A class that a machine may be of, and how likely. */
export interface ClassChance {
  readonly donorClass: DonorClass;
  /** 0–1; those of one machine add to 1. */
  readonly chance: number;
}

/** What every donor has: its name, its class and as much of its sheet as is its own. */
export interface DonorSheet {
  readonly id: string;
  readonly maker: string;
  readonly model: string;
  /** Version, market or year, in the rider's words. */
  readonly version: string;
  readonly donorClass: DonorClass;
  /** Nobody has said the class: it was guessed from a text. */
  readonly classGuessed?: boolean | undefined;
  readonly figures: DonorFigures;
  readonly note: string;
  readonly facts?: DonorFacts | undefined;
  readonly weakPoints?: readonly WeakPoint[] | undefined;
  readonly tags?: readonly string[] | undefined;
  /** Put away: not in the list unless asked for. */
  readonly archived?: boolean | undefined;
  /** Figures that stand on another donor's sheet, and on whose; filled in by `resolveDonor`, never stored. */
  readonly inherited?: { readonly [K in FigureKey]?: string | undefined } | undefined;
  /** The model at the end of its line; filled in by `resolveDonor`, never stored. */
  readonly root?: string | undefined;
  /** Where its class is only guessed: the classes it may be of; filled in by `withLikelyClasses`, never stored. */
  readonly likelyClasses?: readonly ClassChance[] | undefined;
}

/** A stock model. */
export interface Model extends DonorSheet {
  readonly kind: 'model';
}

/** A version of a model: holds only what differs. */
export interface ModelVariant extends DonorSheet {
  readonly kind: 'variant';
  readonly baseId: string;
  readonly variant: Variant;
}

/** One machine that stands somewhere: for sale, the rider's own, or sold. Holds only what differs from what it is one of. */
export interface Machine extends DonorSheet {
  readonly kind: 'machine';
  /** The model or variant it is one of; absent: it is in nobody's list. */
  readonly baseId?: string | undefined;
  /** That of the variant it is one of; filled in by `resolveDonor`. */
  readonly variant?: Variant | undefined;
  readonly state: MachineState;
  readonly machine: MachineFacts;
}

/** Anything that can stand on the shortlist. `resolveDonor` fills in what a variant or machine inherits. */
export type Donor = Model | ModelVariant | Machine;
export type DonorKind = Donor['kind'];

/** What a donor stands on; `undefined` for a model, and for a machine that is one of nothing in the list. */
export const baseOf = (donor: Donor): string | undefined =>
  donor.kind === 'model' ? undefined : donor.baseId;

/** Model alone where there is one: short enough for a table's head. A variant or machine says which. */
export const shortName = (donor: Donor): string =>
  `${donor.model || 'Unnamed'}${baseOf(donor) === undefined || !donor.version ? '' : ` (${donor.version})`}`;

/** Names what a machine has in common with all others of its model, where nothing of its own is known. */
export const kindOfMachine = ({ id, root }: Pick<DonorSheet, 'id' | 'root'>): string => root ?? id;

/** Maker and model, or what there is of them. */
export const donorName = (donor: Pick<DonorSheet, 'maker' | 'model'>): string =>
  [donor.maker, donor.model].filter(Boolean).join(' ') || 'Unnamed donor';

/** Maker and model and, for a variant or machine, which. */
export const fullName = (donor: Donor): string =>
  baseOf(donor) === undefined || !donor.version
    ? donorName(donor)
    : `${donorName(donor)}, ${donor.version}`;
