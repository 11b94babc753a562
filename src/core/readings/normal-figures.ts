import { source, unknown, type Estimate, type Known } from '../numeric';
import type { Kilograms, Litres, LitresPer100Km, Millimetres } from '../units';
import { crankFrom } from './crank-power';
import { figureDefinition, FIGURE_KEYS, type Basis, type FigureKey } from './figure-definitions';
import { mixedConsumption } from './mixed-consumption';
import { quotedInterval } from './quoted-interval';
import { readingInUse } from './reading-in-use';
import type { DonorFigures, Reading } from './reading';
import { readyMass } from './ready-mass';
import { realTravel } from './real-travel';

/** One figure on the basis everything is compared on, with the reading it came from. */
export interface NormalFigure {
  readonly estimate: Estimate;
  readonly basis: Basis;
  readonly reading?: Reading | undefined;
  /** Figures that it rests on and that nobody has given: what is typical of the class stands in. Absent: none. */
  readonly typical?: readonly FigureKey[] | undefined;
}

/** What stands in for a figure that nobody has given; `undefined`: nothing does. */
export type Usual = (key: FigureKey) => Known | undefined;
const NOTHING_USUAL: Usual = () => undefined;

export type NormalFigures = Readonly<Record<FigureKey, NormalFigure>>;

/** Turns a price reading into the rider's currency and the on-the-road basis. `key` names its source. */
export type PriceModel = (reading: Reading, key: string) => Estimate;

/** Whose sheet it is: which donor each line of it was written on, so that what is inherited is one source. */
export interface SheetOwner {
  readonly id: string;
  /** Lines that stand on another donor's sheet. */
  readonly inherited?: { readonly [K in FigureKey]?: string | undefined } | undefined;
}
const NOBODY: SheetOwner = { id: '' };

const NORMAL_BASIS: Partial<Record<FigureKey, Basis>> = {
  mass: 'ready',
  power: 'crank',
  unrestrictedPower: 'crank',
  torque: 'crank',
  travelFront: 'taped-travel',
  travelRear: 'taped-travel',
  consumption: 'mixed',
  price: 'on-the-road',
};

/**
 * Every figure of a donor on one basis, in base units: ready to ride with a full tank, at the crank, as taped,
 * in mixed riding, on the road. A seat height keeps its version (standard or low), since no rule turns one into the other. A figure that
 * nobody has given is what `usual` says of it, and is marked as typical.
 */
export const normalFigures = (
  figures: DonorFigures,
  price: PriceModel,
  owner: SheetOwner = NOBODY,
  usual: Usual = NOTHING_USUAL,
): NormalFigures =>
  Object.fromEntries(
    FIGURE_KEYS.map((key) => [key, normalFigure(figures, key, price, owner, usual)]),
  ) as Record<FigureKey, NormalFigure>;

/** One of {@link normalFigures}; for a ready mass the tank is read as well. */
export function normalFigure(
  figures: DonorFigures,
  key: FigureKey,
  price: PriceModel,
  owner: SheetOwner = NOBODY,
  usual: Usual = NOTHING_USUAL,
): NormalFigure {
  const reading = readingInUse(figures[key]);
  if (!reading) {
    const basis = NORMAL_BASIS[key] ?? figureDefinition(key).bases[0];
    const stands = usual(key);
    return stands
      ? { estimate: stands, basis, typical: [key] }
      : { estimate: unknown(key), basis: NORMAL_BASIS[key] ?? 'stated' };
  }
  const estimate =
    figureDefinition(key).dimension === 'money'
      ? price(reading, sourceKey(key, reading, owner))
      : onNormalBasis(key, reading, figures, owner, usual);
  const typical: readonly FigureKey[] =
    key === 'mass' && reading.basis !== 'ready' && !readingInUse(figures.tank) && usual('tank')
      ? ['tank']
      : [];
  return {
    estimate,
    basis: NORMAL_BASIS[key] ?? reading.basis,
    reading,
    ...(typical.length > 0 ? { typical } : {}),
  };
}

/** The machine whose sheet a line stands on. */
const machineOf = (key: FigureKey, owner: SheetOwner): string => owner.inherited?.[key] ?? owner.id;

/** What names the true value behind a reading. Two readings that say the same on two machines are two. */
const sourceKey = (key: FigureKey, { id, amount, unit }: Reading, owner: SheetOwner): string =>
  `reading/${machineOf(key, owner)}/${key}/${id}/${amount}/${unit}`;

const quotes = new WeakMap<Reading, { readonly name: string; readonly quoted: Known }>();

/** A reading as a source; kept with the reading, since its rows are asked for after every edit of the brief. */
function quotedOnce(key: FigureKey, reading: Reading, owner: SheetOwner): Known {
  const name = sourceKey(key, reading, owner);
  const kept = quotes.get(reading);
  if (kept?.name === name) return kept.quoted;
  const quoted = source(name, quotedInterval(key, reading), { cut: figureDefinition(key).limits });
  quotes.set(reading, { name, quoted });
  return quoted;
}

function onNormalBasis(
  key: FigureKey,
  reading: Reading,
  figures: DonorFigures,
  owner: SheetOwner,
  usual: Usual,
): Estimate {
  const machine = machineOf(key, owner);
  const quoted = quotedOnce(key, reading, owner);
  switch (key) {
    case 'mass':
      return readyMass(
        quoted as Known<Kilograms>,
        reading.basis,
        normalFigure(figures, 'tank', () => unknown('tank'), owner, usual)
          .estimate as Estimate<Litres>,
        machine,
      );
    case 'power':
    case 'unrestrictedPower':
    case 'torque':
      return crankFrom(quoted, reading.basis, machine);
    case 'travelFront':
    case 'travelRear':
      return realTravel(quoted as Known<Millimetres>, reading.basis, machine);
    case 'consumption':
      return mixedConsumption(quoted as Known<LitresPer100Km>, reading.basis, machine);
    default:
      return quoted;
  }
}
