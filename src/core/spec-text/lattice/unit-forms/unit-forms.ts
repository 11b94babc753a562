import type { UnitWord } from '../../../units';

/** A unit as a text writes it: gallons of no country, money of no country and pounds of no kind are settled by the text. */
export type TextUnit =
  | UnitWord
  | 'money'
  | 'dollar'
  | 'pounds'
  | 'km-thousands'
  | 'mil'
  | 'L/mil'
  | 'crowns'
  /** Money that Jugator has no rate and no limits for. */
  | 'other-money';

/** How units are written in running text, beyond the single words of `core/units`: sources of patterns, longest first when matched. */
export type UnitForms = Readonly<Partial<Record<TextUnit, readonly string[]>>>;
