import type { FigureKey } from '../../readings';
import { unitEntry, type CurrencyCode, type Dimension, type UnitId } from '../../units';
import type { TextUnit } from '../lattice/written-units';

/** What the whole text decides about its units. */
export interface TextUnits {
  /** Which gallon and mpg; undefined: open. */
  readonly gallon: 'us' | 'imp' | undefined;
  /** Whose dollar; undefined: open. */
  readonly dollar: CurrencyCode | undefined;
  /** Where it is open, whose it is likeliest. */
  readonly likelyDollar?: CurrencyCode | undefined;
  /** The same of a sum without a sign. */
  readonly likelyMoney?: CurrencyCode | undefined;
  /** Whose crowns; undefined: open. */
  readonly crowns?: CurrencyCode | undefined;
  /** Where it is open, whose they are likeliest. */
  readonly likelyCrowns?: CurrencyCode | undefined;
  /** What a sum without a sign is in; undefined: open. */
  readonly money: CurrencyCode | undefined;
  /** The commonest written unit of each dimension. */
  readonly usual: { readonly [D in Dimension]?: UnitId };
  /** It is written in a language of the continent, where a bare power is in PS. */
  readonly continental?: true;
  /** What distances are in; undefined: the text has none. */
  readonly distance: 'km' | 'mi' | undefined;
}

/** What stands before the text has decided anything. */
export const UNDECIDED: TextUnits = {
  gallon: undefined,
  dollar: undefined,
  money: undefined,
  distance: undefined,
  usual: {},
};

/** One way to take a written unit. */
export interface UnitSense {
  readonly dimension: Dimension;
  readonly units: readonly UnitId[];
  /** What the text leaves open. */
  readonly open?: 'gallon' | 'currency';
  readonly times?: number;
}

const gallons = (which: TextUnits['gallon'], stem: 'gal' | 'mpg'): readonly UnitId[] =>
  which === undefined ? [`${stem}-us`, `${stem}-imp`] : [`${stem}-${which}`];

/** The ways to take a written unit; none for a bare number. */
export function sensesOf(unit: TextUnit | undefined, text: TextUnits): readonly UnitSense[] {
  switch (unit) {
    case undefined:
      return [];
    case 'gallon':
      return [open('volume', gallons(text.gallon, 'gal'), text.gallon, 'gallon')];
    case 'mpg':
      return [open('consumption', gallons(text.gallon, 'mpg'), text.gallon, 'gallon')];
    case 'dollar':
      return [open('money', [text.dollar ?? text.likelyDollar ?? 'USD'], text.dollar, 'currency')];
    case 'money':
      return [open('money', [text.money ?? text.likelyMoney ?? 'USD'], text.money, 'currency')];
    case 'other-money':
      return [];
    case 'crowns':
      return [open('money', [text.crowns ?? text.likelyCrowns ?? 'SEK'], text.crowns, 'currency')];
    case 'pounds':
      // Where money is in dollars of the States, pounds are weighed.
      return text.money === 'USD'
        ? [{ dimension: 'mass', units: ['lb'] }]
        : [
            { dimension: 'mass', units: ['lb'] },
            { dimension: 'money', units: ['GBP'] },
          ];
    case 'km-thousands':
      return [{ dimension: 'distance', units: ['km'], times: 1000 }];
    case 'mil':
      return [{ dimension: 'distance', units: ['km'], times: 10 }];
    case 'L/mil':
      return [{ dimension: 'consumption', units: ['L/100km'], times: 10 }];
    case 'L':
      return [
        { dimension: 'volume', units: ['L'] },
        { dimension: 'consumption', units: ['L/100km'] },
      ];
    default:
      return [{ dimension: unitEntry(unit).dimension, units: [unit] }];
  }
}

const open = (
  dimension: Dimension,
  units: readonly UnitId[],
  decided: string | undefined,
  what: 'gallon' | 'currency',
): UnitSense => ({ dimension, units, ...(decided === undefined ? { open: what } : {}) });

/** Figures that a unit alone gives away, though never for certain. */
export const BY_UNIT: Partial<Record<Dimension, FigureKey>> = {
  power: 'power',
  torque: 'torque',
  consumption: 'consumption',
  displacement: 'displacement',
};
