import type { DonorClass } from '../donor';
import type { FactKey } from '../facts';
import type { FigureKey } from '../readings';
import type { CurrencyCode } from '../units';

export const PART_KINDS = [
  'suspension',
  'seat',
  'controls',
  'protection',
  'luggage',
  'range',
  'gearing',
  'engine',
  'wheels',
  'tyres',
  'brakes',
  'wind',
  'electrics',
  'stand',
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** Figures of the machine that a part may change. Mass has a field of its own. */
export const AFFECTED_FIGURES = [
  'seatHeight',
  'tank',
  'consumption',
  'power',
  'travelFront',
  'travelRear',
  'clearance',
  'maxMass',
  'serviceInterval',
  'wheelFront',
  'wheelRear',
  'barHeight',
  'pegHeight',
  'sprocketFront',
  'sprocketRear',
  'stockDraw',
  'alternator',
  'rake',
  'trail',
  'luggageVolume',
  'rackLimit',
  'carrierLimit',
] as const satisfies readonly FigureKey[];
export type AffectedFigure = (typeof AFFECTED_FIGURES)[number];

/** What an effect can do to a figure, in the order in which they are applied, so that the order of a list does not matter. */
export const EFFECT_CHANGES = ['set', 'scale', 'add'] as const;
export type EffectChange = (typeof EFFECT_CHANGES)[number];

/** `add` and `set` are in the figure's base unit; `scale` is a factor. Every reader of a kind is a table over all of them, so that a new kind does not compile until each reader handles it. */
export interface PartEffect {
  readonly figure: AffectedFigure;
  readonly change: EffectChange;
  readonly amount: number;
  /** Nine in ten such parts do it within so much, in the unit of the amount. Absent: what it does is taken as told. */
  readonly spread?: number | undefined;
}

/** Facts that set off a caution. */
export const PART_FLAGS = [
  'lowers-one-end',
  'lowers-both-ends',
  'shortens-stand',
  'ends-approval',
  'brake-hydraulics',
  'specialist-shock',
  'electrical-load',
  'tyre-rating',
  'speedometer',
  'fuel-can',
  'cable-reach',
  'adds-travel-spring',
  'springs-front',
  'springs-rear',
  'unlocks',
] as const;
export type PartFlag = (typeof PART_FLAGS)[number];

export type PartFits =
  | { readonly kind: 'all' }
  | { readonly kind: 'classes'; readonly classes: readonly DonorClass[] }
  | { readonly kind: 'donors'; readonly donorIds: readonly string[] };

/** A modification that can be bought. */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly price: { readonly amount: number; readonly currency: CurrencyCode };
  readonly fitting_h: number;
  /** Must be fitted by a workshop. */
  readonly workshop: boolean;
  /** Net change of the machine's mass. */
  readonly mass_kg: number;
  readonly effects: readonly PartEffect[];
  /** Facts of the sheet that it changes, each to one of the fact's options. */
  readonly sets?: { readonly [K in FactKey]?: string | undefined } | undefined;
  /** Every group must be met; one part of a group meets it. */
  readonly needs: readonly (readonly string[])[];
  readonly shutsOut: readonly string[];
  /** Only one part of a slot fits. Empty: takes no slot. */
  readonly slot: string;
  readonly fits: PartFits;
  readonly flags: readonly PartFlag[];
  readonly reversible: boolean;
  readonly leadTime_days: number;
  readonly note: string;
  /** What stock part comes off, in words. */
  readonly replaces?: string | undefined;
  /** What it does to approval, papers or insurance. */
  readonly legal?: string | undefined;
  /** What it does to the machine's warranty. */
  readonly warranty?: string | undefined;
  /** Entered by the rider, not shipped. */
  readonly own?: boolean | undefined;
}

/** Domains of a part's own figures; schema, editor and table reader read them. Money is in the part's currency. */
export const PART_LIMITS = {
  price: { min: 0, max: 100000 },
  fitting_h: { min: 0, max: 200 },
  mass_kg: { min: -60, max: 60 },
  leadTime_days: { min: 0, max: 400 },
} as const;
