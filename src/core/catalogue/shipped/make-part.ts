import { DONOR_CLASSES, type DonorClass } from '../../donor';
import type { AffectedFigure, Part, PartEffect, PartFlag, PartKind } from '../../part';
import type { CurrencyCode } from '../../units';

export const set = (figure: AffectedFigure, amount: number): PartEffect => ({
  figure,
  change: 'set',
  amount,
});
/** How far what a part adds to a figure, or multiplies it by, lies off what it is sold with, nine times in ten. Own assumption. */
const OFF = {
  add: { seatHeight: 5, clearance: 5, travelFront: 5, travelRear: 5, barHeight: 4 },
  scale: { consumption: 0.015, power: 0.015 },
} as const;
const withSpread = (effect: PartEffect): PartEffect => {
  const off = (OFF[effect.change as 'add' | 'scale'] as Partial<Record<AffectedFigure, number>>)[
    effect.figure
  ];
  return off === undefined ? effect : { ...effect, spread: off };
};
export const add = (figure: AffectedFigure, amount: number): PartEffect =>
  withSpread({ figure, change: 'add', amount });
export const times = (figure: AffectedFigure, amount: number): PartEffect =>
  withSpread({ figure, change: 'scale', amount });

interface Extra {
  readonly currency?: CurrencyCode;
  readonly workshop?: boolean;
  readonly effects?: readonly PartEffect[];
  readonly needs?: readonly (readonly string[])[];
  readonly shutsOut?: readonly string[];
  readonly slot?: string;
  readonly classes?: readonly DonorClass[];
  readonly flags?: readonly PartFlag[];
  readonly reversible?: boolean;
  readonly leadTime_days?: number;
  readonly note?: string;
  readonly replaces?: string;
  readonly legal?: string;
  readonly warranty?: string;
  readonly sets?: Part['sets'];
}

/** id, name, kind, price, fitting hours, mass change in kg, and whatever is out of the ordinary. */
export const part = (
  id: string,
  name: string,
  kind: PartKind,
  price: number,
  fitting_h: number,
  mass_kg: number,
  extra: Extra = {},
): Part => ({
  id,
  name,
  kind,
  price: { amount: price, currency: extra.currency ?? 'EUR' },
  fitting_h,
  workshop: extra.workshop ?? false,
  mass_kg,
  effects: extra.effects ?? [],
  needs: extra.needs ?? [],
  shutsOut: extra.shutsOut ?? [],
  slot: extra.slot ?? '',
  fits: extra.classes ? { kind: 'classes', classes: extra.classes } : { kind: 'all' },
  flags: extra.flags ?? [],
  reversible: extra.reversible ?? true,
  leadTime_days: extra.leadTime_days ?? 5,
  note: extra.note ?? '',
  ...(extra.sets === undefined ? {} : { sets: extra.sets }),
  ...(extra.replaces === undefined ? {} : { replaces: extra.replaces }),
  ...(extra.legal === undefined ? {} : { legal: extra.legal }),
  ...(extra.warranty === undefined ? {} : { warranty: extra.warranty }),
});

export const TRAIL: readonly DonorClass[] = [
  'air-trail-single',
  'dual-sport-single',
  'long-range-dual-sport',
  'competition-single',
];
export const ROAD: readonly DonorClass[] = [
  'road-adventure-single',
  'scrambler-single',
  'road-v-twin',
];
export const LIQUID: readonly DonorClass[] = [
  'dual-sport-single',
  'long-range-dual-sport',
  'competition-single',
  'road-adventure-single',
  'scrambler-single',
  'rally-twin',
];
export const NOT_COMPETITION = DONOR_CLASSES.filter((c) => c !== 'competition-single');
